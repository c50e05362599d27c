package elsko.core.trueboat;

/**
 * Liquid on its way.
 *
 * @param glycol in it, in liters times mass fraction
 */
record Pulse(double liters, double glycol) {
  static final Pulse NOTHING = new Pulse(0, 0);

  static Pulse of(double liters, double massFraction) {
    return new Pulse(liters, liters * massFraction);
  }

  Pulse part(double part) {
    return new Pulse(liters * part, glycol * part);
  }

  Pulse and(Pulse other) {
    return new Pulse(liters + other.liters, glycol + other.glycol);
  }
}
