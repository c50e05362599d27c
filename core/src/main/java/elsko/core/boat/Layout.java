package elsko.core.boat;

/** The kinds of machinery installation Elsko can write cards for. */
public enum Layout {
  STERNDRIVE("sterndrive");

  private final String words;

  Layout(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
