package elsko.core.trueboat;

/** One stretch of a true water path: a vessel, or branches side by side. */
interface Stretch {
  /** What comes out at its end when so much comes in. */
  Pulse through(Pulse in, Thermostat thermostat);
}
