package elsko.server.importing;

import elsko.core.Text;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The cells of one row, each read as what its column holds; problems go to where they are kept. */
final class Cells {
  private static final Set<String> YES = Set.of("yes", "y", "true", "1");
  private static final Set<String> NO = Set.of("no", "n", "false", "0");

  private final int row;
  private final Map<String, String> cells;
  private final List<ImportProblem> problems;

  Cells(int row, Map<String, String> cells, List<ImportProblem> problems) {
    this.row = row;
    this.cells = cells;
    this.problems = problems;
  }

  boolean isEmpty(String column) {
    return text(column).isEmpty();
  }

  /**
   * A leading apostrophe keeps spreadsheets from reading text as a formula; it is not part of it.
   */
  String text(String column) {
    String cell = cells.getOrDefault(column, "").strip();
    return cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@".indexOf(cell.charAt(1)) >= 0
        ? cell.substring(1)
        : cell;
  }

  Double number(String column) {
    String text = text(column);
    if (text.isEmpty()) {
      return null;
    }
    try {
      double value = Double.parseDouble(text.replace(',', '.'));
      if (Double.isFinite(value)) {
        return value;
      }
    } catch (NumberFormatException notANumber) {
      // Said below, with the column it stands in.
    }
    problem(column, "\"%s\" is not a number.".formatted(text));
    return null;
  }

  Integer whole(String column) {
    Double value = number(column);
    if (value == null) {
      return null;
    }
    if (value != Math.rint(value) || Math.abs(value) > 1_000_000) {
      problem(column, "\"%s\" is not a whole number.".formatted(text(column)));
      return null;
    }
    return value.intValue();
  }

  Boolean yesOrNo(String column) {
    String text = text(column).toLowerCase(Locale.ROOT);
    if (text.isEmpty() || text.equals("unknown")) {
      return null;
    }
    if (YES.contains(text) || NO.contains(text)) {
      return YES.contains(text);
    }
    problem(column, "\"%s\" is not yes, no or unknown.".formatted(text(column)));
    return null;
  }

  <E extends Enum<E>> E one(String column, Class<E> of) {
    String text = text(column);
    if (text.isEmpty()) {
      return null;
    }
    String key = text.toUpperCase(Locale.ROOT).replaceAll("[ -]+", "_");
    for (E value : of.getEnumConstants()) {
      if (value.name().equals(key)) {
        return value;
      }
    }
    problem(
        column,
        "\"%s\" is not one of %s."
            .formatted(
                text,
                Stream.of(of.getEnumConstants())
                    .map(v -> v.name().toLowerCase(Locale.ROOT))
                    .collect(Collectors.joining(", "))));
    return null;
  }

  void problem(String column, String reason) {
    problem(column, Text.of(reason));
  }

  void problem(String column, Text reason) {
    problems.add(new ImportProblem(row, column, reason));
  }
}
