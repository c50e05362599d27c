package elsko.core.ledger;

import elsko.core.ledger.CardProgress.Standing;
import elsko.core.ledger.CardProgress.StepProgress;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Follows one card through the log. */
final class CardFold {
  private final Entry opening;
  private final Fact.CardOpened opened;
  private final CardProgress.Before before;
  private final Map<String, StepFold> steps = new LinkedHashMap<>();

  /** Where something was said last: most often the next is said there too. */
  private String atKey;

  private StepFold at;
  private String heldBy;
  private CardProgress.HandOver handOver;

  /** As it was asked for last; null once something was said since. */
  private CardProgress known;

  CardFold(Entry opening, Fact.CardOpened opened, CardProgress.Before before) {
    this.opening = opening;
    this.opened = opened;
    this.before = before;
    this.heldBy = opening.person();
  }

  void apply(Entry entry) {
    known = null;
    Fact.OnCard said = entry.fact().as(Fact.OnCard.class);
    if (said != null) {
      passesOn(entry, said);
    }
    if (entry.step() != null) {
      if (!entry.step().equals(atKey)) {
        atKey = entry.step();
        at = steps.computeIfAbsent(atKey, key -> new StepFold());
      }
      at.apply(entry, said);
    }
  }

  private void passesOn(Entry entry, Fact.OnCard said) {
    switch (said) {
      case Fact.CardTaken taken -> heldBy = entry.person();
      case Fact.HandedOver over -> {
        heldBy = over.to();
        handOver =
            new CardProgress.HandOver(entry.person(), over.to(), over.note(), entry.deviceTime());
      }
      case Fact.SettlesStep settles -> {}
    }
  }

  boolean is(UUID card) {
    return opening.card().equals(card);
  }

  CardProgress progress() {
    if (known == null) {
      known = summed();
    }
    return known;
  }

  private CardProgress summed() {
    Map<String, StepProgress> progress = new LinkedHashMap<>(steps.size() * 2);
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
    private List<Entry> entries = new ArrayList<>(4);
    private Standing standing = Standing.OPEN;
    private Entry settledBy;
    private String reason = "";

    /** As it was asked for last, and holds these entries; null once something was said since. */
    private StepProgress known;

    /**
     * @param said the same where it says how far the work is; else null
     */
    void apply(Entry entry, Fact.OnCard said) {
      if (known != null) {
        entries = new ArrayList<>(entries);
        known = null;
      }
      entries.add(entry);
      if (said != null) {
        switch (said) {
          case Fact.StepDone done -> settle(Standing.DONE, entry, "");
          case Fact.StepSkipped skipped -> settle(Standing.SKIPPED, entry, skipped.reason());
          case Fact.CardTaken taken -> {}
          case Fact.HandedOver over -> {}
        }
      }
    }

    private void settle(Standing as, Entry entry, String why) {
      standing = as;
      settledBy = entry;
      reason = why;
    }

    StepProgress progress() {
      if (known == null) {
        known =
            new StepProgress(
                standing,
                settledBy == null ? null : settledBy.person(),
                settledBy == null ? null : settledBy.deviceTime(),
                reason,
                Collections.unmodifiableList(entries));
      }
      return known;
    }
  }
}
