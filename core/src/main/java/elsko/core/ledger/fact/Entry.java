package elsko.core.ledger.fact;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One line of the append-only log of a boat.
 *
 * @param id made by whoever sends it, so that sending twice stores once
 * @param person who did it
 * @param deviceTime when, by the device it was entered on
 * @param serverTime when it was kept
 * @param card the card it belongs to, or null
 * @param step key of the step on that card, or null
 * @param corrects the entry it replaces, or null
 * @param late null for one that came in its turn
 * @param tap the tap that wrote it together with others; null for one that was entered by itself
 */
public record Entry(
    UUID id,
    String person,
    Instant deviceTime,
    Instant serverTime,
    UUID card,
    String step,
    UUID corrects,
    Fact fact,
    Late late,
    @Nullable OneTap tap) {

  /** One that came in its turn. */
  public Entry(
      UUID id,
      String person,
      Instant deviceTime,
      Instant serverTime,
      UUID card,
      String step,
      UUID corrects,
      Fact fact) {
    this(id, person, deviceTime, serverTime, card, step, corrects, fact, null, null);
  }

  /** When it happened: never later than it was kept. */
  public Instant happened() {
    return deviceTime.isAfter(serverTime) ? serverTime : deviceTime;
  }

  /** The same, saying this. */
  public Entry with(Fact other) {
    return new Entry(id, person, deviceTime, serverTime, card, step, corrects, other, late, tap);
  }

  /** The same, marked as what it is. */
  public Entry with(Late mark) {
    return new Entry(id, person, deviceTime, serverTime, card, step, corrects, fact, mark, tap);
  }

  /** The same, having happened then. */
  public Entry at(Instant then) {
    return new Entry(id, person, then, serverTime, card, step, corrects, fact, late, tap);
  }

  /** The same, written by a tap together with others. */
  public Entry by(@Nullable OneTap one) {
    return new Entry(id, person, deviceTime, serverTime, card, step, corrects, fact, late, one);
  }

  /** The same in the place of another. */
  Entry inPlaceOf(Entry other) {
    return new Entry(
        id, person, other.deviceTime, other.serverTime, card, step, corrects, fact, late, tap);
  }

  /** Whether what it says may prove something. */
  public boolean mayClaim() {
    return (late == null || late.mayClaim()) && (tap == null || !tap.tooSoon());
  }
}
