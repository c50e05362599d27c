package elsko.server.fleet;

import elsko.core.boat.path.FittingState;
import elsko.core.ledger.FittingStanding;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A fitting that is not as it should be at sea; follows the log, never edited. */
@Entity
@Table(name = "loose_end")
@IdClass(LooseEndRow.Key.class)
class LooseEndRow {
  /** One fitting of one boat. */
  record Key(UUID boatId, String fitting) implements Serializable {}

  @Id private UUID boatId;
  @Id private String fitting;
  private String name;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private FittingState state;

  private String stateWords;
  private boolean concernsMoving;
  private boolean keepsAshore;
  private String person;
  private Instant setAt;
  private String reason;

  protected LooseEndRow() {}

  LooseEndRow(UUID boatId, FittingStanding end) {
    this.boatId = boatId;
    this.fitting = end.fitting().key();
    this.name = end.fitting().name();
    this.state = end.state();
    this.stateWords = end.state().words();
    this.concernsMoving = end.fitting().kind().concernsMoving();
    this.keepsAshore = end.fitting().kind().keepsAshore();
    this.person = end.by();
    this.setAt = end.at();
    this.reason = end.reason();
  }
}
