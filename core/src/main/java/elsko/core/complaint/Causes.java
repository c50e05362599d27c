package elsko.core.complaint;

import elsko.core.guide.Complaint;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Interval;
import java.util.List;

/**
 * What may lie behind each complaint, by how often it does. The order of the raw-water path is the
 * handbook's; shares, minutes and costs are our estimates.
 */
final class Causes {
  static final String INTAKE = "intake";
  static final String STRAINER = "strainer";
  static final String LID = "lid";
  static final String IMPELLER = "impeller";
  static final String PIECES = "pieces";
  static final String SCALE = "scale";
  static final String THERMOSTAT = "thermostat";
  static final String ELBOW = "elbow";
  static final String MUFFLER = "muffler";
  static final String BATTERY = "battery";
  static final String FUEL_FILTER = "fuel-filter";
  static final String OIL_LEVEL = "oil-level";
  static final String PUMP_SEALS = "pump-seals";
  static final String COOLANT = "coolant";

  private static final String HOT = "running-hot";
  private static final String STEAMS = "steams-under-load";
  private static final String NO_WATER = "no-water";
  private static final String BILGE = "water-in-the-bilge";
  private static final String NO_START = "will-not-start";

  private static final double EXCHANGER = 6;
  private static final double MANIFOLD = 8;
  private static final double ENGINE = 25;
  private static final double PUMP = 3;

  private Causes() {}

  static List<Cause> of(Complaint complaint) {
    return switch (complaint) {
      case STEAMS_UNDER_LOAD ->
          List.of(
              strainer(0.12).at(STEAMS, "strainer"),
              impeller(0.16).at(STEAMS, "impeller"),
              scale(0.28).at(STEAMS, "history"),
              elbow(0.2).at(STEAMS, "elbow"),
              muffler(0.14),
              intake(0.1).at(STEAMS, "grille"));
      case RAN_HOT ->
          List.of(
              intake(0.16).at(HOT, "grille"),
              strainer(0.14).at(HOT, "strainer"),
              impeller(0.24).at(HOT, "impeller"),
              pieces(0.08),
              thermostat(0.1),
              scale(0.16).at(HOT, "history"),
              elbow(0.12).at(HOT, "elbow"));
      case WEAK_FLOW ->
          List.of(
              intake(0.22).at(NO_WATER, "grille"),
              strainer(0.16).at(NO_WATER, "strainer"),
              lid(0.14),
              impeller(0.3).at(NO_WATER, "impeller"),
              pieces(0.06),
              elbow(0.12).at(NO_WATER, "elbow"));
      case STOOD_FOR_YEARS ->
          List.of(
              Cause.of(
                      "turned-by-hand",
                      "rings and valves that stick",
                      0.3,
                      15,
                      "Oil in each cylinder, a day later turned by hand, two whole turns. Before the starter"
                          + " turns it once.")
                  .then(Work.added("cylinders oiled and turned by hand before the first start"))
                  .costs(ENGINE, "a rusty ring scores its wall at the first start")
                  .beforeAll(),
              impeller(0.9),
              Cause.of(
                      "old-fuel",
                      "old fuel and water in it",
                      0.7,
                      20,
                      "A sample from the bottom of the tank, in a glass.")
                  .then(Work.added("tank sampled; old fuel out"))
                  .costs(PUMP, "injection pump or carburetor"),
              filter(0.6),
              Cause.of(
                      "hoses",
                      "hoses and clamps gone hard",
                      0.5,
                      15,
                      "Every hose felt, every clamp seen.")
                  .then(Work.due(Interval.HOSES))
                  .costs(ENGINE, "a hose that lets go floods it or runs it hot"),
              coolant(0.5),
              battery(0.8));
      case HARD_TO_START ->
          List.of(
              battery(0.34),
              Cause.of(
                      "air-in-fuel",
                      "air in the fuel side",
                      0.24,
                      25,
                      "Slack unions and unused branches; bled in order with the seacock SHUT.")
                  .at(NO_START, "cause")
                  .then(Work.added("fuel side bled, slack unions found"))
                  .costs(0, "it stops on the water"),
              filter(0.18),
              Cause.of(
                      "cold-start",
                      "glow plugs or choke",
                      0.14,
                      10,
                      "Its own cold-start routine, watched once.")
                  .then(Work.added("glow plugs or choke tested")),
              Cause.of(
                      "compression",
                      "worn rings or valves",
                      0.1,
                      45,
                      "Compression of each cylinder, warm.")
                  .then(Work.added("compression measured"))
                  .costs(ENGINE, "it wears on with every start"));
      case SMOKES ->
          List.of(
              Cause.of(OIL_LEVEL, "too much oil in it", 0.2, 3, "The second dip counts.")
                  .then(Work.added("oil drawn down to the mark"))
                  .costs(ENGINE, "it can run away on its own oil"),
              Cause.of(
                      "load",
                      "propeller or growth: black under load",
                      0.3,
                      10,
                      "Hull and propeller from outside; full revs against its manual.")
                  .then(Work.added("propeller and hull looked at, full revs read")),
              filter(0.15),
              elbow(0.15),
              Cause.of(
                      "rings",
                      "rings or guides: blue",
                      0.2,
                      45,
                      "Compression of each cylinder, warm.")
                  .then(Work.added("compression measured"))
                  .costs(ENGINE, "it wears on"));
      case WET_BILGE ->
          List.of(
              Cause.of("shaft-seal", "shaft seal", 0.26, 5, "From outside with a lamp, hands out.")
                  .at(BILGE, "where")
                  .then(Work.due(Interval.HOSES))
                  .costs(ENGINE, "it can let go at once"),
              Cause.of(PUMP_SEALS, "raw-water pump", 0.22, 5, "Its tell-tale gap, with a rag.")
                  .at(BILGE, "where")
                  .then(Work.card(Procedure.PUMP))
                  .costs(PUMP, "its bearing rusts"),
              Cause.of("joints", "hoses and clamps", 0.22, 10, "Along the path while it runs.")
                  .at(BILGE, "where")
                  .then(Work.due(Interval.HOSES))
                  .costs(ENGINE, "a hose that lets go floods it"),
              Cause.of("skin-fittings", "skin fittings", 0.1, 15, "Each one, dried, then watched.")
                  .at(BILGE, "where")
                  .then(Work.added("skin fittings looked at"))
                  .costs(ENGINE, "under water"),
              Cause.of("deck", "deck, windows, condensation", 0.2, 10, "Salt or fresh by test.")
                  .at(BILGE, "fresh-where")
                  .then(Work.added("deck and window seals looked at")));
      case NOTHING -> List.of();
    };
  }

  private static Cause intake(double share) {
    return Cause.of(INTAKE, "intake or leg grille", share, 5, "From outside, with a lamp.")
        .then(Work.added("intake grille cleared"))
        .costs(PUMP, "the pump runs short of water");
  }

  private static Cause strainer(double share) {
    return Cause.of(STRAINER, "strainer", share, 5, "Seacock SHUT, lid off: basket, bowl and mesh.")
        .then(Work.added("strainer cleaned"))
        .costs(PUMP, "the pump runs short of water");
  }

  private static Cause lid(double share) {
    return Cause.of(
            LID,
            "air at the strainer lid or a joint before the pump",
            share,
            5,
            "Nothing leaks out where air gets in: bubbles in the strainer while it runs.")
        .at(NO_WATER, "lid")
        .then(Work.added("strainer lid sealed, clamps before the pump"))
        .costs(PUMP, "the pump runs short of water");
  }

  private static Cause impeller(double share) {
    return Cause.of(
            IMPELLER, "impeller", share, 20, "Cover off: cracks, set vanes, missing pieces.")
        .then(Work.card(Procedure.PUMP))
        .costs(MANIFOLD, "vanes come off and block what is behind them");
  }

  private static Cause pieces(double share) {
    return Cause.of(
            PIECES,
            "a piece of an earlier impeller",
            share,
            30,
            "First rising pipe after the pump, exchanger inlet, and back to the intake.")
        .at(HOT, "exchanger")
        .then(Work.card(Procedure.PUMP))
        .costs(EXCHANGER, "it overheats again within weeks");
  }

  private static Cause thermostat(double share) {
    return Cause.of(
            THERMOSTAT, "thermostat", share, 30, "Out when cold, into a pot that is heated.")
        .at(HOT, "thermostat")
        .then(Work.added("new thermostat with its gasket"))
        .costs(ENGINE, "it boils with no warning");
  }

  private static Cause scale(double share) {
    return Cause.of(
            SCALE,
            "scale in the raw-water path",
            share,
            10,
            "How it holds against its own history, warm.")
        .then(Work.card(Procedure.DESCALE))
        .costs(EXCHANGER, "the exchanger closes; then the head gasket");
  }

  private static Cause elbow(double share) {
    return Cause.of(
            ELBOW, "mixing elbow or riser", share, 40, "Off at its joints, look through it.")
        .then(Work.due(Interval.ELBOW))
        .costs(MANIFOLD, "rusted through it lets water into the cylinders");
  }

  private static Cause muffler(double share) {
    return Cause.of(
            MUFFLER,
            "muffler or hose that is blocked: back pressure",
            share,
            30,
            "Hose off behind the elbow, a lamp through it; back pressure by a gauge at the elbow.")
        .at(STEAMS, "muffler")
        .then(Work.added("muffler opened, exhaust hose looked through"))
        .costs(MANIFOLD, "exhaust and water back up into the engine");
  }

  private static Cause battery(double share) {
    return Cause.of(BATTERY, "battery or its leads", share, 10, "At rest, then under load.")
        .then(Work.added("battery tested under load, leads cleaned"))
        .costs(0, "it does not start on the water");
  }

  private static Cause filter(double share) {
    return Cause.of(FUEL_FILTER, "fuel filter", share, 15, "What comes out of its bowl.")
        .then(Work.due(Interval.FUEL_FILTER))
        .costs(0, "it stops on the water");
  }

  private static Cause coolant(double share) {
    return Cause.of(COOLANT, "coolant without strength", share, 5, "Read cold at the filler.")
        .then(Work.due(Interval.COOLANT))
        .costs(ENGINE, "it freezes, or eats the block");
  }
}
