package elsko.server.demo;

import elsko.server.stores.Stores;
import java.util.Map;

/** What was counted on the shelf this morning. */
class FennholmStores {
  private static final Map<String, Double> COUNTED =
      Map.ofEntries(
          Map.entry("lot/P38-112", 386.0),
          Map.entry("lot/P38-097", 18.5),
          Map.entry("lot/P27-040", 40.0),
          Map.entry("descaler", 57.0),
          Map.entry("impeller", 3.0),
          Map.entry("anodes", 14.0),
          Map.entry("engine-oil", 9.0),
          Map.entry("fuel-filter", 6.0),
          Map.entry("coolant", 2.0));

  private final Stores stores;

  FennholmStores(Stores stores) {
    this.stores = stores;
  }

  void count() {
    COUNTED.forEach((shelf, quantity) -> stores.count(shelf, quantity, "coordinator"));
  }
}
