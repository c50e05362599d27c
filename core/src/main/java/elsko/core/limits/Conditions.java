package elsko.core.limits;

import static elsko.core.limits.Call.GOOD;
import static elsko.core.limits.Call.MEND;
import static elsko.core.limits.Call.STOP;
import static elsko.core.limits.Condition.called;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The readings that are looked at. Findings as the handbook's limits have them. */
public final class Conditions {
  private static final String NO_START = "Stop: no start before it is found out. ";

  /** On the dipstick, or what came out. */
  public static final Condition OIL_LOOK =
      called("oil-look", "look of the engine oil", "on the dipstick and between two fingers")
          .or("amber", "clear, amber", GOOD, "")
          .or("dark", "dark, even", GOOD, "")
          .or("milky", "milky", STOP, NO_START + "Water is in the oil.")
          .or("metal", "glitters, metal in it", STOP, NO_START + "A bearing is going.")
          .or(
              "thin",
              "thin between the fingers, or smells of fuel",
              STOP,
              NO_START
                  + "Fuel is in the oil: it no longer carries a bearing, and it can catch fire.");

  /** The second dip counts. */
  public static final Condition OIL_LEVEL =
      called("oil-level", "level of the engine oil", "the second dip counts")
          .or("between", "between the marks", GOOD, "")
          .or(
              "low",
              "under the lower mark",
              MEND,
              Text.of("Top up %s at a time, and dip again.", Quantity.liters(0.25).precisely()))
          .or(
              "over",
              "over the upper mark",
              STOP,
              "Stop: no start with too much in it. Draw it down to the mark; if nobody filled it,"
                  + " water or fuel came in.");

  public static final Condition GEAR_OIL_LOOK =
      called("gear-oil-look", "look of the gearbox or drive oil", "a little of it, on a white rag")
          .or("clear", "clear, its own color", GOOD, "")
          .or("dark", "dark, burnt smell", MEND, "Change it, and look again after an hour's run.")
          .or(
              "milky",
              "milky",
              STOP,
              "Stop: water is in it, and it freezes and cracks the housing. Not stored so; find the"
                  + " seal first.")
          .or("metal", "glitters, metal in it", STOP, "Stop: a gear or a bearing is going.");

  /** Of gearbox, saildrive or drive leg; by its own dipstick or bottle. */
  public static final Condition GEAR_OIL_LEVEL =
      called("gear-oil-level", "level of the gearbox or drive oil", "its dipstick or bottle")
          .or("between", "between the marks", GOOD, "")
          .or(
              "low",
              "under the lower mark",
              MEND,
              "Top up with the oil it has, and look for the leak.")
          .or(
              "over",
              "over the upper mark",
              MEND,
              "Draw it down to the mark. Milky: water came in.");

  /** The finding at which coolant has to be topped up. */
  public static final String COOLANT_IS_LOW = "low";

  public static final Condition COOLANT_LEVEL =
      called("coolant-level", "level of the coolant", "COLD only; hot cap: do not open")
          .or("between", "between the marks", GOOD, "")
          .or(
              COOLANT_IS_LOW,
              "under the lower mark",
              MEND,
              "Top up with the mix it has, never plain water; look for the leak.")
          .or(
              "over",
              "over the upper mark",
              MEND,
              "Draw some off; raw water may be coming in through the exchanger.");

  public static final Condition COOLANT_LOOK =
      called("coolant-look", "look of the coolant", "COLD only; hot cap: do not open")
          .or("as-filled", "the color it was filled with", GOOD, "")
          .or("other-color", "another color", MEND, "Mixed or spent: change it.")
          .or(
              "clear",
              "clear as water",
              MEND,
              "Plain water: no frost protection and no inhibitor. Change it.")
          .or(
              "oily",
              "an oil film on it",
              STOP,
              "Stop: oil is in the coolant. A gasket or a cooler leaks.");

  /** Ribbed belts with a spring tensioner: by its mark, not by hand. */
  public static final Condition TENSIONER_MARK =
      called("tensioner-mark", "mark of the belt tensioner", "by the mark, not by hand")
          .or("in", "in its window", GOOD, "")
          .or(
              "out",
              "outside its window",
              MEND,
              "The belt is worn or the spring is tired: replace what it is.");

  public static final Condition BELT_LOOK =
      called("belt-look", "look of the belt", "engine stopped, every side of it")
          .or("sharp", "ribs sharp, no dust", GOOD, "")
          .or("light-dust", "light dust, ribs sharp", GOOD, "")
          .or(
              "dust",
              "much dust",
              MEND,
              "It runs out of line: look at the pulleys, and replace it.")
          .or("glazed", "glazed", MEND, "It slips: replace it.")
          .or("ribs", "ribs missing or cracks", MEND, "Replace it.");

  public static final Condition EXHAUST_JOINTS =
      called("exhaust-joints", "exhaust joints", "each one felt all round")
          .or("two", "two stainless clamps each, screws apart", GOOD, "")
          .or(
              "one",
              "one clamp, or screws in line",
              MEND,
              "Refit: two clamps, screws turned apart.")
          .or("rusty", "a clamp rusty or loose", MEND, "New stainless clamps.")
          .or(
              "soot",
              "soot or drips at a joint",
              STOP,
              "Stop: exhaust gas kills. Refit before any run.");

  public static final Condition EXHAUST_FLOW =
      called("exhaust-flow", "flow at the exhaust", "the whole time it runs")
          .or("steady", "steady", GOOD, "")
          .or("cyclic", "in even pulses, from a water lift", GOOD, "")
          .or(
              "weak",
              "weak, or it steams",
              STOP,
              "Stop: the path is narrow or the impeller is worn.")
          .or(
              "none",
              "none",
              STOP,
              "Stop. Grille, seacock, strainer, lid, impeller, exchanger, elbow, in that order.");

  public static final Condition OIL_PRESSURE =
      called("oil-pressure", "oil pressure", "gauge or lamp, right after the start")
          .or("up", "up within seconds", GOOD, "")
          .or(
              "slow",
              "up, but slowly",
              MEND,
              "Level, filter, grade of the oil; do not load it before.")
          .or("none", "not up", STOP, "Stop at once.");

  public static final Condition CHARGE =
      called("charge", "charge", "gauge or lamp, within a minute")
          .or("positive", "positive", GOOD, "")
          .or(
              "none",
              "not charging",
              STOP,
              "Stop: belt, then alternator. The same belt may turn the water pump.");

  public static final Condition SMOKE =
      called("smoke", "exhaust smoke", "cold, then warm")
          .or("none", "none when warm; a puff when cold", GOOD, "")
          .or("blue", "blue", MEND, "It burns oil: rings, guides, or too much oil in it.")
          .or(
              "black",
              "black under load",
              MEND,
              "Too much fuel or too little air: propeller, filter, load.")
          .or(
              "white",
              "a white cloud in the engine space",
              STOP,
              "Stop: steam. Suspect elbow and muffler.");

  public static final Condition BREATHER =
      called("breather", "breather", "engine warm")
          .or("mist", "light mist", GOOD, "")
          .or(
              "billows",
              "billowing",
              MEND,
              "Worn rings: compression is measured before the season.");

  public static final Condition IMPELLER_LOOK =
      called(
              "impeller-look",
              "look of the impeller",
              "bend each vane; water stands on a healthy one")
          .or("sound", "sound: no cracks, no set, holds liquid", GOOD, "")
          .or("cracks", "cracks at a vane's root", MEND, "Replace it.")
          .or("set", "vanes keep their bend", MEND, "Replace it.")
          .or("leaks", "water runs straight through", MEND, "Worn: replace it.")
          .or(
              "burnt",
              "burnt or melted",
              MEND,
              "Replace it; why did it run dry? Half of the housing may have to go too.");

  public static final Condition FACE_PLATE =
      called("face-plate", "groove in the face plate", "with a fingernail")
          .or("none", "none", GOOD, "")
          .or("felt", "just felt with a nail", GOOD, "")
          .or(
              "deep",
              "the nail catches",
              MEND,
              Text.of(
                  "Deeper than %s: lap it flat, or turn it over if it is symmetrical.",
                  Quantity.millimeters(0.025).precisely()));

  public static final Condition SPARK_PLUGS =
      called("spark-plugs-look", "look of the spark plugs", "each one, with its cylinder")
          .or("dry", "dry and light", GOOD, "")
          .or("worn", "worn or wide", MEND, "Replace them.")
          .or("wet", "wet with oil", MEND, "Rings: compression is measured before the season.");

  public static final Condition BATTERY_HOLDS =
      called("battery-holds", "battery after a night off the charger", "")
          .or("holds", "holds its charge", GOOD, "")
          .or("drops", "does not hold", MEND, "Replace it.");

  public static final Condition DESCALER =
      called("descaler", "descaler at the end", "its indicator color, or a crumb of chalk")
          .or("working", "still works", GOOD, "")
          .or("spent-late", "spent at the end", GOOD, "")
          .or("spent-early", "spent quickly", MEND, "Much scale is left: a fresh bottle.");

  public static final Condition TAP_WATER =
      called("tap-water", "water at the last faucet", "smelled and looked at, never tasted")
          .or("clear", "clear, no smell", GOOD, "")
          .or("chlorine", "smells of chlorine", MEND, "Rinse again.")
          .or("foams", "foams or is colored", MEND, "Antifreeze is left in it: rinse again.");

  public static final Condition ISOLATED =
      called("isolated", "batteries", "while hands are in the bay")
          .or("off", "isolated, keys in a pocket", GOOD, "")
          .or("on", "still on", STOP, "Stop: isolate them before a hand goes in.");

  public static final Condition SUCTION =
      called("suction", "pump and intake", "filled from above, the feed standing higher")
          .or("primed", "filled, it stands on the impeller", GOOD, "")
          .or(
              "wetted",
              "pump wetted, the feed stands lower: flow within 15 seconds or stop",
              GOOD,
              "")
          .or(
              "runs-through",
              "it runs straight through",
              MEND,
              "The impeller is worn: it is due. Prime again right before the start.");

  public static final Condition CYLINDERS =
      called("cylinders", "turning over", "by hand, or a touch of the starter")
          .or("turns", "turns freely", GOOD, "")
          .or(
              "stopped-dead",
              "stopped dead: water suspected in the cylinders",
              STOP,
              "Stop: no more cranking. A job for today: water out, oil in, turned by hand, every part"
                  + " looked at for a bend.");

  private static final Map<String, Condition> ALL = new TreeMap<>();

  static {
    List.of(
            OIL_LOOK,
            OIL_LEVEL,
            GEAR_OIL_LOOK,
            GEAR_OIL_LEVEL,
            COOLANT_LEVEL,
            COOLANT_LOOK,
            TENSIONER_MARK,
            BELT_LOOK,
            EXHAUST_JOINTS,
            EXHAUST_FLOW,
            OIL_PRESSURE,
            CHARGE,
            SMOKE,
            BREATHER,
            IMPELLER_LOOK,
            FACE_PLATE,
            SPARK_PLUGS,
            BATTERY_HOLDS,
            DESCALER,
            TAP_WATER,
            ISOLATED,
            CYLINDERS,
            SUCTION)
        .forEach(condition -> ALL.put(condition.key(), condition));
    RoundConditions.ALL.forEach(condition -> ALL.put(condition.key(), condition));
    PumpConditions.ALL.forEach(condition -> ALL.put(condition.key(), condition));
    CylinderConditions.ALL.forEach(condition -> ALL.put(condition.key(), condition));
    for (Condition ofABelt : List.of(TENSIONER_MARK, BELT_LOOK)) {
      Condition second = Belt.SECOND.of(ofABelt);
      ALL.put(second.key(), second);
    }
  }

  private Conditions() {}

  /** The condition of this name, or a refusal. */
  public static Condition of(String key) {
    Condition condition = key == null ? null : ALL.get(key);
    if (condition == null) {
      throw Refused.value("condition", "Nothing called \"%s\" is looked at.".formatted(key));
    }
    return condition;
  }

  /** All of them. */
  public static List<Condition> all() {
    return List.copyOf(ALL.values());
  }
}
