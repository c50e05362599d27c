package elsko.core.trueboat;

import java.util.List;

/**
 * Branches side by side.
 *
 * @param shares of the flow, as they really are
 */
record Fork(List<List<Stretch>> branches, List<Double> shares) implements Stretch {
  @Override
  public Pulse through(Pulse in, Thermostat thermostat) {
    Pulse out = Pulse.NOTHING;
    for (int i = 0; i < branches.size(); i++) {
      Pulse passing = in.part(shares.get(i));
      for (Stretch stretch : branches.get(i)) {
        passing = stretch.through(passing, thermostat);
      }
      out = out.and(passing);
    }
    return out;
  }
}
