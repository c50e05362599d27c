package elsko.core.ledger.fact;

import elsko.core.fluid.Product;

/**
 * One delivery of an antifreeze product, as it stood when it was used.
 *
 * @param number what is written on the jug
 * @param productName as the yard calls it
 */
public record Lot(String number, String productName, Product product) {}
