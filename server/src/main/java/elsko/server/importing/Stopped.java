package elsko.server.importing;

/** Somebody stopped the import: not a fault of the file, whatever was being read of it. */
final class Stopped extends RuntimeException {
  private static final long serialVersionUID = 1L;

  Stopped() {
    super("stopped", null, false, false);
  }
}
