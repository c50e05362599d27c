package elsko.server.plan;

import elsko.core.Refused;
import elsko.core.plan.model.Plan;
import elsko.core.plan.search.Planning;
import elsko.server.live.Changed;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The draft on its way to being the plan. What was searched for long is kept only when nobody has
 * changed a plan meanwhile; no search and no check runs while the database is held.
 */
@Service
class Drafts {
  private static final Duration TAKEN_BACK = Duration.ofMinutes(1);

  private final PlanRepository plans;
  private final PlanDocuments documents;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate transactions;
  private final Clock clock;

  /** Whoever looks whether something has changed does not do so while another changes it. */
  private final Object oneAfterTheOther = new Object();

  Drafts(
      PlanRepository plans,
      PlanDocuments documents,
      ApplicationEventPublisher events,
      TransactionTemplate transactions,
      Clock clock) {
    this.plans = plans;
    this.documents = documents;
    this.events = events;
    this.transactions = transactions;
    this.clock = clock;
  }

  /** Which plans there are. */
  record Known(@Nullable UUID published, @Nullable UUID draft) {}

  Known known() {
    return new Known(
        plans.newest(PlanRow.Standing.PUBLISHED).orElse(null),
        plans.newest(PlanRow.Standing.DRAFT).orElse(null));
  }

  /**
   * Keeps a plan as the draft, in place of the one before.
   *
   * @param from the plans it was made from
   * @return false, and nothing is kept, when there are others by now
   */
  boolean keep(Known from, Planning planning, Plan plan) {
    String written = documents.written(documents.of(planning, plan));
    return changes(
        () -> {
          if (!known().equals(from)) {
            return false;
          }
          plans.deleteByStanding(PlanRow.Standing.DRAFT);
          plans.flush();
          plans.save(new PlanRow(clock.instant(), written));
          return true;
        });
  }

  /**
   * Tells everybody: the draft becomes the plan. Refused when a rule is broken, or on a later day.
   */
  void publish(String by) {
    changes(
        () -> {
          PlanRow draft =
              plans
                  .findFirstByStandingOrderByMadeAtDesc(PlanRow.Standing.DRAFT)
                  .orElseThrow(() -> Refused.state("draft", "There is no draft to publish."));
          PlanDocument document = documents.read(draft);
          if (document.figures().brokenRules() > 0) {
            throw Refused.state(
                "draft", "This draft breaks a rule; plan again before it is published.");
          }
          if (document.first().isBefore(LocalDate.now(clock))) {
            throw Refused.state(
                "draft", "This draft was made on an earlier day; plan again first.");
          }
          plans
              .findFirstByStandingOrderByMadeAtDesc(PlanRow.Standing.PUBLISHED)
              .ifPresent(PlanRow::isPast);
          draft.publish(clock.instant(), by);
          return true;
        });
  }

  /**
   * Takes back what people were told within the last minute: it is the draft again, and the plan
   * before it stands. Refused later, or when there is another draft by now.
   */
  void takeBack() {
    changes(
        () -> {
          PlanRow told =
              plans
                  .findFirstByStandingOrderByMadeAtDesc(PlanRow.Standing.PUBLISHED)
                  .orElseThrow(() -> Refused.state("plan", "Nobody was told anything yet."));
          if (told.publishedAt().plus(TAKEN_BACK).isBefore(clock.instant())) {
            throw Refused.state(
                "plan", "It was sent more than a minute ago: plan again and send that instead.");
          }
          if (known().draft() != null) {
            throw Refused.state("plan", "There is a new draft by now: send or discard that.");
          }
          told.isDraftAgain();
          plans
              .findFirstByStandingOrderByMadeAtDesc(PlanRow.Standing.PAST)
              .ifPresent(PlanRow::isToldAgain);
          return true;
        });
  }

  void drop() {
    changes(
        () -> {
          plans.deleteByStanding(PlanRow.Standing.DRAFT);
          return true;
        });
  }

  private boolean changes(BooleanSupplier change) {
    synchronized (oneAfterTheOther) {
      return Boolean.TRUE.equals(
          transactions.execute(
              status -> {
                boolean changed = change.getAsBoolean();
                if (changed) {
                  events.publishEvent(Changed.plan());
                }
                return changed;
              }));
    }
  }
}
