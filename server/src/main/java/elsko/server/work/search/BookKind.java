package elsko.server.work.search;

import static elsko.server.work.log.EntryKind.*;

import elsko.server.work.log.EntryKind;
import java.util.List;

/** What entries are about, as people look for them. */
public enum BookKind {
  FILLS(FLUID_USED, FLUID_CAUGHT, DESCALER_USED, DISINFECTED),
  SAMPLES(
      SAMPLE_READ,
      JUG_READ,
      COULD_NOT_SAMPLE,
      COOLANT_READ,
      COUNTERSIGNED,
      ACCEPTED,
      PROOF_GIVEN_UP),
  READINGS(READING_TAKEN, CONDITION_SEEN, FROST_LOOKED, GAUGE_READ, PIECES_FOUND),
  SERVICE(
      SERVICE_DONE,
      CYLINDERS_OILED,
      COMPLAINED,
      DUE_PLANNED,
      PART_PICKED,
      WORK_ADDED,
      WORK_DONE,
      LATE_SETTLED),
  FITTINGS(FITTING_SET, LOW_POINT_SEEN, CAUGHT_AT_DRAIN, BAG_COUNTED),
  ENGINES(
      ENGINE_STARTED,
      ENGINE_STOPPED,
      CRANKED,
      ENGINE_TROUBLED,
      TAG_REMEDIED,
      TAG_LIFTED,
      METER_REPLACED),
  MOVES(BERTH_MOVED),
  TRIPS(ROUND_DONE, CAME_BACK),
  CARDS(CARD_OPENED, CARD_TAKEN, HANDED_OVER, STEP_DONE, STEP_SKIPPED),
  NOTES(NOTED, PHOTO_TAKEN, GUIDE_LOOKED, LEARNED_USED);

  private final List<EntryKind> kinds;

  BookKind(EntryKind... kinds) {
    this.kinds = List.of(kinds);
  }

  List<EntryKind> kinds() {
    return kinds;
  }
}
