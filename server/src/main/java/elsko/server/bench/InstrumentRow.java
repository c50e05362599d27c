package elsko.server.bench;

import elsko.core.fluid.Calibration;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.Scale;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An instrument as it is kept; how it stands on a day is said by its last zero check. */
@Entity
@Table(name = "instrument")
class InstrumentRow {
  @Id private UUID id;
  private String name;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private InstrumentKind kind;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Scale scale;

  private double accuracy;

  @Column(name = "compensates_from_c")
  private double compensatesFromC;

  @Column(name = "compensates_to_c")
  private double compensatesToC;

  protected InstrumentRow() {}

  InstrumentRow(String name, Instrument instrument) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.kind = instrument.kind();
    this.scale = instrument.scale();
    this.accuracy = instrument.accuracy();
    this.compensatesFromC = instrument.compensatesFromC();
    this.compensatesToC = instrument.compensatesToC();
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  InstrumentKind kind() {
    return kind;
  }

  Scale scale() {
    return scale;
  }

  /**
   * @param calibration its own curve for the product that is read, or null
   */
  Instrument checked(double zeroReading, double hoursSinceZeroCheck, Calibration calibration) {
    return new Instrument(
        kind,
        scale,
        accuracy,
        compensatesFromC,
        compensatesToC,
        zeroReading,
        hoursSinceZeroCheck,
        calibration);
  }
}
