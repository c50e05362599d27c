package elsko.core.boat.accessory;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.template.CircuitDraft;

/** Left dry by somebody trained on it. */
final class IceMaker {
  private IceMaker() {}

  static CircuitDraft written() {
    return Accessories.leftToASpecialist(Accessory.ICE_MAKER, 1.0);
  }
}
