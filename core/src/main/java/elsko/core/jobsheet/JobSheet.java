package elsko.core.jobsheet;

import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.jobsheet.JobLine.Kind;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.EntryWords;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.Call;
import elsko.core.limits.Interval;
import elsko.core.limits.Judgement;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Minutes, liters by lot, parts and findings of a boat over some days. */
public final class JobSheet {
  private final BoatState state;
  private final Boat boat;
  private final Practices practices;
  private final List<Entry> log;
  private final List<JobLine> lines = new ArrayList<>();

  private JobSheet(BoatState state, Practices practices, List<Entry> log) {
    this.state = state;
    this.boat = state.boat();
    this.practices = practices;
    this.log = log;
  }

  /**
   * Everything that happened from one moment to another, by kind.
   *
   * @param kept the whole log, in the order it came in
   * @param to not included
   */
  public static List<JobLine> of(
      BoatState state, Practices practices, List<Entry> kept, Instant from, Instant to) {
    List<Entry> within =
        Corrections.applied(kept).stream()
            .filter(entry -> !entry.deviceTime().isBefore(from) && entry.deviceTime().isBefore(to))
            .toList();
    JobSheet sheet = new JobSheet(state, practices, within);
    sheet.worked();
    sheet.reckoned();
    sheet.fluids();
    sheet.parts();
    sheet.findings();
    return List.copyOf(sheet.lines);
  }

  private void worked() {
    Worked.of(log)
        .forEach(
            (on, time) ->
                lines.add(
                    new JobLine(
                        Kind.WORKED,
                        called(on.card()),
                        Math.round(time.worked().toSeconds() / 60.0),
                        "min",
                        "",
                        on.person(),
                        time.until())));
  }

  private void reckoned() {
    for (CardProgress progress : state.cards()) {
      Instant last = lastDone(progress);
      if (last == null) {
        continue;
      }
      Card card = CardWriter.write(new CardRequest(state, progress, practices));
      int minutes = 0;
      for (Step step : card.steps()) {
        if (isDoneWithin(progress, step.key())) {
          minutes += step.minutes();
        }
      }
      if (minutes > 0) {
        lines.add(
            new JobLine(
                Kind.RECKONED,
                Words.sentence(progress.procedure().words()),
                minutes,
                "min",
                "",
                "",
                last));
      }
    }
  }

  private boolean isDoneWithin(CardProgress progress, String step) {
    return log.stream()
        .anyMatch(
            entry ->
                progress.card().equals(entry.card())
                    && step.equals(entry.step())
                    && entry.fact().is(Fact.StepDone.class));
  }

  private @Nullable Instant lastDone(CardProgress progress) {
    return log.stream()
        .filter(entry -> progress.card().equals(entry.card()))
        .filter(entry -> entry.fact().is(Fact.StepDone.class))
        .map(Entry::deviceTime)
        .max(Instant::compareTo)
        .orElse(null);
  }

  private String called(UUID card) {
    CardProgress progress = state.card(card);
    return progress == null ? "A card" : Words.sentence(progress.procedure().words());
  }

  /** One line for each lot in each circuit, however often it was poured. */
  private void fluids() {
    Map<List<Object>, JobLine> sums = new LinkedHashMap<>();
    for (Entry entry : log) {
      JobLine line = fluid(entry);
      if (line != null) {
        sums.merge(
            List.of(line.what(), line.detail()),
            line,
            (sum, one) ->
                new JobLine(
                    sum.kind(),
                    sum.what(),
                    sum.quantity() + one.quantity(),
                    sum.unit(),
                    sum.detail(),
                    sum.by().equals(one.by()) ? sum.by() : "",
                    one.at()));
      }
    }
    lines.addAll(sums.values());
  }

  private @Nullable JobLine fluid(Entry entry) {
    Fact.FluidUsed used = entry.fact().as(Fact.FluidUsed.class);
    if (used != null) {
      return liters(
          "antifreeze into " + boat.circuit(used.circuit()).name(),
          used.liters(),
          "%s, lot %s".formatted(used.lot().productName(), used.lot().number()),
          entry);
    }
    Fact.FluidCaught caught = entry.fact().as(Fact.FluidCaught.class);
    if (caught != null) {
      return liters(
          "antifreeze caught from " + boat.circuit(caught.circuit()).name(),
          caught.liters(),
          "",
          entry);
    }
    Fact.DescalerUsed acid = entry.fact().as(Fact.DescalerUsed.class);
    return acid == null
        ? null
        : liters(
            "descaler, mixed, into " + boat.circuit(acid.circuit()).name(),
            acid.liters(),
            "",
            entry);
  }

  private static JobLine liters(String what, double liters, String lot, Entry entry) {
    return new JobLine(
        Kind.FLUID, Words.sentence(what), liters, "L", lot, entry.person(), entry.deviceTime());
  }

  private void parts() {
    for (Entry entry : log) {
      Fact.ServiceDone done = entry.fact().as(Fact.ServiceDone.class);
      Fact.TagRemedied remedied = entry.fact().as(Fact.TagRemedied.class);
      if (done != null) {
        part(Interval.of(done.item()), done.engine(), done.found(), entry);
      } else if (remedied != null) {
        Interval work = remedied.cause().remedy(remedied.remedy()).work();
        if (work != null) {
          part(work, remedied.engine(), remedied.found(), entry);
        }
      }
    }
  }

  private void part(Interval interval, @Nullable Position engine, String found, Entry entry) {
    if (interval.part().isEmpty()) {
      return;
    }
    boolean named = engine != null && boat.engineCircuits().size() > 1;
    lines.add(
        new JobLine(
            Kind.PART,
            Words.sentence(
                named
                    ? "%s, %s".formatted(interval.part(), Objects.requireNonNull(engine).words())
                    : interval.part()),
            1,
            "pieces",
            found,
            entry.person(),
            entry.deviceTime()));
  }

  /** What was not as it should be when it was looked at, whether or not it is mended since. */
  private void findings() {
    for (Entry entry : log) {
      if (isFinding(entry.fact())) {
        lines.add(
            new JobLine(
                Kind.FINDING,
                EntryWords.of(boat, entry.fact()),
                0,
                "",
                "",
                entry.person(),
                entry.deviceTime()));
      }
    }
  }

  private boolean isFinding(Fact fact) {
    Fact.ConditionSeen seen = fact.as(Fact.ConditionSeen.class);
    if (seen != null) {
      return seen.found().call() != Call.GOOD;
    }
    Fact.ReadingTaken read = fact.as(Fact.ReadingTaken.class);
    if (read != null) {
      Judgement judged = state.judged(read);
      return !judged.isGood();
    }
    Fact.FrostLooked frost = fact.as(Fact.FrostLooked.class);
    if (frost != null) {
      return frost.found().call() != Call.GOOD;
    }
    return fact.is(Fact.PiecesFound.class) || fact.is(Fact.Complained.class);
  }
}
