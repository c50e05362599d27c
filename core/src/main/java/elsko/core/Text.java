package elsko.core;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a person reads, with its quantities as values: words and {@link Quantity} in turn. It is
 * said where it is read, in the units of whoever reads it; nothing searches it for numbers.
 */
public final class Text {
  public static final Text NONE = new Text(List.of());

  /** Decimals of a number that is judged, and of one as it was read. */
  private static final int ROUGHLY = 1;

  private static final int EXACTLY = 3;

  /** Strings and quantities; no two strings beside each other, none empty. */
  private final List<Object> pieces;

  private Text(List<Object> pieces) {
    this.pieces = pieces;
  }

  /** Words without a quantity. */
  public static Text of(String words) {
    return words.isEmpty() ? NONE : new Text(List.of(words));
  }

  /**
   * A template with a value for each "%s": a quantity or another text keeps what it is, everything
   * else is said as it says itself.
   *
   * @throws IllegalArgumentException there is not one value for each "%s"
   */
  public static Text of(String template, @Nullable Object... values) {
    Builder text = new Builder();
    int from = 0;
    int next = 0;
    for (int at = template.indexOf("%s"); at >= 0; at = template.indexOf("%s", from)) {
      if (next == values.length) {
        throw new IllegalArgumentException(template);
      }
      text.add(template.substring(from, at));
      text.add(values[next++]);
      from = at + 2;
    }
    if (next != values.length) {
      throw new IllegalArgumentException(template);
    }
    text.add(template.substring(from));
    return text.built();
  }

  /** A number in a unit by its sign, with one decimal at most. */
  public static Text roughly(double value, String unit) {
    return number(value, ROUGHLY, unit, false);
  }

  /** The same where its unit stands once behind several. */
  public static Text roughlyWithoutUnit(double value, String unit) {
    return number(value, ROUGHLY, unit, true);
  }

  /** A number in a unit by its sign, as precisely as it was read. */
  public static Text exactly(double value, String unit) {
    return number(value, EXACTLY, unit, false);
  }

  /** The same where its unit stands once behind several. */
  public static Text exactlyWithoutUnit(double value, String unit) {
    return number(value, EXACTLY, unit, true);
  }

  /** A limit beside the value that is held against it, or the value beside its limit. */
  public static Text judged(Judged judged, double which, String unit) {
    return judged(judged, which, unit, false);
  }

  /** The same where its unit stands once behind several. */
  public static Text judgedWithoutUnit(Judged judged, double which, String unit) {
    return judged(judged, which, unit, true);
  }

  private static Text judged(Judged judged, double which, String unit, boolean alone) {
    Measure measure = Measure.of(unit).orElse(null);
    if (measure != null) {
      return of("%s", new Quantity(which, measure, 0, alone, judged));
    }
    // The same for everybody: by the rule of a length in mm, which has one place.
    String number = judged.number(which, Measure.SIZE, 0, Units.METRIC);
    return of(alone || unit.isEmpty() ? number : number + " " + unit);
  }

  private static Text number(double value, int decimals, String unit, boolean alone) {
    Measure measure = Measure.of(unit).orElse(null);
    if (measure != null) {
      return of("%s", new Quantity(value, measure, decimals - ROUGHLY, alone, null));
    }
    String number = Words.number(value, decimals);
    return of(alone || unit.isEmpty() ? number : number + " " + unit);
  }

  /** One after the other, with the same words between. */
  public static Text joined(String between, Collection<Text> texts) {
    Builder all = new Builder();
    boolean first = true;
    for (Text one : texts) {
      if (!first) {
        all.add(between);
      }
      first = false;
      all.add(one);
    }
    return all.built();
  }

  /** "a", "a and b", "a, b and c". */
  public static Text list(List<Text> texts) {
    int last = texts.size() - 1;
    return last < 1
        ? joined("", texts)
        : of("%s and %s", joined(", ", texts.subList(0, last)), texts.get(last));
  }

  /** This and what follows it. */
  public Text then(@Nullable Object... more) {
    Builder all = new Builder();
    all.add(this);
    Arrays.stream(more).forEach(all::add);
    return all.built();
  }

  /** With its first letter large. */
  public Text sentence() {
    if (pieces.isEmpty() || !(pieces.get(0) instanceof String words)) {
      return this;
    }
    List<Object> large = new ArrayList<>(pieces);
    large.set(0, Words.sentence(words));
    return new Text(List.copyOf(large));
  }

  public boolean isEmpty() {
    return pieces.isEmpty();
  }

  /** Its words and quantities, in turn. */
  public List<Object> pieces() {
    return pieces;
  }

  /** As somebody reads it. */
  public String in(Units units) {
    if (pieces.size() == 1 && pieces.get(0) instanceof String words) {
      return words;
    }
    StringBuilder said = new StringBuilder();
    for (Object piece : pieces) {
      said.append(piece instanceof Quantity quantity ? quantity.in(units) : piece);
    }
    return said.toString();
  }

  /** In metric units. */
  @Override
  public String toString() {
    return in(Units.METRIC);
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Text text && pieces.equals(text.pieces);
  }

  @Override
  public int hashCode() {
    return Objects.hashCode(pieces);
  }

  private static final class Builder {
    private final List<Object> pieces = new ArrayList<>();
    private final StringBuilder words = new StringBuilder();

    void add(@Nullable Object value) {
      switch (value) {
        case Text text -> text.pieces.forEach(this::add);
        case Quantity quantity -> {
          flush();
          pieces.add(quantity);
        }
        case null, default -> words.append(value);
      }
    }

    private void flush() {
      if (!words.isEmpty()) {
        pieces.add(words.toString());
        words.setLength(0);
      }
    }

    Text built() {
      flush();
      return pieces.isEmpty() ? NONE : new Text(List.copyOf(pieces));
    }
  }
}
