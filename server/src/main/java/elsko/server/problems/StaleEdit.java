package elsko.server.problems;

/** Somebody else changed it since it was read, or the edit does not say what it was based on. */
public final class StaleEdit extends RuntimeException {
  private final boolean versionMissing;

  private StaleEdit(boolean versionMissing, String reason) {
    super(reason);
    this.versionMissing = versionMissing;
  }

  public boolean versionMissing() {
    return versionMissing;
  }

  /**
   * Refuses an edit that is not based on the present version.
   *
   * @param ifMatch the If-Match header, an ETag like {@code "3"}, or null
   */
  public static void refuseUnless(long version, String ifMatch) {
    if (ifMatch == null || ifMatch.isBlank()) {
      throw new StaleEdit(true, "Say with If-Match which version the edit is based on.");
    }
    if (!ifMatch.strip().equals(etag(version))) {
      throw new StaleEdit(
          false, "Somebody else changed this since you opened it. Look at it again, then save.");
    }
  }

  public static String etag(long version) {
    return "\"" + version + "\"";
  }
}
