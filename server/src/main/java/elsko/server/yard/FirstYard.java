package elsko.server.yard;

import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** On an empty data folder there is a yard with one line of berths to begin with. */
@Component
public class FirstYard {
  private final Yards yards;
  private final Berths berths;
  private final boolean demo;

  FirstYard(Yards yards, Berths berths, @Value("${elsko.demo}") boolean demo) {
    this.yards = yards;
    this.berths = berths;
    this.demo = demo;
  }

  /** Does nothing when that has happened before. */
  public void prepare() {
    if (yards.none() && !demo) {
      yards.found("The yard");
      berths.addArea("Line A", AreaKind.ROWS, false, 2, 2, List.of("A"), 12);
    }
  }
}
