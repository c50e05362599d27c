package elsko.core.guide;

import elsko.core.limits.RoundConditions;
import java.util.List;

/** What is told at once when something is wrong, and what is done before anybody looks for why. */
public final class AtOnce {
  private static final String FIRE_SERVICE =
      "The fire service and the yard's own rules come before anything said here.";

  public static final List<Guide> ALL =
      List.of(
          new Guide(
              "fuel-smell",
              "It smells of fuel",
              "No start, no switch, no plug pulled, no flame. Everybody off. Open the hatches and let"
                  + " air through; shut the fuel where that needs no switch.",
              List.of("Petrol vapor lies low in the bilge and lights at a switch.", FIRE_SERVICE),
              List.of(),
              RoundConditions.VAPOR.key(),
              "smelt"),
          new Guide(
              "smoke",
              "Smoke or fire",
              "Everybody off, and call for help. Engine stopped, fuel shut and battery OFF only where"
                  + " that keeps nobody aboard.",
              List.of("A hatch that is opened feeds a fire.", FIRE_SERVICE),
              List.of(),
              null,
              null),
          new Guide(
              "water",
              "Water where it should not be",
              "Seacocks SHUT. Nothing is started before it is known where it comes in.",
              List.of("Batteries and shore power in water: nobody reaches in."),
              List.of(),
              null,
              null),
          new Guide(
              "broken",
              "A part is broken",
              "Leave it as it is until it was seen, and take a picture of it.",
              List.of(),
              List.of(),
              null,
              null),
          new Guide(
              "else",
              "Something else",
              "Say what it is in a few words; a picture helps.",
              List.of(),
              List.of(),
              null,
              null));

  private AtOnce() {}
}
