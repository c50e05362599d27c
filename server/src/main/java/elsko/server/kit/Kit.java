package elsko.server.kit;

import elsko.core.Refused;
import elsko.core.kit.Carried;
import elsko.core.kit.KitKind;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Fact;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.KitNeeded;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.server.fleet.Fleet;
import elsko.server.kit.PieceView.FitView;
import elsko.server.kit.StepKitView.ChoiceView;
import elsko.server.live.Changed;
import elsko.server.problems.NotFound;
import elsko.server.problems.StaleEdit;
import elsko.server.work.log.FluidGoesThrough;
import elsko.server.work.log.Folded;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The yard's own pieces. */
@Service
public class Kit implements FluidGoesThrough {
  private static final int LONGEST = 60;
  private static final int MOST = 200;

  private final KitPieceRepository pieces;
  private final KitFitRepository fits;
  private final Fleet fleet;
  private final Yards yards;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Kit(
      KitPieceRepository pieces,
      KitFitRepository fits,
      Fleet fleet,
      Yards yards,
      ApplicationEventPublisher events,
      Clock clock) {
    this.pieces = pieces;
    this.fits = fits;
    this.fleet = fleet;
    this.yards = yards;
    this.events = events;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  List<PieceView> all() {
    Map<UUID, List<FitView>> tried = new HashMap<>();
    Map<UUID, String> names = new HashMap<>();
    fleet.lines().forEach(line -> names.put(line.id(), line.name()));
    for (KitFitRow fit : fits.findAll()) {
      tried
          .computeIfAbsent(fit.pieceId(), id -> new ArrayList<>())
          .add(
              new FitView(
                  fit.boatId(),
                  names.getOrDefault(fit.boatId(), ""),
                  fit.circuit(),
                  fit.fits(),
                  fit.saidBy(),
                  fit.saidAt()));
    }
    tried.values().forEach(list -> list.sort(Comparator.comparing(FitView::boatName)));
    return pieces.findAllByOrderByPlainName().stream()
        .map(row -> PieceView.of(row, tried.getOrDefault(row.id(), List.of())))
        .toList();
  }

  /** Adds a piece; it is rinsed and hangs on its hook. */
  @Transactional
  public void add(@Nullable String name, @Nullable KitKind kind, @Nullable String size) {
    if (kind == null) {
      throw Refused.value("kind", "Say what it is.");
    }
    if (pieces.count() >= MOST) {
      throw Refused.state("name", "At most 200 pieces are kept.");
    }
    String called = named(name, null);
    pieces.save(new KitPieceRow(called, kind, sized(size)));
    changed();
  }

  @Transactional
  void change(UUID id, @Nullable String name, @Nullable String size, @Nullable String ifMatch) {
    KitPieceRow row = piece(id);
    StaleEdit.refuseUnless(row.version(), ifMatch);
    row.called(named(name, id), sized(size));
    changed();
  }

  @Transactional
  void remove(UUID id) {
    KitPieceRow row = piece(id);
    fits.deleteByPieceId(id);
    pieces.delete(row);
    changed();
  }

  /** Somebody takes it, or hangs it up again. */
  @Transactional
  void taken(UUID id, boolean taken, String person) {
    KitPieceRow row = piece(id);
    if (taken && !row.holder().isEmpty() && !row.holder().equals(person)) {
      throw Refused.state("taken", "%s has it.".formatted(row.holder()));
    }
    row.isWith(taken ? person : "");
    changed();
  }

  @Transactional
  void rinsed(UUID id, String person) {
    KitPieceRow row = piece(id);
    if (!row.kind().carriesFluid()) {
      throw Refused.state("piece", "No fluid stays in it.");
    }
    row.carries(Carried.RINSED, person, clock.instant());
    changed();
  }

  /** Somebody tried it on a boat. */
  @Transactional
  public void tried(UUID id, UUID boat, @Nullable String circuit, boolean fit, String person) {
    KitPieceRow row = piece(id);
    if (!row.kind().hasToFit()) {
      throw Refused.state("fits", "It goes on whatever the other pieces fit.");
    }
    String where = circuit == null ? "" : circuit;
    if (!fleet.boat(boat).boat().hasCircuit(where)) {
      throw Refused.value("circuit", "The boat has no such circuit.");
    }
    KitFitRow known = fits.findByPieceIdAndBoatIdAndCircuit(id, boat, where);
    if (known == null) {
      fits.save(new KitFitRow(id, boat, where, fit, person, clock.instant()));
    } else {
      known.said(fit, person, clock.instant());
    }
    changed();
  }

  /** How many there are of a kind; 0 while the yard keeps no register of them. */
  @Transactional(readOnly = true)
  public int count(KitKind kind) {
    return (int) pieces.findAll().stream().filter(row -> row.kind() == kind).count();
  }

  /** The pieces each step of a card wants. */
  @Transactional(readOnly = true)
  List<StepKitView> ofCard(UUID boat, Folded folded, UUID id) {
    CardProgress progress = folded.state().card(id);
    if (progress == null) {
      throw new NotFound("card", "This boat has no such card.");
    }
    CardRequest request =
        new CardRequest(folded.state(), progress, yards.practices(), clock.instant());
    Card card = CardWriter.write(request);
    List<KitPieceRow> all = pieces.findAllByOrderByPlainName();
    List<KitFitRow> tried = fits.findByBoatId(boat);
    List<StepKitView> wanted = new ArrayList<>();
    for (Step step : card.steps()) {
      KitNeeded needed = KitNeeded.of(request, step);
      for (KitKind kind : needed.kinds()) {
        List<ChoiceView> choices =
            all.stream()
                .filter(row -> row.kind() == kind)
                .map(row -> choice(row, needed.carries(), fit(row, tried, step.circuit())))
                .filter(choice -> !Boolean.FALSE.equals(choice.fits()))
                .sorted(Comparator.comparing(choice -> choice.fits() == null))
                .toList();
        wanted.add(new StepKitView(step.key(), step.circuit(), kind, kind.words(), choices));
      }
    }
    return wanted;
  }

  private static @Nullable Boolean fit(KitPieceRow row, List<KitFitRow> tried, String circuit) {
    return tried.stream()
        .filter(fit -> fit.pieceId().equals(row.id()) && fit.circuit().equals(circuit))
        .map(KitFitRow::fits)
        .findFirst()
        .orElse(null);
  }

  private static ChoiceView choice(
      KitPieceRow row, @Nullable Carried next, @Nullable Boolean fits) {
    boolean carries = row.kind().carriesFluid() && next != null;
    return new ChoiceView(
        row.id(),
        row.name(),
        row.size(),
        fits,
        row.holder(),
        row.carried().words(),
        row.kind().carriesFluid(),
        carries && next != null ? row.carried().cautionBefore(next) : "",
        carries && next != null && row.carried().redLineBefore(next) != null);
  }

  /** Nobody draws antifreeze through a tank that acid stands in. */
  @Override
  @Transactional(readOnly = true)
  public void mayGoThrough(String person, Fact fact) {
    Carried next = carriedBy(fact);
    if (next == null) {
      return;
    }
    for (KitPieceRow row : pieces.findByHolder(person)) {
      String redLine = row.kind().carriesFluid() ? row.carried().redLineBefore(next) : null;
      if (redLine != null) {
        throw Refused.state("liters", "%s: %s".formatted(row.name(), redLine));
      }
    }
  }

  @Override
  @Transactional
  public void wentThrough(String person, Fact fact) {
    Carried what = carriedBy(fact);
    if (what == null) {
      return;
    }
    List<KitPieceRow> inHand =
        pieces.findByHolder(person).stream().filter(row -> row.kind().carriesFluid()).toList();
    inHand.forEach(row -> row.carries(what, person, clock.instant()));
    if (!inHand.isEmpty()) {
      changed();
    }
  }

  /** What is drawn goes through the tank; what is poured at a hose does not. */
  private static @Nullable Carried carriedBy(Fact fact) {
    if (fact.is(Fact.DescalerUsed.class)) {
      return Carried.ACID;
    }
    Fact.FluidUsed used = fact.as(Fact.FluidUsed.class);
    return used != null && used.pourPoint() == null ? Carried.ANTIFREEZE : null;
  }

  private KitPieceRow piece(UUID id) {
    return pieces.findById(id).orElseThrow(() -> new NotFound("piece", "There is no such piece."));
  }

  private String named(@Nullable String name, @Nullable UUID own) {
    String called = name == null ? "" : name.strip();
    if (called.isEmpty() || called.length() > LONGEST) {
      throw Refused.value("name", "A name has 1 to 60 characters.");
    }
    KitPieceRow other = pieces.findByPlainName(KitPieceRow.plain(called));
    if (other != null && !other.id().equals(own)) {
      throw Refused.state("name", "Another piece is called so.");
    }
    return called;
  }

  private static String sized(@Nullable String size) {
    String said = size == null ? "" : size.strip();
    if (said.length() > LONGEST) {
      throw Refused.value("size", "At most 60 characters.");
    }
    return said;
  }

  private void changed() {
    events.publishEvent(Changed.bench());
  }
}
