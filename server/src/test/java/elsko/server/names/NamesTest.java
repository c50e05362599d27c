package elsko.server.names;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import elsko.core.boat.Boat;
import elsko.core.fluid.Calibration;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.Product;
import elsko.core.fluid.verdict.Need;
import elsko.core.gauge.GaugeReading;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Lot;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import elsko.core.trial.AnyBoat;
import elsko.server.said.Kinds;
import elsko.server.work.log.EntryKind;
import elsko.server.work.view.AskView;
import java.lang.reflect.RecordComponent;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Nothing is stored or sent by a name that is not listed. */
class NamesTest {
  private static final Names NAMES = Names.listed();
  private static final int MANY_BOATS = 400;

  private static List<String> java(Collection<Names.Field> fields) {
    return fields.stream().map(Names.Field::java).toList();
  }

  private static List<String> components(Class<?> type) {
    return Arrays.stream(type.getRecordComponents()).map(RecordComponent::getName).toList();
  }

  private static Stream<Class<?>> records(Class<?> type) {
    return type.isSealed()
        ? Arrays.stream(type.getPermittedSubclasses()).flatMap(NamesTest::records)
        : Stream.of(type);
  }

  @Test
  void everyKindIsListedWithItsFields() {
    Map<String, Class<?>> facts =
        records(Fact.class)
            .distinct()
            .collect(Collectors.toMap(Class::getSimpleName, Function.identity()));
    assertThat(NAMES.kinds().keySet())
        .containsExactlyInAnyOrderElementsOf(
            Arrays.stream(EntryKind.values()).map(Enum::name).toList());
    assertThat(NAMES.kinds().values().stream().map(Names.Kind::java))
        .containsExactlyInAnyOrderElementsOf(facts.keySet());
    NAMES
        .kinds()
        .values()
        .forEach(
            kind ->
                assertThat(java(kind.kept()))
                    .as(kind.name())
                    .isEqualTo(components(facts.get(kind.java()))));
  }

  @Test
  void whatIsSentIsListedAndHasAPlaceInTheFingerprint() {
    Kinds.all()
        .forEach(
            (name, said) -> {
              List<Names.Field> sent = NAMES.kinds().get(name).sent();
              assertThat(java(sent)).as(name).isEqualTo(components(said));
              assertThat(NAMES.order())
                  .containsAll(sent.stream().map(Names.Field::formerly).toList());
            });
    assertThat(NAMES.order()).containsAll(NAMES.envelope()).doesNotHaveDuplicates();
  }

  @Test
  void whatIsAskedIsListed() {
    Map<String, List<String>> asked = new HashMap<>();
    for (JsonSubTypes.Type type : AskView.class.getAnnotation(JsonSubTypes.class).value()) {
      List<String> own = new ArrayList<>(components(type.value()));
      own.remove("head");
      asked.put(type.name(), own);
    }
    Map<String, List<String>> listed = new HashMap<>();
    NAMES.asks().forEach((kind, fields) -> listed.put(kind, java(fields)));
    assertThat(listed).isEqualTo(asked);
    assertThat(asked.values().stream().flatMap(List::stream)).doesNotContain("kind");
  }

  @Test
  void whatStoredFactsAreMadeOfIsListed() {
    for (Class<?> part :
        List.of(
            Lot.class,
            Product.class,
            InstrumentUse.class,
            Instrument.class,
            Calibration.class,
            Calibration.Point.class,
            GaugeReading.class)) {
      assertThat(java(NAMES.parts().get(part.getSimpleName())))
          .as(part.getSimpleName())
          .isEqualTo(components(part));
    }
  }

  /** Entries name the step they belong to: every one of every card of very different boats. */
  @Test
  void stepsAreListed() {
    Set<String> seen = new TreeSet<>();
    for (int seed = 0; seed < MANY_BOATS; seed++) {
      Boat boat = Boat.of(AnyBoat.of(seed));
      for (Procedure procedure : Procedure.values()) {
        steps(boat, procedure).forEach(key -> seen.add(Names.stepOf(key)));
      }
    }
    assertThat(NAMES.steps()).containsAll(seen);
  }

  private static List<String> steps(Boat boat, Procedure procedure) {
    UUID card = new UUID(0, 1);
    Instant at = Instant.parse("2031-10-29T08:00:00Z");
    Fact opened = new Fact.CardOpened(procedure, Choices.usual(boat, procedure, Practices.USUAL));
    Entry entry = new Entry(card, "Orrin", at, at, card, null, null, opened);
    BoatState state = Ledger.fold(boat, Need.DEFAULT, List.of(entry));
    return CardWriter.write(new CardRequest(state, state.card(card), Practices.USUAL))
        .steps()
        .stream()
        .map(step -> step.key())
        .toList();
  }
}
