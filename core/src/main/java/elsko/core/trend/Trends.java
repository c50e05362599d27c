package elsko.core.trend;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Limits;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Reads out of a boat's log how each of its engines went over years. */
public final class Trends {
  /** Work that looks at the raw-water path or frees it. */
  private static final Set<String> SEES_TO_THE_PATH =
      Set.of(Interval.DESCALE.key(), Interval.ELBOW.key());

  private final Boat boat;
  private final Circuit circuit;
  private final GaugeLimits limits;
  private final Map<TrendKind, List<TrendPoint>> points = new EnumMap<>(TrendKind.class);
  private final List<GaugeReading> run = new ArrayList<>();
  private final List<Instant> seenTo = new ArrayList<>();
  private boolean runHolds;

  private Trends(Boat boat, Circuit circuit) {
    this.boat = boat;
    this.circuit = circuit;
    this.limits = GaugeLimits.of(boat.engine(circuit), List.of());
  }

  /** Of every engine that is cooled by raw water, in the order a person walks to them. */
  public static List<EngineTrends> of(Boat boat, List<Entry> log) {
    List<Entry> standing = Corrections.applied(log);
    List<EngineTrends> all = new ArrayList<>();
    for (Circuit circuit : boat.engineCircuits()) {
      if (circuit.isRawWater()) {
        Trends trends = new Trends(boat, circuit);
        standing.forEach(entry -> trends.take(entry, entry.fact()));
        all.add(trends.found());
      }
    }
    return all;
  }

  private EngineTrends found() {
    List<TrendPoint> plateaus = points.getOrDefault(TrendKind.PLATEAU, List.of());
    List<TrendPoint> flow = points.getOrDefault(TrendKind.SECONDS_TO_FLOW, List.of());
    points.replaceAll((kind, list) -> List.copyOf(list));
    return new EngineTrends(
        circuit.engine(), Map.copyOf(points), Narrowing.of(plateaus, flow, seenTo));
  }

  private void take(Entry entry, Fact fact) {
    switch (fact) {
      case Fact.RoundDone round -> {
        round.read().forEach(read -> take(entry, read));
        round.seen().forEach(seen -> take(entry, seen));
      }
      case Fact.ReadingTaken read -> {
        if (isMeant(read.engine())) {
          read(entry, read);
        }
      }
      case Fact.ConditionSeen seen -> {
        if (isMeant(seen.engine())) {
          seen(entry, seen);
        }
      }
      case Fact.EngineStarted started -> {
        if (isMeant(started.engine())) {
          run.clear();
          runHolds = false;
        }
      }
      case Fact.GaugeRead gauge -> {
        if (isMeant(gauge.engine())) {
          gauge(entry, gauge.reading());
        }
      }
      case Fact.FluidUsed used -> {
        if (used.circuit().equals(circuit.key())) {
          sameDay(TrendKind.LITERS_IN, entry, used.liters(), Double::sum);
        }
      }
      case Fact.SampleRead sample -> {
        if (isHere(sample.lowPoint())) {
          sampled(entry, sample);
        }
      }
      case Fact.AccessorySeen accessorySeen -> {}
      case Fact.CircuitSeen circuitSeen -> {}
      case Fact.FrostLooked frostLooked -> {}
      case Fact.FittingSet fittingSet -> {}
      case Fact.LowPointSeen lowPointSeen -> {}
      case Fact.Cranked cranked -> {}
      case Fact.EngineStopped engineStopped -> {}
      case Fact.DescalerUsed used -> {
        if (used.circuit().equals(circuit.key())) {
          seenTo.add(entry.deviceTime());
        }
      }
      case Fact.CoolantRead coolantRead -> {}
      case Fact.ServiceDone done -> {
        if (isMeant(done.engine()) && SEES_TO_THE_PATH.contains(done.item())) {
          seenTo.add(entry.deviceTime());
        }
      }
      case Fact.DuePlanned duePlanned -> {}
      case Fact.FluidCaught fluidCaught -> {}
      case Fact.Disinfected disinfected -> {}
      case Fact.PartPicked partPicked -> {}
      case Fact.CameBack cameBack -> {}
      case Fact.EngineTroubled engineTroubled -> {}
      case Fact.TagRemedied tagRemedied -> {}
      case Fact.TagLifted tagLifted -> {}
      case Fact.MeterReplaced meterReplaced -> {}
      case Fact.CylindersOiled cylindersOiled -> {}
      case Fact.Complained complained -> {}
      case Fact.ProofGivenUp proofGivenUp -> {}
      case Fact.CaughtAtDrain caughtAtDrain -> {}
      case Fact.LearnedUsed learnedUsed -> {}
      case Fact.JugRead jugRead -> {}
      case Fact.CouldNotSample couldNotSample -> {}
      case Fact.Accepted accepted -> {}
      case Fact.Countersigned countersigned -> {}
      case Fact.PiecesFound piecesFound -> {}
      case Fact.BagCounted bagCounted -> {}
      case Fact.GuideLooked guideLooked -> {}
      case Fact.WorkAdded workAdded -> {}
      case Fact.WorkDone workDone -> {}
      case Fact.LateSettled lateSettled -> {}
      case Fact.BayEntered bayEntered -> {}
      case Fact.BayLeft bayLeft -> {}
      case Fact.Noted noted -> {}
      case Fact.PhotoTaken photoTaken -> {}
      case Fact.CardOpened cardOpened -> {}
      case Fact.CardTaken cardTaken -> {}
      case Fact.HandedOver handedOver -> {}
      case Fact.StepDone stepDone -> {}
      case Fact.StepSkipped stepSkipped -> {}
      case Fact.BerthMoved berthMoved -> {}
      case Fact.Withdrawn withdrawn -> {}
    }
  }

  private void sampled(Entry entry, Fact.SampleRead sample) {
    Double fraction =
        sample.with().instrument().massFraction(sample.lot().product().base(), sample.reading());
    if (fraction != null) {
      sameDay(TrendKind.WEAKEST_SAMPLE, entry, fraction * 100, Math::min);
    }
  }

  private void read(Entry entry, Fact.ReadingTaken read) {
    if (Limits.isPlateau(read.limit())) {
      boolean warm = read.value() >= limits.opensFromC();
      add(TrendKind.PLATEAU, new TrendPoint(entry.deviceTime(), read.value(), "", warm));
    } else if (read.limit().equals(Limits.WATER_AT_EXHAUST.key())) {
      boolean good = Limits.WATER_AT_EXHAUST.judge(read.value()).isGood();
      add(TrendKind.SECONDS_TO_FLOW, new TrendPoint(entry.deviceTime(), read.value(), "", good));
    }
  }

  private void seen(Entry entry, Fact.ConditionSeen seen) {
    if (seen.condition().equals(Conditions.OIL_LOOK.key())) {
      add(
          TrendKind.OIL_LOOK,
          new TrendPoint(
              entry.deviceTime(), null, seen.found().words(), seen.found().judgement().isGood()));
    }
  }

  /** The first time a run holds tells how long its thermostat took, and at what revs. */
  private void gauge(Entry entry, GaugeReading reading) {
    run.add(reading);
    if (runHolds || GaugeWatch.of(limits, run).standing() != GaugeWatch.Standing.OPEN) {
      return;
    }
    runHolds = true;
    add(TrendKind.MINUTES_TO_THERMOSTAT, TrendPoint.number(entry.deviceTime(), reading.minute()));
    if (reading.rpm() != null) {
      add(TrendKind.REVS, TrendPoint.number(entry.deviceTime(), reading.rpm()));
    }
  }

  private void sameDay(
      TrendKind kind, Entry entry, double value, java.util.function.DoubleBinaryOperator together) {
    List<TrendPoint> list = points.computeIfAbsent(kind, key -> new ArrayList<>());
    TrendPoint last = list.isEmpty() ? null : list.get(list.size() - 1);
    TrendPoint point = TrendPoint.number(entry.deviceTime(), value);
    if (last != null && day(last).equals(day(point))) {
      list.set(
          list.size() - 1,
          TrendPoint.number(entry.deviceTime(), together.applyAsDouble(last.number(), value)));
    } else {
      list.add(point);
    }
  }

  private static LocalDate day(TrendPoint point) {
    return LocalDate.ofInstant(point.at(), ZoneOffset.UTC);
  }

  private void add(TrendKind kind, TrendPoint point) {
    points.computeIfAbsent(kind, key -> new ArrayList<>()).add(point);
  }

  private boolean isHere(String lowPoint) {
    return boat.hasLowPoint(lowPoint)
        && boat.circuitOfLowPoint(lowPoint).key().equals(circuit.key());
  }

  /** Where nobody said which engine, the only one is meant. */
  private boolean isMeant(@Nullable Position named) {
    return named == null ? boat.engineCircuits().size() == 1 : named == circuit.engine();
  }
}
