package elsko.core.procedure.card;

import elsko.core.ledger.fact.Fact;
import java.util.function.Function;

/**
 * A field that tells one answer from another.
 *
 * @param name by which it is sent
 */
public record Field<F extends Fact>(Class<F> kind, String name, Function<F, Object> of) {
  static final Field<Fact.FittingSet> FITTING =
      new Field<>(Fact.FittingSet.class, "fitting", Fact.FittingSet::fitting);
  static final Field<Fact.FittingSet> STATE =
      new Field<>(Fact.FittingSet.class, "state", Fact.FittingSet::state);
  static final Field<Fact.LowPointSeen> SEEN_AT =
      new Field<>(Fact.LowPointSeen.class, "lowPoint", Fact.LowPointSeen::lowPoint);
  static final Field<Fact.EngineStarted> STARTED =
      new Field<>(Fact.EngineStarted.class, "engine", Fact.EngineStarted::engine);
  static final Field<Fact.EngineStarted> BASIS =
      new Field<>(Fact.EngineStarted.class, "basis", Fact.EngineStarted::basis);
  static final Field<Fact.EngineStopped> STOPPED =
      new Field<>(Fact.EngineStopped.class, "engine", Fact.EngineStopped::engine);
  static final Field<Fact.ReadingTaken> LIMIT =
      new Field<>(Fact.ReadingTaken.class, "limit", Fact.ReadingTaken::limit);
  static final Field<Fact.ReadingTaken> READ_OF =
      new Field<>(Fact.ReadingTaken.class, "engine", Fact.ReadingTaken::engine);
  static final Field<Fact.ConditionSeen> CONDITION =
      new Field<>(Fact.ConditionSeen.class, "condition", Fact.ConditionSeen::condition);
  static final Field<Fact.ConditionSeen> SEEN_OF =
      new Field<>(Fact.ConditionSeen.class, "engine", Fact.ConditionSeen::engine);
  static final Field<Fact.PiecesFound> PIECES_OF =
      new Field<>(Fact.PiecesFound.class, "engine", Fact.PiecesFound::engine);
  static final Field<Fact.PiecesFound> COUNT =
      new Field<>(Fact.PiecesFound.class, "count", Fact.PiecesFound::count);
  static final Field<Fact.FluidUsed> FILLED =
      new Field<>(Fact.FluidUsed.class, "circuit", Fact.FluidUsed::circuit);
  static final Field<Fact.FluidUsed> POUR_POINT =
      new Field<>(Fact.FluidUsed.class, "pourPoint", Fact.FluidUsed::pourPoint);
  static final Field<Fact.FluidCaught> CAUGHT =
      new Field<>(Fact.FluidCaught.class, "circuit", Fact.FluidCaught::circuit);
  static final Field<Fact.Disinfected> DISINFECTED =
      new Field<>(Fact.Disinfected.class, "circuit", Fact.Disinfected::circuit);
  static final Field<Fact.DescalerUsed> DESCALED =
      new Field<>(Fact.DescalerUsed.class, "circuit", Fact.DescalerUsed::circuit);
  static final Field<Fact.PartPicked> PICKED =
      new Field<>(Fact.PartPicked.class, "item", Fact.PartPicked::item);
  static final Field<Fact.PartPicked> PICKED_FOR =
      new Field<>(Fact.PartPicked.class, "engine", Fact.PartPicked::engine);
  static final Field<Fact.ServiceDone> SERVICED =
      new Field<>(Fact.ServiceDone.class, "item", Fact.ServiceDone::item);
  static final Field<Fact.ServiceDone> SERVICED_OF =
      new Field<>(Fact.ServiceDone.class, "engine", Fact.ServiceDone::engine);
  static final Field<Fact.CylindersOiled> OILED =
      new Field<>(Fact.CylindersOiled.class, "engine", Fact.CylindersOiled::engine);
  static final Field<Fact.TagRemedied> REMEDIED =
      new Field<>(Fact.TagRemedied.class, "remedy", Fact.TagRemedied::remedy);
  static final Field<Fact.TagRemedied> REMEDIED_CAUSE =
      new Field<>(Fact.TagRemedied.class, "cause", Fact.TagRemedied::cause);
  static final Field<Fact.TagRemedied> REMEDIED_OF =
      new Field<>(Fact.TagRemedied.class, "engine", Fact.TagRemedied::engine);
  static final Field<Fact.ProofGivenUp> GIVEN_UP =
      new Field<>(Fact.ProofGivenUp.class, "circuit", Fact.ProofGivenUp::circuit);
  static final Field<Fact.PhotoTaken> PHOTO_OF =
      new Field<>(Fact.PhotoTaken.class, "fitting", Fact.PhotoTaken::fitting);
  static final Field<Fact.JugRead> JUG_OF =
      new Field<>(Fact.JugRead.class, "lot", read -> read.lot().number());
  static final Field<Fact.SampleRead> SAMPLED =
      new Field<>(Fact.SampleRead.class, "lowPoint", Fact.SampleRead::lowPoint);
  static final Field<Fact.CouldNotSample> NOT_SAMPLED =
      new Field<>(Fact.CouldNotSample.class, "lowPoint", Fact.CouldNotSample::lowPoint);
  static final Field<Fact.CoolantRead> COOLANT =
      new Field<>(Fact.CoolantRead.class, "circuit", Fact.CoolantRead::circuit);
  static final Field<Fact.FrostLooked> FROST =
      new Field<>(Fact.FrostLooked.class, "circuit", Fact.FrostLooked::circuit);
  static final Field<Fact.AccessorySeen> ACCESSORY =
      new Field<>(Fact.AccessorySeen.class, "accessory", Fact.AccessorySeen::accessory);
  static final Field<Fact.CircuitSeen> LOOKED_AT =
      new Field<>(Fact.CircuitSeen.class, "circuit", Fact.CircuitSeen::circuit);
  static final Field<Fact.CircuitSeen> IN_SERVICE =
      new Field<>(Fact.CircuitSeen.class, "inService", Fact.CircuitSeen::inService);
}
