package elsko.server.demo;

import elsko.core.kit.KitKind;
import elsko.server.kit.Kit;

/** The pieces the yard made for its boats. */
class FennholmKit {
  private final Kit kit;

  FennholmKit(Kit kit) {
    this.kit = kit;
  }

  void hangUp() {
    kit.add("Blue tank", KitKind.TANK, "60 L");
    kit.add("White tank", KitKind.TANK, "40 L, one-way fitting");
    kit.add("Lid adapter, red", KitKind.STRAINER_ADAPTER, "lid 110 mm, thread M96, flat gasket");
    kit.add("Muffs, large", KitKind.MUFFS, "legs up to 12 cm");
    kit.add("Muffs, small", KitKind.MUFFS, "legs up to 8 cm");
    kit.add("Tee hose", KitKind.TEE_HOSE, "3/4 in, with valve");
    kit.add("Clear pipe", KitKind.INTAKE_PIPE, "25 mm inside, 2 m");
    kit.add("Jet hose", KitKind.PORT_CONNECTOR, "garden thread 3/4 in");
    kit.add("Bucket pump", KitKind.TRANSFER_PUMP, "two hoses of 32 mm");
  }
}
