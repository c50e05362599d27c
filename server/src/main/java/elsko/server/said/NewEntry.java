package elsko.server.said;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;

/**
 * One entry as it is sent: whose it is and when, and beside that, in the same object, its kind and
 * the fields of that kind.
 *
 * @param id made by the sender, so that sending again stores nothing new; refused when missing
 * @param deviceTime when it happened, by the sender's clock
 * @param card the card it belongs to; for CARD_OPENED the id the new card gets
 * @param corrects the entry it replaces
 * @param downloadedAt when the device had last seen the boat, by its clock; an entry that is said
 *     to have happened before that proves nothing. May be left out
 * @param tap of the one tap that made it together with others, the same in all of them; may be left
 *     out
 * @param tapAfter in how many seconds the work of its step can have been done, with a {@code tap}
 *     that ends it; may be left out
 * @param kind as it was sent; null where it is missing
 * @param said null where there is no such kind
 */
@JsonDeserialize(using = NewEntryJson.Reader.class)
@JsonSerialize(using = NewEntryJson.Writer.class)
public record NewEntry(
    @Nullable UUID id,
    @Nullable Instant deviceTime,
    @Nullable UUID card,
    @Nullable String step,
    @Nullable UUID corrects,
    @Nullable Instant downloadedAt,
    @Nullable UUID tap,
    @Nullable Integer tapAfter,
    @Nullable String kind,
    @Nullable Said said) {}
