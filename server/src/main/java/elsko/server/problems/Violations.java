package elsko.server.problems;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.hibernate.exception.ConstraintViolationException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** What the database refused, in the words of the field it is about. */
final class Violations {
  private record Words(String field, String reason) {}

  /** By a part of the constraint's name: the first that fits. */
  private static final Map<String, Words> KEPT = new LinkedHashMap<>();

  static {
    KEPT.put("BERTH_TAKEN", new Words("berth", "Another boat took that berth at the same moment."));
    KEPT.put("BOAT_PLAIN_NAME", new Words("name", "There is a boat of that name already."));
    KEPT.put(
        "BOAT_PLAIN_HULL_ID", new Words("hullId", "There is a boat with that hull id already."));
    KEPT.put("PERSON", new Words("name", "There is somebody of that name already."));
    KEPT.put("WORKER", new Words("name", "Walks are planned for them already."));
    KEPT.put("ENTRY", new Words("id", "Another entry with this id is kept already."));
    KEPT.put("KIT_PIECE", new Words("name", "There is a piece of that name already."));
    KEPT.put("PRODUCT", new Words("name", "There is a product of that name already."));
    KEPT.put("LOT", new Words("number", "There is a lot of that number already."));
    KEPT.put("INSTRUMENT", new Words("name", "There is an instrument of that name already."));
    KEPT.put("TEMPLATE", new Words("name", "There is a template of that name already."));
    KEPT.put("BERTH", new Words("line", "There is a berth of that name already."));
  }

  private Violations() {}

  static ProblemDetail answer(DataIntegrityViolationException violation) {
    if (!(violation.getCause() instanceof ConstraintViolationException broken)) {
      return Problem.of(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "Not accepted",
          "body",
          "Something in it is longer or larger than can be kept.");
    }
    if (broken.getKind() == ConstraintViolationException.ConstraintKind.UNIQUE) {
      String name = String.valueOf(broken.getConstraintName()).toUpperCase(Locale.ROOT);
      return KEPT.entrySet().stream()
          .filter(one -> name.contains(one.getKey()))
          .findFirst()
          .map(one -> conflict(one.getValue()))
          .orElseGet(
              () -> conflict(new Words("id", "The same was kept at the same moment already.")));
    }
    return conflict(
        new Words("id", "What it belongs to is not there any more, or something still needs it."));
  }

  private static ProblemDetail conflict(Words words) {
    return Problem.of(HttpStatus.CONFLICT, "Not now", words.field(), words.reason());
  }
}
