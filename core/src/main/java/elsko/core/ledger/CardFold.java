package elsko.core.ledger;

import elsko.core.ledger.CardProgress.Standing;
import elsko.core.ledger.CardProgress.StepProgress;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Follows one card through the log. */
final class CardFold {
  private final Entry opening;
  private final Fact.CardOpened opened;
  private final CardProgress.Before before;
  private final Map<String, StepFold> steps = new LinkedHashMap<>();
  private String heldBy;
  private CardProgress.HandOver handOver;

  CardFold(Entry opening, Fact.CardOpened opened, CardProgress.Before before) {
    this.opening = opening;
    this.opened = opened;
    this.before = before;
    this.heldBy = opening.person();
  }

  void apply(Entry entry) {
    if (entry.fact() instanceof Fact.CardTaken) {
      heldBy = entry.person();
    } else if (entry.fact() instanceof Fact.HandedOver over) {
      heldBy = over.to();
      handOver =
          new CardProgress.HandOver(entry.person(), over.to(), over.note(), entry.deviceTime());
    }
    if (entry.step() != null) {
      steps.computeIfAbsent(entry.step(), key -> new StepFold()).apply(entry);
    }
  }

  CardProgress progress() {
    Map<String, StepProgress> progress = new LinkedHashMap<>();
    steps.forEach((key, step) -> progress.put(key, step.progress()));
    return new CardProgress(
        opening.card(),
        opened.procedure(),
        opened.choices(),
        opening.person(),
        opening.deviceTime(),
        heldBy,
        handOver,
        before,
        progress);
  }

  private static final class StepFold {
    private final List<Entry> entries = new ArrayList<>();
    private Standing standing = Standing.OPEN;
    private Entry settledBy;
    private String reason = "";

    void apply(Entry entry) {
      entries.add(entry);
      if (entry.fact() instanceof Fact.StepDone) {
        settle(Standing.DONE, entry, "");
      } else if (entry.fact() instanceof Fact.StepSkipped skipped) {
        settle(Standing.SKIPPED, entry, skipped.reason());
      }
    }

    private void settle(Standing as, Entry entry, String why) {
      standing = as;
      settledBy = entry;
      reason = why;
    }

    StepProgress progress() {
      return new StepProgress(
          standing,
          settledBy == null ? null : settledBy.person(),
          settledBy == null ? null : settledBy.deviceTime(),
          reason,
          List.copyOf(entries));
    }
  }
}
