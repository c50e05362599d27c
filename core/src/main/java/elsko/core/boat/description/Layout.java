package elsko.core.boat.description;

import static elsko.core.boat.description.Exhaust.*;

import java.util.List;

/** The kinds of machinery installation. */
public enum Layout {
  STERNDRIVE("sterndrive", THROUGH_DRIVE, THROUGH_TRANSOM),
  V_DRIVE("V-drive inboard", THROUGH_TRANSOM, WATER_LIFT),
  SHAFT("shaft inboard", WATER_LIFT, THROUGH_TRANSOM),
  SAILDRIVE("saildrive", WATER_LIFT, THROUGH_TRANSOM),
  OUTBOARD("outboard", THROUGH_DRIVE),
  JET("jet drive", THROUGH_TRANSOM),
  NONE("no engine");

  private final String words;
  private final List<Exhaust> exhausts;

  Layout(String words, Exhaust... exhausts) {
    this.words = words;
    this.exhausts = List.of(exhausts);
  }

  public String words() {
    return words;
  }

  /** Ways the exhaust of a water-cooled engine can leave, the usual one first. */
  public List<Exhaust> exhausts() {
    return exhausts;
  }

  /** Whether a leg hangs in the water that can be tilted UP. */
  public boolean hasDrive() {
    return this == STERNDRIVE || this == OUTBOARD;
  }
}
