package elsko.core.limits;

import elsko.core.Judged;
import elsko.core.Refused;
import elsko.core.Text;
import org.jspecify.annotations.Nullable;

/**
 * A reading that is a number, with the range that is good.
 *
 * @param how how it is taken, in a few words; empty where its name says it
 * @param against what it is held against, when good depends on a second number; or null
 * @param good lowest and highest value that is fine; with {@code against}, for each one of it
 * @param possible lowest and highest value that can be meant at all
 * @param low what is said below, {@code high} above what is good
 * @param stop from where it is a stop, whatever {@code high} says; null where nothing is
 */
public record Limit(
    String key,
    String name,
    String unit,
    Text how,
    @Nullable Against against,
    Range good,
    Range possible,
    Judgement low,
    Judgement high,
    @Nullable Stop stop) {

  /** From this value on, in the unit of the limit, nothing goes on before it is found out. */
  public record Stop(double from, Text words) {
    public Judgement judgement() {
      return new Judgement(Call.STOP, words);
    }
  }

  /** From low to high, both included. */
  public record Range(double low, double high) {
    Range times(double factor) {
      return new Range(low * factor, high * factor);
    }
  }

  /** The second number: a belt's span, a cap's rating, how many vanes there should be. */
  public record Against(String name, String unit, Range possible) {}

  /** The same of something else, kept under a name of its own. */
  Limit named(String otherKey, String otherName, String ofWhat) {
    Against held =
        against == null
            ? null
            : new Against(against.name() + ofWhat, against.unit(), against.possible());
    return new Limit(otherKey, otherName, unit, how, held, good, possible, low, high, stop);
  }

  Limit how(String taken) {
    return how(Text.of(taken));
  }

  Limit how(Text taken) {
    return new Limit(key, name, unit, taken, against, good, possible, low, high, stop);
  }

  Limit against(String second, String secondUnit, double least, double most) {
    Against held = new Against(second, secondUnit, new Range(least, most));
    return new Limit(key, name, unit, how, held, good, possible, low, high, stop);
  }

  Limit good(double least, double most) {
    return new Limit(
        key, name, unit, how, against, new Range(least, most), possible, low, high, stop);
  }

  /** The same with another range that is good, and a value from which it is a stop. */
  public Limit with(Range fine, Judgement under, Judgement over, @Nullable Stop from) {
    return new Limit(key, name, unit, how, against, fine, possible, under, over, from);
  }

  Limit possible(double least, double most) {
    return new Limit(key, name, unit, how, against, good, new Range(least, most), low, high, stop);
  }

  Limit low(Call call, String words) {
    return new Limit(
        key, name, unit, how, against, good, possible, new Judgement(call, words), high, stop);
  }

  Limit high(Call call, String words) {
    return new Limit(
        key, name, unit, how, against, good, possible, low, new Judgement(call, words), stop);
  }

  /** Only noted: any possible value is as good as another. */
  public boolean isOnlyNoted() {
    return good.equals(possible);
  }

  /**
   * Refuses what cannot be meant, then says how a value stands.
   *
   * @param value in {@code unit}
   * @param held what it is held against, in the unit of that; null where nothing is
   */
  public Judgement judge(double value, @Nullable Double held) {
    Refused.within("value", value, possible.low(), possible.high(), " " + unit);
    if ((against == null) != (held == null)) {
      throw Refused.value(
          "against",
          against == null
              ? "This reading is not held against another number."
              : "Say the %s too, in %s.".formatted(against.name(), against.unit()));
    }
    if (against != null) {
      Refused.within(
          "against",
          held,
          against.possible().low(),
          against.possible().high(),
          " " + against.unit());
    }
    if (stop != null && value >= stop.from()) {
      return stop.judgement();
    }
    Range fine = good(held);
    if (value < fine.low()) {
      return low;
    }
    return value > fine.high() ? high : new Judgement(Call.GOOD, whenGood(fine, value));
  }

  /** The same, of a reading that is not held against another number. */
  public Judgement judge(double value) {
    return judge(value, null);
  }

  /** What is good here; {@code held} null: not held against another number. */
  public Range good(@Nullable Double held) {
    return held == null ? good : good.times(held);
  }

  /**
   * What is said of a value that is fine, with {low}, {high} and {unit} where what is good here
   * goes in; nothing where any value is only noted.
   */
  public String whenGood() {
    return good("{low}", "{low} {unit}", "{high} {unit}").toString();
  }

  private Text whenGood(Range fine, double value) {
    Judged least = Judged.atLeast(fine.low(), value);
    Judged most = Judged.atMost(fine.high(), value);
    return good(
        Text.judgedWithoutUnit(least, fine.low(), unit),
        Text.judged(least, fine.low(), unit),
        Text.judged(most, fine.high(), unit));
  }

  private Text good(Object lowAlone, Object low, Object high) {
    if (isOnlyNoted()) {
      return Text.NONE;
    }
    if (good.high() >= possible.high()) {
      return Text.of("Good: at least %s.", low);
    }
    if (good.low() == good.high()) {
      return Text.of("Good: %s.", low);
    }
    return good.low() <= possible.low()
        ? Text.of("Good: at most %s.", high)
        : Text.of("Good: between %s and %s.", lowAlone, high);
  }
}
