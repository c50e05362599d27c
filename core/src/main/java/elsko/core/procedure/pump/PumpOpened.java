package elsko.core.procedure.pump;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limits;
import elsko.core.limits.PumpConditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.LookOver;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.PumpVariant;
import java.util.ArrayList;
import java.util.List;

/** A raw-water pump as it is taken apart, and what is seen on the way. */
record PumpOpened(OnCircuit on) {
  static final String WHY = "pump-why";
  static final String OFF = "pump-off";
  static final String IMPELLER = "pump-impeller";
  static final String PIECES = "pump-pieces";
  static final String HOUSING = "pump-housing";
  static final String SHAFT = "pump-shaft";

  private static final String GOGGLES = "Goggles: springs and circlips fly.";

  List<Step> steps() {
    List<Step> steps = new ArrayList<>();
    steps.add(why());
    steps.add(isOnTheBench() ? off() : cover());
    steps.add(impeller());
    if (LookOver.missesPieces(on) || isBegun(PIECES)) {
      steps.add(pieces());
    }
    steps.add(housing());
    if (isOnTheBench()) {
      steps.add(shaft());
    }
    return steps;
  }

  boolean isOnTheBench() {
    return on.request().pumpVariant(on.circuit()) == PumpVariant.OVERHAUL;
  }

  private boolean isBegun(String step) {
    return !on.request().progress().step(on.key(step)).entries().isEmpty();
  }

  private Step why() {
    List<Ask> asks = new ArrayList<>();
    asks.addAll(on.set(FittingKind.BATTERY_SWITCH, FittingState.OFF));
    asks.addAll(on.set(FittingKind.SEACOCK, SHUT));
    asks.addAll(on.set(FittingKind.STRAINER_LID, FittingState.OFF));
    asks.add(Ask.See.of(on.engine(), PumpConditions.FAILED_BY));
    return on.step(WHY, "Shut it, let air in, and ask why")
        .how(
            (on.has(FittingKind.STRAINER_LID)
                    ? "Strainer lid off first, so that nothing siphons. "
                    : "")
                + "Look along the intake before a bolt is turned: "
                + (on.has(FittingKind.STRAINER_LID)
                    ? "a bag, a blocked strainer, air at the lid, a shut seacock."
                    : "a bag or weed on the grille, a hose that lets air in."))
        .why("A new impeller goes the way of the old one until that is found.")
        .tools(List.of("lamp"))
        .hazards(Cautions.STOPPED)
        .hazards(on.request().state().afloat() ? List.of(Cautions.FLOODING) : List.of())
        .asks(asks)
        .minutes(8)
        .written();
  }

  private Step off() {
    List<Ask> asks = new ArrayList<>();
    if (proofEnds()) {
      asks.add(new Ask.GiveUp("give up the proof of " + on.circuit().name(), on.circuit().key()));
    }
    asks.addAll(on.set(FittingKind.BELT, REMOVED));
    Fitting suction = on.boat().suctionHose(on.circuit());
    if (suction != null) {
      asks.add(
          new Ask.Set(OnCircuit.words(suction, FittingState.OFF), suction.key(), FittingState.OFF));
    }
    asks.add(new Ask.Photo("part number, on the pump"));
    boolean belt = on.has(FittingKind.BELT);
    return on.step(OFF, "Take the pump off")
        .how(
            (suction == null
                    ? "It sits in the leg: that is lowered first. "
                    : "Each hose broken loose by a twist, never by pulling its end. ")
                + (belt
                    ? "Belt slackened and off. "
                    : "A drive gear lets go suddenly: leave its nut on a few turns until it has. ")
                + "Read the part number off the pump before anything is ordered."
                + (proofEnds()
                    ? " Its raw water is %s: with a hose off that ends; pour it full and sample again, or leave this for spring."
                        .formatted(on.state().protection().name())
                    : ""))
        .why("On the bench its back, its seals and its shaft are seen.")
        .tools(
            belt
                ? List.of("spanners", "pick", "soapy water")
                : List.of("spanners", "puller", "pick", "soapy water"))
        .hazards(GOGGLES, Cautions.BATTERY_OFF)
        .asks(asks)
        .after(on.key(WHY))
        .minutes(25)
        .written();
  }

  private Step cover() {
    return on.step(OFF, "Take its cover off")
        .how(
            "Screws out crosswise and counted, cover off by its edge, never prised at the sealing face. Read the"
                + " part number off before anything is ordered.")
        .why("The wear is on the cover, the cam and the vanes.")
        .tools(List.of("screwdriver", "mirror"))
        .hazards(Cautions.BATTERY_OFF)
        .asks(List.of(new Ask.Photo("part number, on the pump")))
        .after(on.key(WHY))
        .minutes(10)
        .written();
  }

  private Step impeller() {
    List<Ask> asks = new ArrayList<>();
    asks.addAll(on.set(FittingKind.IMPELLER, REMOVED));
    asks.add(Ask.Read.of(on.engine(), Limits.IMPELLER_VANES));
    asks.add(Ask.See.of(on.engine(), Conditions.IMPELLER_LOOK));
    return on.step(IMPELLER, "Impeller out: count, bend, look")
        .how(
            "Drawn straight out, not prised over the edge. Bend each vane; count them, and hold the count against"
                + " a new one.")
        .why("A vane that is missing lies somewhere ahead of it.")
        .tools(List.of("impeller puller"))
        .hazards(GOGGLES)
        .asks(asks)
        .after(on.key(OFF))
        .minutes(8)
        .written();
  }

  private Step pieces() {
    return on.step(PIECES, "Find every piece")
        .how(
            "First rising pipe after the pump, exchanger inlet, and back to the intake. Lay the pieces together"
                + " until the vanes are whole.")
        .why("One piece left inside, and it overheats again within weeks. Not finished before.")
        .tools(List.of("hooked wire", "tray"))
        .hazards(on.request().state().afloat() ? List.of(Cautions.FLOODING) : List.of())
        .asks(List.of(LookOver.pieces(on)))
        .after(on.key(IMPELLER))
        .minutes(30)
        .written();
  }

  private Step housing() {
    return on.step(HOUSING, "Housing, face plate and cam")
        .how(
            "Wiped dry, with a lamp and a fingernail. The face plate is lapped flat, or turned over where it is"
                + " symmetrical; the back of the housing can be skimmed; the cam is held beside a new one."
                + " Melted by heat: that half is new.")
        .why("A new impeller in a scored pump lifts as little as the old one.")
        .tools(List.of("lamp", "flat plate with fine paper"))
        .asks(
            List.of(
                Ask.See.of(on.engine(), PumpConditions.HOUSING),
                Ask.See.of(on.engine(), Conditions.FACE_PLATE),
                Ask.See.of(on.engine(), PumpConditions.CAM)))
        .after(on.key(IMPELLER))
        .minutes(15)
        .written();
  }

  private Step shaft() {
    return on.step(SHAFT, "Tell-tale gap, shaft and bearings")
        .how(
            "Which seal leaks, the gap tells: water, or oil. A dry gap: leave the seals alone. Turn the shaft, pull"
                + " and push it: no play, no end float.")
        .why("A groove in the shaft is not cured by new seals: then the pump is replaced.")
        .tools(List.of("lamp", "clean rag"))
        .asks(
            List.of(
                Ask.See.of(on.engine(), PumpConditions.TELL_TALE),
                Ask.See.of(on.engine(), PumpConditions.SHAFT),
                Ask.See.of(on.engine(), PumpConditions.BEARINGS)))
        .after(on.key(IMPELLER))
        .minutes(8)
        .written();
  }

  /** With a hose off, what was filled and proven runs out. */
  private boolean proofEnds() {
    Protection now = on.state().protection();
    boolean filled = now == Protection.PROVEN || now == Protection.FILLED;
    boolean hose = on.boat().suctionHose(on.circuit()) != null;
    return filled && hose && on.wouldBeUndone();
  }
}
