package elsko.core.guide;

import static elsko.core.guide.Guide.Answer.ends;
import static elsko.core.guide.Guide.Answer.leads;

import elsko.core.guide.Guide.Look;
import java.util.ArrayList;
import java.util.List;

/** The troubles there is a guide for. */
public final class Guides {
  private static final String IN_THE_BAY =
      "Engine stopped, battery isolated, hands and sleeves out before anything is looked at.";
  private static final String FLOODING =
      "Afloat: seacock SHUT before anything under the waterline is opened; one at a time, a plug at hand.";
  private static final String HOT = "Hot water and pressure cap: cold only.";

  public static final List<Guide> ALL =
      List.of(willNotStart(), noWater(), runningHot(), steamsUnderLoad(), waterInTheBilge());

  private Guides() {}

  private static Guide willNotStart() {
    return new Guide(
        "will-not-start",
        "Will not start",
        "The engine's own cold-start routine first. Neutral, lanyard, battery switch, main engine fuse.",
        List.of(
            "Hydraulic lock: do not keep cranking. The count of turns says when to stop.",
            "Fuel: no ignition near it; fuel systems are licensed people's work."),
        List.of(
            new Look(
                "key",
                "What happens at the key?",
                "Turn it once, briefly.",
                List.of(
                    ends(
                        "nothing",
                        "Nothing.",
                        "Lever in neutral, lanyard on, battery switch ON; then the main engine fuse: long"
                            + " cranking on a weak battery blows it.",
                        "electric start: nothing at the key"),
                    ends(
                        "stops-dead",
                        "It stops dead, or will not turn.",
                        "No more cranking: water may stand in the cylinders. A same-day job, before lay-ups:"
                            + " water out, oil in, turned by hand, checked for bent parts.",
                        "water in the cylinders: same-day job"),
                    leads("turns", "It turns and will not fire.", "cause"))),
            new Look(
                "cause",
                "How does it turn, and what was done last?",
                "Air, fuel or battery is the usual cause.",
                List.of(
                    ends(
                        "slowly",
                        "Slowly.",
                        "Charge the battery, then test it under load.",
                        "battery tested under load"),
                    leads("fuel-work", "Well; the fuel side was worked on.", "bleed"),
                    ends(
                        "well",
                        "Well; nothing was done to the fuel.",
                        "Fuel on, filter, slack unions, unused fuel branches that let air in.",
                        "fuel side looked at: turns, does not fire"))),
            new Look(
                "bleed",
                "Bled in order, does it fire?",
                "Seacock SHUT first. Filter, lift pump, injection-pump inlet, injector pipes, cranking at each"
                    + " until no air; decompression lever if fitted; bleed screws gently.",
                List.of(
                    ends(
                        "fires",
                        "It fires.",
                        "Seacock OPEN within 15 seconds; water at the exhaust within a minute.",
                        ""),
                    ends(
                        "air",
                        "There is always air.",
                        "Slack unions and unused fuel branches.",
                        "fuel side lets air in")))));
  }

  private static Guide noWater() {
    return new Guide(
        "no-water",
        "No water at the exhaust",
        "Stop the engine. A normal gauge is no evidence of flow.",
        List.of(IN_THE_BAY, FLOODING),
        alongThePath(
            ends(
                "free",
                "Free.",
                "Nothing found along the path: have the pump's drive and the hoses looked at.",
                "no water at the exhaust, nothing found along the path")));
  }

  /** What lets enough through at idle and not under load: a path that is narrow, not shut. */
  private static Guide steamsUnderLoad() {
    List<Look> looks = new ArrayList<>(alongThePath(leads("free", "Free.", "muffler")));
    looks.add(
        new Look(
            "muffler",
            "Muffler and the hose to it: free?",
            "Hose off behind the elbow, cold; a lamp through hose, muffler and outlet. A lining that came loose"
                + " shuts like a valve when the flow grows.",
            List.of(
                leads("free", "Yes.", "pressure"),
                ends(
                    "blocked",
                    "No: a lining, carbon or scale.",
                    "Open and clear it, or a new one. Where it was scale, descale the path too.",
                    "muffler opened, exhaust hose looked through"))));
    looks.add(
        new Look(
            "pressure",
            "Back pressure at full revs: within its manual?",
            "By a gauge at the plug of the elbow, on the water, nobody over the engine.",
            List.of(
                leads("within", "Yes.", "history"),
                ends(
                    "over",
                    "No.",
                    "Something behind the elbow is narrow still: outlet, riser loop, a muffler that is too small."
                        + " Low load only until it is found.",
                    "back pressure too high: exhaust looked through to the outlet"))));
    looks.add(
        history(
            ends(
                "sudden",
                "As always.",
                "There is nothing narrow: have the propeller and the load looked at.",
                "propeller and load looked at")));
    return new Guide(
        "steams-under-load",
        "Steams under load",
        "Low load only until it is found. A white cloud in the engine space: stop at once.",
        List.of(HOT, IN_THE_BAY, FLOODING, "Exhaust gas kills: no run with a joint open."),
        List.copyOf(looks));
  }

  private static Look history(Guide.Answer asAlways) {
    return new Look(
        "history",
        "How does it hold against its own history?",
        "The plateaus of earlier years stand beside its gauge.",
        List.of(
            ends(
                "higher",
                "Hotter from year to year.",
                "The raw-water path narrows: descale it. Low load only until then.",
                "descale: runs hotter than its own history"),
            asAlways));
  }

  private static Guide runningHot() {
    List<Look> looks = new ArrayList<>(alongThePath(leads("free", "Free.", "thermostat")));
    looks.add(
        new Look(
            "thermostat",
            "Does the thermostat open in hot water?",
            "Out when cold, into a pot that is heated.",
            List.of(
                ends("shut", "No.", "A new thermostat with its gasket.", "new thermostat"),
                leads("opens", "Yes.", "history"))));
    looks.add(
        history(
            ends(
                "sudden",
                "As always, until today.",
                "A piece of an impeller may be inside still; look for it along the path.",
                "missing impeller pieces looked for")));
    return new Guide(
        "running-hot",
        "Running hot",
        "Stop the engine. Let it cool before a cap or a cover is opened.",
        List.of(HOT, IN_THE_BAY, FLOODING),
        List.copyOf(looks));
  }

  /** From the intake to the exhaust, in the order faults are found. */
  private static List<Look> alongThePath(Guide.Answer last) {
    return List.of(
        place(
            "grille",
            "Intake or leg grille: free?",
            "From outside, with a lamp.",
            "seacock",
            "Clear it, start again: water within a minute.",
            "intake grille cleared"),
        place(
            "seacock",
            "Seacock: fully open?",
            "Handle along the flow is open.",
            "strainer",
            "Open it. If it ran dry, the impeller is due at once.",
            "impeller looked at after a dry run"),
        place(
            "strainer",
            "Strainer: clean?",
            "Seacock SHUT before the lid comes off, afloat.",
            "lid",
            "Clean basket and bowl, brush the mesh.",
            "strainer cleaned"),
        place(
            "lid",
            "Lid and its ring: tight?",
            "Before the pump a loose joint lets air in; nothing leaks out.",
            "impeller",
            "Ring seated, lid by hand; hose clamps before the pump.",
            "strainer lid sealed anew"),
        place(
            "impeller",
            "Impeller: whole?",
            "Cracks, set vanes, missing pieces; it holds water standing on it.",
            "exchanger",
            "A new one. Each missing piece is found, or the job is not finished.",
            "impeller replaced, missing pieces looked for"),
        place(
            "exchanger",
            "Exchanger inlet: free?",
            "Where pieces of rubber and weed end up.",
            "elbow",
            "Clear it; descale when it is white.",
            "exchanger inlet cleared"),
        new Look(
            "elbow",
            "Elbow: free?",
            "Carbon and rust narrow it.",
            List.of(
                last,
                ends(
                    "fault",
                    "No.",
                    "Replace it, with its gasket and two clamps a joint.",
                    "mixing elbow replaced"))));
  }

  private static Look place(
      String key, String question, String how, String next, String todo, String work) {
    return new Look(
        key, question, how, List.of(leads("fine", "Yes.", next), ends("fault", "No.", todo, work)));
  }

  private static Guide waterInTheBilge() {
    return new Guide(
        "water-in-the-bilge",
        "Water in the bilge",
        "Bilge pump on a live feed. Is it rising? Then find that out first, help at hand.",
        List.of(FLOODING, "Salt or fresh by test, never by taste."),
        List.of(
            new Look(
                "kind",
                "Salt or fresh, by test?",
                "A test strip, or a drop dried on glass.",
                List.of(
                    leads("salt", "Salt.", "where"),
                    leads("fresh", "Fresh.", "fresh-where"),
                    ends(
                        "little",
                        "A little, and the hull sweats.",
                        "Condensation: ventilate, do not chase it.",
                        ""))),
            new Look(
                "where",
                "Where is it first?",
                "Dry it, then watch where it comes back.",
                List.of(
                    ends(
                        "stern",
                        "Stern trap.",
                        "The shaft seal, from outside with a lamp.",
                        "shaft seal looked at"),
                    ends(
                        "engine",
                        "Engine bay.",
                        "Pump gap, hoses and their clamps.",
                        "raw-water pump and hoses looked at"),
                    ends(
                        "forward",
                        "Forward.",
                        "Skin fittings and their hoses.",
                        "skin fittings looked at"))),
            new Look(
                "fresh-where",
                "Where does fresh water come from?",
                "Rain runs down; a tank's joint drips with the pump on.",
                List.of(
                    ends(
                        "deck",
                        "Deck or windows.",
                        "Seals and deck fittings.",
                        "deck and window seals looked at"),
                    ends(
                        "system",
                        "Tank or pipes.",
                        "Pump off; joints from the tank on.",
                        "domestic water joints looked at"),
                    ends(
                        "coolant",
                        "It is coolant: slippery, colored.",
                        "No start. Ethylene glycol is poison: wipe it up.",
                        "coolant leak found")))));
  }
}
