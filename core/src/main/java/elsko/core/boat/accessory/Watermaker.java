package elsko.core.boat.accessory;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.template.CircuitDraft;

/** Its membrane and pump are left to somebody trained on it. */
final class Watermaker {
  private Watermaker() {}

  static CircuitDraft written() {
    return Accessories.leftToASpecialist(Accessory.WATERMAKER, 3.0);
  }
}
