package elsko.server.problems;

/** The person's role may not do this. */
public final class Forbidden extends RuntimeException {
  public Forbidden(String reason) {
    super(reason);
  }
}
