package elsko.server.plan;

import elsko.core.plan.explain.ChangesForPerson;
import elsko.core.plan.explain.PlanChanges;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.WalksView.ChangesFor;
import elsko.server.plan.crew.Crew;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is different between one plan and the one before it, for the yard and for each person. */
@Component
class PlanDifferences {
  private final PlanDocuments documents;
  private final Visits visits;
  private final Crew crew;

  PlanDifferences(PlanDocuments documents, Visits visits, Crew crew) {
    this.documents = documents;
    this.visits = visits;
    this.crew = crew;
  }

  /** What the draft changes for people who were told, boat by boat. */
  @Transactional(readOnly = true)
  List<PlanChanges.Change> ofDraft() {
    Both both = both(documents.published(), documents.draft());
    return both == null ? List.of() : PlanChanges.between(both.told(), both.now(), both.boats());
  }

  /** The same for each of the crew it changes something for. */
  @Transactional(readOnly = true)
  List<ChangesFor> ofDraftForEach() {
    Both both = both(documents.published(), documents.draft());
    return both == null
        ? List.of()
        : crew.view().workers().stream()
            .map(worker -> new ChangesFor(worker.name(), both.changesFor(worker.name())))
            .filter(each -> !each.changes().isEmpty())
            .toList();
  }

  /** What is different for one person from what they were told before. */
  @Transactional(readOnly = true)
  List<PlanChanges.Change> toldTo(String name) {
    Both both = both(documents.before(), documents.published());
    return both == null ? List.of() : both.changesFor(name);
  }

  /** Two plans, of what is still open. */
  private record Both(
      List<PlanChanges.Dated> told,
      List<PlanChanges.Dated> now,
      Map<UUID, PlanChanges.BoatThen> boats) {
    List<PlanChanges.Change> changesFor(String name) {
      return ChangesForPerson.between(name, told, now, boats);
    }
  }

  private @Nullable Both both(@Nullable PlanDocument told, @Nullable PlanDocument now) {
    if (told == null || now == null) {
      return null;
    }
    Map<UUID, PlanChanges.BoatThen> boats = new HashMap<>();
    Map<UUID, Set<String>> open = new HashMap<>();
    for (Visits.Work work : visits.all()) {
      Set<String> left = new HashSet<>();
      work.left().tasks().forEach(task -> left.add(task.key()));
      open.put(work.boat(), left);
      boats.put(
          work.boat(),
          new PlanChanges.BoatThen(
              work.name(), told.deadlines().get(work.boat()), now.deadlines().get(work.boat())));
    }
    return new Both(dated(told, open).toList(), dated(now, open).toList(), boats);
  }

  private static Stream<PlanChanges.Dated> dated(PlanDocument plan, Map<UUID, Set<String>> open) {
    return plan.stops().stream()
        .filter(stop -> open.getOrDefault(stop.boat(), Set.of()).contains(stop.task()))
        .map(PlanDifferences::dated);
  }

  private static PlanChanges.Dated dated(Stop stop) {
    return new PlanChanges.Dated(
        stop.boat(), stop.task(), stop.title(), stop.workers(), stop.date(), stop.start());
  }
}
