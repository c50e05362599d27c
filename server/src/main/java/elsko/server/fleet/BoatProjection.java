package elsko.server.fleet;

import elsko.core.Text;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What lists need of a boat's state: the fold, kept at hand. */
@Entity
public class BoatProjection {
  @Id private UUID boatId;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Protection protection;

  private UUID berthId;
  private boolean afloat;
  private int looseEnds;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Decision.Kind decisionKind;

  private Text decisionWords;
  private Text decisionAction;
  private UUID openCardId;
  private int entries;
  private Instant changedAt;

  protected BoatProjection() {}

  BoatProjection(UUID boatId) {
    this.boatId = boatId;
  }

  /** Whether it says so already. */
  boolean says(BoatState state) {
    Decision decision = Decision.of(state).orElse(null);
    return protection == state.protection()
        && decisionKind == (decision == null ? null : decision.kind())
        && Objects.equals(decisionWords, decision == null ? null : decision.words());
  }

  /** Takes over what the fold says. */
  void follow(BoatState state, int logLength, Instant lastChange) {
    protection = state.protection();
    berthId = state.berth();
    afloat = state.afloat();
    looseEnds = state.looseEnds().size();
    Decision decision = Decision.of(state).orElse(null);
    decisionKind = decision == null ? null : decision.kind();
    decisionWords = decision == null ? null : decision.words();
    decisionAction = decision == null ? null : decision.action();
    openCardId =
        state.cards().stream()
            .filter(card -> !card.isClosed())
            .map(CardProgress::card)
            .findFirst()
            .orElse(null);
    entries = logLength;
    changedAt = lastChange;
  }

  public Protection protection() {
    return protection;
  }

  UUID boatId() {
    return boatId;
  }

  public UUID berthId() {
    return berthId;
  }

  public int looseEnds() {
    return looseEnds;
  }

  public Decision.Kind decisionKind() {
    return decisionKind;
  }

  public int entries() {
    return entries;
  }
}
