package elsko.bench.row;

/** Rows that are measured together, by the name one asks for them with. */
public record Part(String name, Work work) {

  /** Measures them, each handed on as it comes. */
  public interface Work {
    void into(Rows rows) throws Exception;
  }
}
