package elsko.server.said;

import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is said on a card, of the work on it, and beside it. */
public sealed interface SaidOfCard extends Said {
  /**
   * @param choices the method or variant chosen, by circuit key
   */
  record CardOpened(Procedure procedure, @Nullable Map<String, String> choices)
      implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.CardOpened(procedure, choices);
    }
  }

  record CardTaken() implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.CardTaken();
    }
  }

  record HandedOver(String to, @Nullable String note) implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.HandedOver(around.worker(to), note);
    }
  }

  record StepDone() implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.StepDone();
    }
  }

  record StepSkipped(String reason) implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.StepSkipped(reason);
    }
  }

  record BagCounted(Integer count) implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.BagCounted(Said.need("count", count, "Enter a number."));
    }
  }

  record Noted(String text) implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.Noted(text);
    }
  }

  /**
   * @param fitting key of the one that is found by it; may be left out
   */
  record PhotoTaken(UUID photo, @Nullable String caption, @Nullable String fitting)
      implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.PhotoTaken(around.photo(photo), caption, fitting);
    }
  }

  record GuideLooked(String guide, String look, String answer) implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.GuideLooked(
          Said.which("guide", guide), Said.which("look", look), Said.which("answer", answer));
    }
  }

  /**
   * @param urgent something is wrong: a coordinator is told until it is done; may be left out
   */
  record WorkAdded(String what, @Nullable Boolean urgent) implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.WorkAdded(what, urgent);
    }
  }

  /**
   * @param work id of the entry that added it
   */
  record WorkDone(UUID work) implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.WorkDone(work);
    }
  }

  /**
   * @param entry that came in late
   */
  record LateSettled(UUID entry, String found) implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.LateSettled(entry, found);
    }
  }

  record BayEntered() implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.BayEntered();
    }
  }

  record BayLeft() implements SaidOfCard {
    @Override
    public Fact fact(Around around) {
      return new Fact.BayLeft();
    }
  }
}
