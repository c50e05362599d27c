package elsko.server.stores;

import java.util.List;

/**
 * Something that is kept on the shelf.
 *
 * @param key "product/NAME" for a fluid by lots, else what a card takes it as
 * @param unit L or pieces
 * @param usualPackage bought in packages of so much where nobody said otherwise
 * @param shelves what is counted and received: the lots of a fluid, else the item itself
 */
record Item(String key, String name, String unit, double usualPackage, List<String> shelves) {
  static final String LITERS = "L";
  static final String PIECES = "pieces";
  private static final String PRODUCT = "product/";
  private static final String LOT = "lot/";

  static String ofProduct(String name) {
    return PRODUCT + name;
  }

  static String ofLot(String number) {
    return LOT + number;
  }

  static String lotOf(String shelf) {
    return shelf.startsWith(LOT) ? shelf.substring(LOT.length()) : null;
  }
}
