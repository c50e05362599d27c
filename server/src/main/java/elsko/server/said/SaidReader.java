package elsko.server.said;

import elsko.core.Refused;
import elsko.core.ledger.fact.Fact;
import elsko.server.bench.Shelf;
import elsko.server.names.Names;
import elsko.server.people.People;
import elsko.server.yard.Berths;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** Makes the fact of what was sent. */
@Component
public class SaidReader {
  private final Shelf shelf;
  private final Berths berths;
  private final People people;

  SaidReader(Shelf shelf, Berths berths, People people) {
    this.shelf = shelf;
    this.berths = berths;
    this.people = people;
  }

  /**
   * @param at for which moment instruments are asked
   * @throws Refused where something is missing, or names what there is not
   */
  public Fact fact(NewEntry sent, Instant at) {
    if (sent.said() != null) {
      return sent.said().fact(new Around(shelf, berths, people, at));
    }
    if (sent.kind() == null) {
      throw Refused.value(Said.KIND, "Say what kind of entry it is.");
    }
    throw Refused.value(
        Said.KIND,
        Names.listed().kinds().containsKey(sent.kind())
            ? "A round before casting off is ended where it is gone."
            : "There is no kind of entry called \"%s\".".formatted(sent.kind()));
  }
}
