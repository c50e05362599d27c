package elsko.server.work.fold;

import elsko.core.Text;
import elsko.core.ledger.circuit.Protection;
import elsko.server.columns.TextColumn;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What newer rules or another frost standard made of a boat, until somebody has seen it. */
@Entity
@Table(name = "judged_anew")
class JudgedAnewRow {
  private static final int LONGEST_WHY = 2000;

  @Id private UUID boatId;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Protection was;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Protection became;

  private Text why;

  protected JudgedAnewRow() {}

  JudgedAnewRow(UUID boatId, Protection was, Protection became, Text why) {
    this.boatId = boatId;
    this.was = was;
    this.became = became;
    this.why = TextColumn.within(LONGEST_WHY, why);
  }

  UUID boatId() {
    return boatId;
  }

  Protection was() {
    return was;
  }

  Protection became() {
    return became;
  }

  Text why() {
    return why;
  }
}
