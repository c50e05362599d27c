package elsko.server.demo;

import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import java.time.Duration;

/** The petrol V8 sterndrives of the demonstration: proven, waiting, in trouble, still out. */
final class Sterndrives {
  private final FennholmFleet boats;

  Sterndrives(FennholmFleet boats) {
    this.boats = boats;
  }

  void tell() {
    proven();
    waiting();
    troubled();
    stillOut();
  }

  private void proven() {
    boats.laidUp("Thrift", 6.4, "A1", 11, Method.POUR, DrainArrangement.FOUR_DRAINS);
    boats.laidUp("Harebell", 5.8, "A2", 10, Method.POUR, DrainArrangement.ONE_CENTRAL_DRAIN);
    boats.laidUp("Oarweed", 6.9, "A7", 8, Method.DRAW, DrainArrangement.FOUR_DRAINS_ONE_SENSOR);
    boats.laidUp("Glasswort", 8.4, "D1", 6, Method.POUR, DrainArrangement.ONE_CENTRAL_DRAIN);
    boats.sterndrive(
        "Sea Pea",
        7.0,
        "D6",
        DrainArrangement.FOUR_DRAINS,
        5,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.POUR)
                .through("clamp", boats.usual)
                .through("prove", boats.reading("manifold-port", FennholmFleet.SLIGHTLY_WEAK))
                .through("close", boats.usual));
  }

  private void waiting() {
    boats.filled("Sandwort", 7.9, "A5", 1, Method.POUR, DrainArrangement.FOUR_DRAINS);
    boats.filled("Turnstone", 7.2, "C4", 1, Method.POUR, DrainArrangement.FOUR_DRAINS);
    boats.filled("Burnet", 6.0, "C13", 1, Method.POUR, DrainArrangement.FOUR_DRAINS);
    boats.filled("Silverweed", 7.7, "C16", 1, Method.DRAW, DrainArrangement.FOUR_DRAINS);
    boats.filled("Stonecrop", 6.6, "D12", 1, Method.POUR, DrainArrangement.FOUR_DRAINS);
    boats.filled("Hawkbit", 5.7, "D15", 1, Method.POUR, DrainArrangement.ONE_CENTRAL_DRAIN);
    boats.filled("Seablite", 8.0, "D17", 1, Method.POUR, DrainArrangement.FOUR_DRAINS);
    boats.filled("Quillwort", 8.1, "C7", 1, Method.POUR, DrainArrangement.FOUR_DRAINS);
    boats.filled("Bladderwrack", 6.6, "E2", 1, Method.DRAW, DrainArrangement.FOUR_DRAINS);
    boats.sterndrive(
        "Eelgrass",
        5.9,
        "A8",
        DrainArrangement.FOUR_DRAINS,
        4,
        story ->
            story.cameIn(false).by("technician").opens(Method.DRY).through("close", boats.usual));
    boats.sterndrive(
        "Dunlin",
        7.6,
        "C10",
        DrainArrangement.FOUR_DRAINS_ONE_SENSOR,
        1,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.POUR)
                .through("warm-up", boats.usual)
                .begins(5, boats.usual));
    boats.sterndrive(
        "Saltglass", 8.8, "A3", DrainArrangement.FOUR_DRAINS, 2, story -> story.cameIn(false));
    boats.sterndrive(
        "Sea Rocket", 6.2, "D9", DrainArrangement.FOUR_DRAINS, 2, story -> story.cameIn(false));
    boats.sterndrive(
        "Lovage",
        7.4,
        "E6",
        DrainArrangement.ONE_CENTRAL_DRAIN,
        1,
        story -> story.cameIn(false).set("cover", FittingState.TARP, "owner asked for a tarp"));
  }

  private void troubled() {
    boats.sterndrive(
        "Marram",
        7.4,
        "C2",
        DrainArrangement.FOUR_DRAINS,
        1,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.POUR)
                .through("warm-up", boats.usual)
                .note("drain", "starboard block slow, then stopped; thought it was empty")
                .through("clamp", boats.usual)
                .through("prove", boats.reading("block-starboard", FennholmFleet.DILUTED)));
    boats.sterndrive(
        "Tide Table",
        6.7,
        "D3",
        DrainArrangement.FOUR_DRAINS,
        3,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.DRY)
                .through("hoses-low", boats.usual)
                .later(Duration.ofHours(20))
                .at("close", new Fact.BagCounted(4)));
    boats.sterndrive(
        "Scurvygrass",
        6.1,
        "E4",
        DrainArrangement.FOUR_DRAINS,
        1,
        story ->
            story
                .cameIn(false)
                .by("technician")
                .opens(Method.POUR)
                .through("warm-up", boats.usual)
                .at("drain", new Fact.FittingSet("battery", FittingState.OFF, false, ""))
                .at(
                    "drain",
                    new Fact.FittingSet(
                        "block-starboard-drain", FittingState.OUT_BAGGED, false, ""))
                .at("drain", new Fact.LowPointSeen("block-starboard", Seen.DID_NOT_RUN))
                .note("drain", "rod is with the tank kit, back after lunch"));
  }

  private void stillOut() {
    boats.sterndrive(
        "Night Heron", 8.6, "W2", DrainArrangement.FOUR_DRAINS, 20, story -> story.cameIn(true));
    boats.sterndrive(
        "Sanderling", 7.1, "W5", DrainArrangement.FOUR_DRAINS, 18, story -> story.cameIn(true));
    boats.sterndrive("Whimbrel", 6.3, "E8", DrainArrangement.FOUR_DRAINS, 0, story -> story);
  }
}
