package elsko.server.problems;

/** What was asked for is not there. */
public final class NotFound extends RuntimeException {
  private final String field;

  public NotFound(String field, String reason) {
    super(reason);
    this.field = field;
  }

  public String field() {
    return field;
  }
}
