package elsko.core.ledger.circuit;

import elsko.core.Words;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A segment of a filled circuit that nothing vouches for.
 *
 * @param segment its key, {@code name} as people say it
 * @param settles the cheapest thing that would settle it, in words
 */
public record Unsettled(String segment, String name, String settles) {
  /**
   * Which they are, why, and what would settle them; those that the same thing settles together.
   */
  public static List<String> words(List<Unsettled> all) {
    Map<String, List<String>> bySettling =
        all.stream()
            .collect(
                Collectors.groupingBy(
                    Unsettled::settles,
                    LinkedHashMap::new,
                    Collectors.mapping(Unsettled::name, Collectors.toList())));
    return bySettling.entrySet().stream()
        .map(
            one ->
                "Nothing tells of the %s: not seen empty before the fill, and no sample speaks for %s. %s."
                    .formatted(
                        Words.list(one.getValue()),
                        one.getValue().size() == 1 ? "it" : "them",
                        one.getKey()))
        .toList();
  }
}
