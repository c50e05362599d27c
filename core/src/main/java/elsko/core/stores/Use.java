package elsko.core.stores;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Something of an item is taken on a day.
 *
 * @param day null when the work it is for was not planned yet
 * @param boat whose work takes it
 */
public record Use(@Nullable LocalDate day, double quantity, String boat) {}
