package elsko.core.procedure;

import java.util.List;

/**
 * One step of a card.
 *
 * @param key unique on the card, stable
 * @param why the reason, shown at the step
 * @param hurts cautions, shown where the danger is
 * @param after keys of steps that must be settled first; there is a reason for each
 * @param minutes attended
 * @param people how many it wants
 */
public record Step(
    String key,
    String title,
    String how,
    String why,
    List<String> tools,
    List<String> hurts,
    List<Ask> asks,
    List<String> after,
    int minutes,
    int people) {

  public Step {
    tools = List.copyOf(tools);
    hurts = List.copyOf(hurts);
    asks = List.copyOf(asks);
    after = List.copyOf(after);
  }

  static Draft called(String key, String title) {
    return new Draft(key, title);
  }

  /** A step while a contributor writes it. */
  static final class Draft {
    private final String key;
    private final String title;
    private String how = "";
    private String why = "";
    private List<String> tools = List.of();
    private List<String> hurts = List.of();
    private List<? extends Ask> asks = List.of();
    private List<String> after = List.of();
    private int minutes = 5;
    private int people = 1;

    private Draft(String key, String title) {
      this.key = key;
      this.title = title;
    }

    Draft how(String text) {
      how = text;
      return this;
    }

    Draft why(String text) {
      why = text;
      return this;
    }

    Draft tools(List<String> list) {
      tools = list;
      return this;
    }

    Draft hurts(String... cautions) {
      hurts = List.of(cautions);
      return this;
    }

    Draft asks(List<? extends Ask> list) {
      asks = list;
      return this;
    }

    Draft after(String... keys) {
      after = List.of(keys);
      return this;
    }

    Draft minutes(int attended) {
      minutes = attended;
      return this;
    }

    Draft people(int wanted) {
      people = wanted;
      return this;
    }

    Step written() {
      return new Step(
          key, title, how, why, tools, hurts, List.<Ask>copyOf(asks), after, minutes, people);
    }
  }
}
