package elsko.server.archive;

/** A file is no archive that can be restored here; says why, in plain words. */
public final class ArchiveRefused extends RuntimeException {
  private static final long serialVersionUID = 1L;

  ArchiveRefused(String reason) {
    super(reason);
  }
}
