package elsko.server.work.view;

import elsko.core.Text;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import elsko.core.fill.Discrepancy;
import elsko.core.fill.FilledSegment;
import elsko.core.ledger.BagState;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.OpenWork;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.CoolantVerdict;
import elsko.core.ledger.circuit.PointState;
import elsko.core.ledger.circuit.Predicted;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.circuit.Unsettled;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.LateWords;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.learned.FittingPhoto;
import elsko.server.bench.calculator.VerdictView;
import elsko.server.work.log.Folded;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A boat with all that follows from its log. */
public record BoatView(
    UUID id,
    long version,
    BoatDescription description,
    Protection protection,
    @Nullable UUID berth,
    String berthName,
    boolean afloat,
    List<Position> running,
    Set<String> inBay,
    List<Accessory> unlisted,
    List<Accessory> unanswered,
    @Nullable DecisionView decision,
    List<CircuitView> circuits,
    List<FittingView> fittings,
    BagState bag,
    List<CardLine> cards,
    List<OpenWork> work,
    List<ContradictedView> contradicted,
    List<RedTagView> tags,
    List<LearnedView> learned,
    List<ReadingsView.StandingView> openReadings,
    List<ReadingsView.MissingPieces> missingPieces) {

  public static BoatView of(Folded folded) {
    BoatState state = folded.state();
    return new BoatView(
        folded.row().id(),
        folded.row().version(),
        folded.boat().description(),
        state.protection(),
        state.berth(),
        state.berthName(),
        state.afloat(),
        state.running().keySet().stream().sorted().toList(),
        state.inBay(),
        state.unlisted(),
        state.unanswered(),
        Decision.of(state).map(d -> new DecisionView(d.kind(), d.words(), d.action())).orElse(null),
        circuits(state),
        fittings(state),
        state.bag(),
        state.cards().stream().map(CardLine::of).toList(),
        state.work(),
        state.contradicted().stream()
            .map(late -> new ContradictedView(late.id(), LateWords.of(state.boat(), late)))
            .toList(),
        RedTagView.of(state),
        LearnedView.of(state),
        ReadingsView.StandingView.open(state.readings()),
        ReadingsView.MissingPieces.of(state.missingPieces()));
  }

  static List<CircuitView> circuits(BoatState state) {
    return state.circuits().stream().map(c -> CircuitView.of(state, c)).toList();
  }

  static List<FittingView> fittings(BoatState state) {
    return state.boat().fittings().stream()
        .map(fitting -> FittingView.of(state, fitting.key()))
        .toList();
  }

  /** An entry that came in late and does not go with the rest. */
  public record ContradictedView(UUID entry, Text words) {}

  /** What has to be decided about it now. */
  public record DecisionView(Decision.Kind kind, Text words, Text action) {}

  /**
   * One circuit: its path to be drawn, its low points and what was measured there.
   *
   * @param overboard its water comes in and leaves through the hull
   */
  public record CircuitView(
      String key,
      String name,
      CircuitKind kind,
      boolean overboard,
      @Nullable Position engine,
      Protection protection,
      double liters,
      double litersUsed,
      @Nullable String lot,
      @Nullable String product,
      @Nullable Method filledBy,
      List<PartView> path,
      List<PointView> points,
      List<HoseView> hoses,
      @Nullable CoolantView coolant,
      @Nullable Text accepted,
      boolean awaitsCountersign,
      Set<String> sampledBy,
      @Nullable String countersignedBy,
      @Nullable String unreached,
      List<String> unsettled,
      @Nullable List<FilledSegment> predicted) {
    public static CircuitView of(BoatState state, CircuitState circuit) {
      Predicted predicted = Predicted.of(state.boat(), circuit);
      return new CircuitView(
          circuit.circuit().key(),
          circuit.circuit().name(),
          circuit.circuit().kind(),
          circuit.circuit().handling().overboard(),
          circuit.circuit().engine(),
          circuit.protection(),
          circuit.circuit().liters(),
          circuit.litersUsed(),
          circuit.lot() == null ? null : circuit.lot().number(),
          circuit.lot() == null ? null : circuit.lot().productName(),
          circuit.lot() == null ? null : circuit.drawn() ? Method.DRAW : Method.POUR,
          PartView.of(circuit.circuit().path(), circuit),
          circuit.points().stream().map(p -> PointView.of(circuit, p, predicted)).toList(),
          circuit.circuit().pourPoints().stream()
              .map(pour -> new HoseView(pour.hose(), pour.fills().get(0)))
              .toList(),
          CoolantView.of(state, circuit),
          circuit.accepted() == null ? null : circuit.accepted().words(),
          circuit.awaitsCountersign(),
          circuit.sampledBy(),
          circuit.countersignedBy(),
          circuit.unreached(),
          Unsettled.words(circuit.unsettled()),
          predicted == null ? null : predicted.segments());
    }
  }

  /** How the coolant was read last, and what that means. */
  public record CoolantView(double reading, boolean good, Text words) {
    public static @Nullable CoolantView of(BoatState state, CircuitState circuit) {
      CoolantVerdict verdict = state.circuit(circuit.circuit().key()).coolantVerdict();
      return verdict == null
          ? null
          : new CoolantView(circuit.coolant().reading(), verdict.good(), verdict.words());
    }
  }

  /** A hose end and the segment it opens into. */
  public record HoseView(String fitting, String segment) {}

  /** A segment, or branches side by side; one of the two is null. */
  public record PartView(@Nullable SegmentView segment, @Nullable List<List<PartView>> branches) {
    public static List<PartView> of(List<PathPart> parts, CircuitState circuit) {
      return parts.stream()
          .map(
              part ->
                  part instanceof Parallel parallel
                      ? new PartView(
                          null,
                          parallel.branches().stream().map(b -> PartView.of(b, circuit)).toList())
                      : new PartView(SegmentView.of((Segment) part, circuit), null))
          .toList();
    }
  }

  /** A segment and what is in it. */
  public record SegmentView(
      String key,
      String name,
      SegmentKind kind,
      double liters,
      boolean gated,
      CircuitState.Content content) {
    public static SegmentView of(Segment segment, CircuitState circuit) {
      return new SegmentView(
          segment.key(),
          segment.name(),
          segment.kind(),
          segment.liters(),
          segment.gated(),
          circuit.contents().get(segment.key()));
    }
  }

  /**
   * A low point and what was measured there.
   *
   * @param empty all that it empties is recorded empty
   * @param unit of what was read, by its metric sign
   * @param massFraction of the sample as read, null when the instrument cannot tell it
   * @param predictedMassFraction of the weakest that should stand there; null when not predicted
   * @param parting in words why measured and predicted part, or null while they agree
   */
  public record PointView(
      String key,
      String name,
      @Nullable String opens,
      String segment,
      List<String> empties,
      double liters,
      boolean required,
      @Nullable Seen seen,
      @Nullable String seenWords,
      boolean empty,
      Double reading,
      Double temperatureC,
      @Nullable String lot,
      @Nullable String instrument,
      @Nullable String unit,
      Double massFraction,
      Double jugReading,
      Double jugMassFraction,
      @Nullable VerdictView verdict,
      @Nullable String couldNot,
      boolean toldByOthers,
      Double predictedMassFraction,
      @Nullable String parting) {
    public static PointView of(
        CircuitState circuit, PointState point, @Nullable Predicted predicted) {
      Circuit of = circuit.circuit();
      Fact.SampleRead sample = point.sample();
      Double expected =
          predicted == null
              ? null
              : (Double) predicted.segment(point.point().segment()).lowestCellMassFraction();
      return new PointView(
          point.point().key(),
          point.point().name(),
          point.point().opens(),
          point.point().segment(),
          point.point().empties(),
          of.segment(point.point().segment()).liters(),
          point.point().required(),
          point.seen(),
          point.seen() == null ? null : point.seen().words(),
          point.empty(),
          sample == null ? null : sample.reading(),
          sample == null ? null : sample.temperatureC(),
          sample == null ? null : sample.lot().number(),
          sample == null ? null : sample.with().name(),
          sample == null ? null : sample.with().instrument().scale().unit(),
          sample == null ? null : fraction(sample, sample.reading()),
          point.jugReading(),
          sample == null || point.jugReading() == null
              ? null
              : fraction(sample, point.jugReading()),
          point.verdict() == null ? null : VerdictView.of(point.verdict()),
          point.couldNot(),
          point.toldByOthers(),
          expected,
          parting(circuit, point, expected));
    }

    private static @Nullable String parting(
        CircuitState circuit, PointState point, @Nullable Double expected) {
      Fact.SampleRead sample = point.sample();
      Double measured = sample == null ? null : fraction(sample, sample.reading());
      if (measured == null || expected == null) {
        return null;
      }
      Double sold = sample.lot().product().massFraction();
      Double jug = point.jugReading() == null ? null : fraction(sample, point.jugReading());
      Discrepancy parting =
          Discrepancy.of(
              measured,
              expected,
              new Discrepancy.Around(
                  point.seen() != null && point.seen().isEmpty(),
                  circuit.circuit().segment(point.point().segment()).gated(),
                  circuit.drawn(),
                  sold == null || jug == null ? null : (Double) (jug / sold)));
      return parting == null ? null : parting.words();
    }

    private static Double fraction(Fact.SampleRead sample, double reading) {
      return sample.with().instrument().massFraction(sample.lot().product().base(), reading);
    }
  }

  /** A fitting and how it stands. */
  public record FittingView(
      String key,
      String name,
      FittingKind kind,
      @Nullable String circuit,
      String where,
      String tool,
      FittingState state,
      String stateWords,
      List<StateChoice> states,
      boolean looseEnd,
      boolean forSample,
      boolean concernsMoving,
      @Nullable String by,
      @Nullable Instant at,
      String reason,
      @Nullable FittingPhoto photo) {
    public static FittingView of(BoatState state, String key) {
      FittingStanding standing = state.fitting(key);
      return new FittingView(
          standing.fitting().key(),
          standing.fitting().name(),
          standing.fitting().kind(),
          standing.fitting().circuit(),
          standing.fitting().where(),
          standing.fitting().tool(),
          standing.state(),
          standing.state().words(),
          standing.fitting().kind().states().stream()
              .map(choice -> new StateChoice(choice, choice.words()))
              .toList(),
          standing.isLooseEnd(),
          standing.forSample(),
          standing.fitting().kind().concernsMoving(),
          standing.by(),
          standing.at(),
          standing.reason(),
          state.photoOf(key));
    }
  }

  /** A state a fitting can be set to. */
  public record StateChoice(FittingState state, String words) {}

  /** A card in the boat's list of cards. */
  public record CardLine(
      UUID id,
      Procedure procedure,
      String procedureWords,
      String openedBy,
      Instant openedAt,
      String heldBy,
      boolean closed) {
    public static CardLine of(CardProgress card) {
      return new CardLine(
          card.card(),
          card.procedure(),
          card.procedure().words(),
          card.openedBy(),
          card.openedAt(),
          card.heldBy(),
          card.isClosed());
    }
  }
}
