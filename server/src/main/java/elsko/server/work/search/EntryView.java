package elsko.server.work.search;

import elsko.core.Text;
import elsko.server.work.log.EntryKind;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One line of the log as it is shown.
 *
 * @param words the line as a sentence
 * @param replaced a later entry corrects it
 * @param mayCorrect whether who asks may correct it or take it back, by who said it
 * @param mark how it came in, in words; null when in its turn
 * @param oneTap that it was written by one tap together with others, in words; null when not
 * @param fact what was entered, by field
 */
public record EntryView(
    long seq,
    UUID id,
    EntryKind kind,
    Text words,
    String person,
    Instant deviceTime,
    Instant serverTime,
    @Nullable UUID card,
    @Nullable String step,
    @Nullable UUID corrects,
    @Nullable Text correctsWords,
    boolean replaced,
    boolean mayCorrect,
    @Nullable Text mark,
    @Nullable Text oneTap,
    Map<String, Object> fact) {}
