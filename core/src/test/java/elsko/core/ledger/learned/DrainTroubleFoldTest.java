package elsko.core.ledger.learned;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.ledger.fact.Seen;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class DrainTroubleFoldTest {
  private final DrainTroubleFold fold = new DrainTroubleFold();

  private DrainTroubleFoldTest inAutumn(int year) {
    fold.layUpBegins(Instant.parse(year + "-10-20T08:00:00Z"));
    return this;
  }

  @Test
  void whatDidNotSimplyRunIsKnownInTheNextThreeLayUps() {
    inAutumn(2030);
    fold.seen("block-port", Seen.RAN_AFTER_RODDING);
    fold.seen("block-starboard", Seen.RAN_CLEAR);
    assertThat(fold.standing()).as("this lay-up's own is no history").isEmpty();
    for (int year = 2031; year <= 2033; year++) {
      inAutumn(year);
      assertThat(fold.standing())
          .extracting(DrainTrouble::words)
          .containsExactly("2030: ran after rodding");
    }
    inAutumn(2034);
    assertThat(fold.standing()).isEmpty();
  }

  @Test
  void aShortSampleAndAHoleThatDidNotRunCountToo() {
    inAutumn(2030);
    fold.wasShort("block-port");
    fold.seen("pump", Seen.WOULD_NOT_COME_OFF);
    inAutumn(2031);
    assertThat(fold.standing())
        .extracting(DrainTrouble::words)
        .containsExactly("2030: its sample was short", "2030: would not come off");
  }

  @Test
  void cardsOfOneSeasonAreOneLayUpAlsoInJanuary() {
    inAutumn(2030);
    fold.seen("block-port", Seen.DID_NOT_RUN);
    fold.layUpBegins(Instant.parse("2031-01-15T08:00:00Z"));
    assertThat(fold.standing()).isEmpty();
    inAutumn(2031);
    assertThat(fold.standing()).hasSize(1);
  }

  @Test
  void whatIsSaidBeforeAnyLayUpIsOfNone() {
    fold.seen("block-port", Seen.DID_NOT_RUN);
    inAutumn(2031);
    assertThat(fold.standing()).isEmpty();
  }
}
