package elsko.server.problems;

/** Too much at this moment; the same is taken a little later. */
public class Busy extends RuntimeException {
  private static final long serialVersionUID = 1;

  public Busy(String words) {
    super(words);
  }
}
