package elsko.core.procedure.card;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.StartBasis;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;

/**
 * The ways in which an ask can be answered.
 *
 * @param ways in each of them everything has to be said
 */
public record Answers(List<List<Answer<?>>> ways) {
  /** Starts that run an engine; a kick only turns it. */
  private static final List<StartBasis> RUNS =
      Arrays.stream(StartBasis.values()).filter(basis -> basis != StartBasis.KICK).toList();

  public static Answers of(Boat boat, Ask ask) {
    return switch (ask) {
      case Ask.Set set ->
          one(Answer.with(Field.FITTING, set.fitting()).and(Field.STATE, List.of(set.to())));
      case Ask.Open open -> one(Answer.with(Field.SEEN_AT, open.lowPoint()));
      case Ask.Engine engine ->
          engine.start()
              ? one(
                  Answer.any(Fact.EngineStarted.class)
                      .and(Field.STARTED, meant(boat, engine.engine()))
                      .and(Field.BASIS, RUNS))
              : one(
                  Answer.any(Fact.EngineStopped.class)
                      .and(Field.STOPPED, meant(boat, engine.engine())));
      case Ask.Kick kick ->
          one(
              Answer.with(Field.BASIS, StartBasis.KICK)
                  .and(Field.STARTED, meant(boat, kick.engine())));
      case Ask.Read read -> {
        Answer<?> measured =
            Answer.with(Field.LIMIT, read.limit()).and(Field.READ_OF, meant(boat, read.engine()));
        yield read.instead() == null
            ? one(measured)
            : new Answers(
                List.of(List.of(measured), List.of(seen(boat, read.instead(), read.engine()))));
      }
      case Ask.See see -> one(seen(boat, see.condition(), see.engine()));
      case Ask.Pieces pieces ->
          one(
              Answer.any(Fact.PiecesFound.class)
                  .and(Field.PIECES_OF, meant(boat, pieces.engine()))
                  .atLeast(Field.COUNT, pieces.missing()));
      case Ask.Fill fill ->
          one(
              Answer.with(Field.FILLED, fill.circuit())
                  .and(Field.POUR_POINT, Arrays.asList(fill.pourPoint())));
      case Ask.Catch caught -> one(Answer.with(Field.CAUGHT, caught.circuit()));
      case Ask.Disinfect dose -> one(Answer.with(Field.DISINFECTED, dose.circuit()));
      case Ask.Pick pick ->
          one(
              Answer.with(Field.PICKED, pick.item())
                  .and(Field.PICKED_FOR, meant(boat, pick.engine())));
      case Ask.Descale descale -> one(Answer.with(Field.DESCALED, descale.circuit()));
      case Ask.Count count -> one(Answer.any(Fact.BagCounted.class));
      case Ask.Jug jug -> one(Answer.any(Fact.JugRead.class));
      case Ask.Sample sample ->
          new Answers(
              List.of(
                  List.of(Answer.with(Field.SAMPLED, sample.lowPoint())),
                  List.of(Answer.with(Field.NOT_SAMPLED, sample.lowPoint()))));
      case Ask.Coolant coolant -> one(Answer.with(Field.COOLANT, coolant.circuit()));
      case Ask.Frost frost -> one(Answer.with(Field.FROST, frost.circuit()));
      case Ask.Service service ->
          one(
              Answer.with(Field.SERVICED, service.item())
                  .and(Field.SERVICED_OF, meant(boat, service.engine())));
      case Ask.Oil oil ->
          one(Answer.any(Fact.CylindersOiled.class).and(Field.OILED, meant(boat, oil.engine())));
      case Ask.Remedy remedy ->
          one(
              Answer.with(Field.REMEDIED, remedy.remedy())
                  .and(Field.REMEDIED_CAUSE, List.of(remedy.cause()))
                  .and(Field.REMEDIED_OF, meant(boat, remedy.engine())));
      case Ask.Photo photo ->
          new Answers(
              List.of(
                  List.of(Answer.with(Field.PHOTO_OF, null)),
                  List.of(Answer.any(Fact.Noted.class))));
      case Ask.Complaints complaints -> one(Answer.any(Fact.Complained.class));
      case Ask.GiveUp given -> one(Answer.with(Field.GIVEN_UP, given.circuit()));
      case Ask.Aboard aboard -> one(Answer.with(Field.ACCESSORY, aboard.accessory()));
      case Ask.Look look -> new Answers(List.of(lookedAt(look)));
      case Ask.Note note -> one(Answer.any(Fact.Noted.class));
      case Ask.Afloat afloat -> new Answers(List.of());
    };
  }

  /** Whether what was said answers it, in one of its ways. */
  public boolean areGivenBy(Collection<Fact> said) {
    return ways.stream()
        .anyMatch(
            way -> way.stream().allMatch(answer -> said.stream().anyMatch(answer::isGivenBy)));
  }

  private static Answers one(Answer<?> answer) {
    return new Answers(List.of(List.of(answer)));
  }

  private static Answer<?> seen(Boat boat, String condition, Position engine) {
    return Answer.with(Field.CONDITION, condition).and(Field.SEEN_OF, meant(boat, engine));
  }

  private static List<Answer<?>> lookedAt(Ask.Look look) {
    List<Answer<?>> all = new ArrayList<>();
    look.circuits()
        .forEach(
            circuit ->
                all.add(
                    Answer.with(Field.LOOKED_AT, circuit)
                        .and(Field.IN_SERVICE, List.of(look.inService()))));
    return all;
  }

  /** By which names the same engine may go; the only one may be left out. */
  private static List<Position> meant(Boat boat, Position engine) {
    List<Position> names = new ArrayList<>();
    names.add(null);
    names.addAll(Arrays.asList(Position.values()));
    names.removeIf(name -> boat.engineMeant(name) != boat.engineMeant(engine));
    return names;
  }
}
