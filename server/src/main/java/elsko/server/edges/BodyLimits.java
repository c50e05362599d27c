package elsko.server.edges;

import java.util.List;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/** How large a body may be, by where it is sent. The first that fits counts. */
final class BodyLimits {
  private static final int KB = 1_000;
  private static final int MB = 1_000 * KB;

  /** Anything else: a boat described whole is the largest of them. */
  private static final Limit OTHERS = limit("/**", 300 * KB, "body", "At most 300 kB.");

  private static final List<Limit> LIMITS =
      List.of(
          limit("/api/session/**", 4 * KB, "body", "That is more than a name and a password."),
          limit("/api/invitation", 4 * KB, "body", "That is more than a code and a password."),
          limit("/api/archive/copy", KB, "body", "That is more than a key."),
          limit("/api/owner/**", 50 * KB, "body", "That is more than one look at a boat."),
          limit(
              "/api/boats/*/photos/*",
              4 * MB,
              "photo",
              "At most 4 MB; the camera's picture is scaled before it is sent."),
          limit("/api/boats/*/entries", 2 * MB, "entries", "At most 2 MB of entries at once."),
          limit(
              "/api/boats/*/waiting-entries",
              2 * MB,
              "entries",
              "At most 2 MB of entries at once."),
          limit("/api/imports", 24 * MB, "csv", "The file is too large: at most 24 MB."),
          limit("/api/stores/count", 2 * MB, "csv", "The file is too large: at most 2 MB."),
          limit("/api/people/import", 2 * MB, "csv", "The file is too large: at most 2 MB."),
          limit("/api/weather/**", 2 * MB, "csv", "The file is too large: at most 2 MB."));

  private BodyLimits() {}

  /**
   * @param bytes the most
   * @param field what is too large
   * @param reason in plain words
   */
  record Limit(PathPattern where, int bytes, String field, String reason) {}

  static Limit of(String path) {
    PathContainer sought = PathContainer.parsePath(path);
    return LIMITS.stream().filter(one -> one.where().matches(sought)).findFirst().orElse(OTHERS);
  }

  private static Limit limit(String where, int bytes, String field, String reason) {
    return new Limit(PathPatternParser.defaultInstance.parse(where), bytes, field, reason);
  }
}
