package elsko.core.procedure.card;

import elsko.core.Text;
import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Procedure;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One step of a card.
 *
 * @param key unique on the card, stable
 * @param circuit key of the circuit it is about; null for the boat as a whole
 * @param why the reason, shown at the step
 * @param hazards cautions, shown where the danger is
 * @param after keys of steps that must be settled first; there is a reason for each
 * @param within a step it has to follow closely, or null
 * @param minutes attended
 * @param run how long the engine runs in it; or null
 * @param feed the water of that run, where it is fed by hand; or null
 * @param soak the boat is occupied after it, but nobody is needed; or null
 * @param people how many it wants
 * @param elsewhere what another card of the same visit has to do with it; or null
 */
public record Step(
    String key,
    String circuit,
    String title,
    Text how,
    String why,
    List<String> tools,
    List<String> hazards,
    List<Ask> asks,
    List<String> after,
    Within within,
    int minutes,
    Run run,
    FeedGuard feed,
    Soak soak,
    int people,
    @Nullable Elsewhere elsewhere) {

  /** An engine runs from so many minutes to so many; what is said at either end. */
  public record Run(int fromMinutes, int toMinutes, String whenDue, String whenOver) {}

  /** Follows another step by at most so many minutes, for a reason. */
  public record Within(String step, int minutes, String because) {}

  /** From so many minutes to so many; what is said at either end. */
  public record Soak(int fromMinutes, int toMinutes, String whenDue, String whenOver) {}

  /**
   * What another card of the same visit did for a step, or does first.
   *
   * @param card what that card is for; null when it was on none
   * @param at when it was done there; null where nothing was done yet
   * @param done it need not be done again
   * @param first the step is not done before it
   */
  public record Elsewhere(
      @Nullable Procedure card, @Nullable Instant at, String words, boolean done, boolean first) {
    public static Elsewhere done(@Nullable Procedure card, @Nullable Instant at, String words) {
      return new Elsewhere(card, at, words, true, false);
    }

    public static Elsewhere of(@Nullable Procedure card, @Nullable Instant at, String words) {
      return new Elsewhere(card, at, words, false, false);
    }

    public static Elsewhere first(Procedure card, String words) {
      return new Elsewhere(card, null, words, false, true);
    }
  }

  /** Whether an engine is started in it, or kicked over. */
  public boolean starts(Position engine) {
    return Ask.only(Ask.Engine.class, asks).anyMatch(ask -> ask.start() && ask.engine() == engine)
        || Ask.only(Ask.Kick.class, asks).anyMatch(kick -> kick.engine() == engine);
  }

  public Step {
    tools = List.copyOf(tools);
    hazards = List.copyOf(hazards);
    asks = List.copyOf(asks);
    after = List.copyOf(after);
  }

  /** The same step, waiting for other steps. */
  public Step waitingFor(List<String> keys) {
    return new Step(
        key, circuit, title, how, why, tools, hazards, asks, keys, within, minutes, run, feed, soak,
        people, elsewhere);
  }

  /** The same step, whenever it comes. */
  public Step withoutLimit() {
    return new Step(
        key, circuit, title, how, why, tools, hazards, asks, after, null, minutes, run, feed, soak,
        people, elsewhere);
  }

  /** The same step, when nothing has to be let go of any more. */
  public Step withoutGivingUp() {
    List<Ask> others = asks.stream().filter(ask -> !Ask.GiveUp.class.isInstance(ask)).toList();
    return new Step(
        key, circuit, title, how, why, tools, hazards, others, after, within, minutes, run, feed,
        soak, people, elsewhere);
  }

  public static Draft called(String key, String title) {
    return new Draft(key, title);
  }

  /** A step while a contributor writes it. */
  public static final class Draft {
    private final String key;
    private String title;
    private String circuit;
    private Text how = Text.NONE;
    private String why = "";
    private List<String> tools = List.of();
    private final List<String> hazards = new ArrayList<>();
    private List<? extends Ask> asks = List.of();
    private final List<String> after = new ArrayList<>();
    private Within within;
    private int minutes = 5;
    private Run run;
    private FeedGuard feed;
    private Soak soak;
    private int people = 1;
    private @Nullable Elsewhere elsewhere;

    private Draft(String key, String title) {
      this.key = key;
      this.title = title;
    }

    public Draft title(String other) {
      title = other;
      return this;
    }

    public Draft of(String circuitKey) {
      circuit = circuitKey;
      return this;
    }

    public Draft how(String text) {
      return how(Text.of(text));
    }

    public Draft how(Text text) {
      how = text;
      return this;
    }

    public Draft why(String text) {
      why = text;
      return this;
    }

    public Draft tools(List<String> list) {
      tools = list;
      return this;
    }

    public Draft hazards(String... cautions) {
      return hazards(List.of(cautions));
    }

    public Draft hazards(List<String> cautions) {
      hazards.addAll(cautions);
      return this;
    }

    public Draft asks(List<? extends Ask> list) {
      asks = list;
      return this;
    }

    public Draft after(String... keys) {
      for (String before : keys) {
        if (before != null) {
          after.add(before);
        }
      }
      return this;
    }

    public Draft within(String step, int atMost, String because) {
      within = new Within(step, atMost, because);
      return after(step);
    }

    public Draft minutes(int attended) {
      minutes = attended;
      return this;
    }

    public Draft run(int from, int to, String whenDue, String whenOver) {
      run = new Run(from, to, whenDue, whenOver);
      return this;
    }

    public Draft feed(FeedGuard guard) {
      feed = guard;
      return this;
    }

    public Draft withoutARun() {
      run = null;
      feed = null;
      return this;
    }

    public Draft soak(int from, int to, String whenDue, String whenOver) {
      soak = new Soak(from, to, whenDue, whenOver);
      return this;
    }

    public Draft people(int wanted) {
      people = wanted;
      return this;
    }

    public Draft elsewhere(@Nullable Elsewhere other) {
      elsewhere = other;
      return this;
    }

    public Step written() {
      return new Step(
          key,
          circuit,
          title,
          how,
          why,
          tools,
          hazards,
          List.<Ask>copyOf(asks),
          after,
          within,
          minutes,
          run,
          feed,
          soak,
          people,
          elsewhere);
    }
  }
}
