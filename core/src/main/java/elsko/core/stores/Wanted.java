package elsko.core.stores;

/**
 * Something a step of a card takes from the shelf.
 *
 * @param item what: {@link StockDemand#ANTIFREEZE}, {@link StockDemand#DESCALER} or the key of an
 *     interval whose part it is
 * @param quantity L of a fluid, else pieces
 * @param step key of the step
 */
public record Wanted(String item, double quantity, String step) {}
