package elsko.core.boat;

import elsko.core.Refused;

/**
 * What a person says about a boat once; everything else follows from it.
 *
 * @param hullLengthM over all, m
 * @param engineHours as read on arrival; null when not read
 * @param notes free text, at most 2,000 characters
 */
public record BoatDescription(
    String name,
    double hullLengthM,
    Layout layout,
    DrainArrangement drains,
    WaterUsedIn waterUsedIn,
    Double engineHours,
    String owner,
    String notes) {

  public BoatDescription {
    name = required("name", name, 60, "Give the boat a name.");
    Refused.within("hullLengthM", hullLengthM, 3, 24, " m");
    if (layout == null) {
      throw Refused.value("layout", "Say which layout it is.");
    }
    if (drains == null) {
      throw Refused.value("drains", "Say how the engine drains.");
    }
    if (waterUsedIn == null) {
      throw Refused.value("waterUsedIn", "Say what water it is used in.");
    }
    if (engineHours != null) {
      Refused.within("engineHours", engineHours, 0, 100_000, " h");
    }
    owner = optional("owner", owner, 120);
    notes = optional("notes", notes, 2_000);
  }

  private static String required(String field, String text, int most, String missing) {
    String kept = optional(field, text, most);
    if (kept.isEmpty()) {
      throw Refused.value(field, missing);
    }
    return kept;
  }

  private static String optional(String field, String text, int most) {
    String kept = text == null ? "" : text.strip();
    if (kept.length() > most) {
      throw Refused.value(
          field, "At most %d characters; this has %d.".formatted(most, kept.length()));
    }
    return kept;
  }
}
