package elsko.core.trial;

import java.util.Random;

/** In which order one hand takes up the cards of a lay-up. */
public enum VisitOrder {
  WINTERIZING_ALONE,
  SERVICE_FIRST,
  SERVICE_LAST,
  /** Both lie open; it goes on now here, now there, as the cards allow. */
  IN_TURN;

  /** Half of the boats are only winterized. */
  static VisitOrder of(long seed) {
    int chance = new Random(seed * 17 + 3).nextInt(6);
    return switch (chance) {
      case 0 -> SERVICE_FIRST;
      case 1 -> SERVICE_LAST;
      case 2 -> IN_TURN;
      default -> WINTERIZING_ALONE;
    };
  }
}
