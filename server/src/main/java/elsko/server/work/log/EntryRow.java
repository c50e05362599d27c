package elsko.server.work.log;

import elsko.core.Text;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Late;
import elsko.core.ledger.fact.OneTap;
import elsko.server.columns.InOneColumn;
import elsko.server.columns.TextColumn;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One line of the log as it is kept. Never changed. */
@Entity
@Immutable
@Table(name = "entry")
public class EntryRow {
  private static final int MOST_UPSET_KEPT = 100;
  private static final int LONGEST_RULE = 1000;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long seq;

  private UUID id;
  private UUID boatId;
  private UUID cardId;
  private String stepKey;
  private String person;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private EntryKind kind;

  private String fact;
  private String fingerprint;
  private Instant deviceTime;
  private Instant serverTime;
  private UUID correctsId;
  private String lot;
  private String circuit;
  private boolean afterwards;
  private Text broke;

  @Convert(converter = Ids.class)
  private List<UUID> upsets;

  private UUID tap;
  private Integer tapAfter;
  private Boolean tapTooSoon;

  protected EntryRow() {}

  EntryRow(UUID boatId, Entry entry, String factJson, String fingerprint) {
    this.id = entry.id();
    this.boatId = boatId;
    this.cardId = entry.card();
    this.stepKey = entry.step();
    this.person = entry.person();
    this.kind = EntryKind.of(entry.fact());
    this.fact = factJson;
    this.fingerprint = fingerprint;
    this.deviceTime = entry.deviceTime();
    this.serverTime = entry.serverTime();
    this.correctsId = entry.corrects();
    this.lot = lotOf(entry.fact());
    this.circuit = circuitOf(entry.fact());
    Late late = entry.late();
    this.afterwards = late != null && late.afterwards();
    this.broke =
        late == null || late.broke() == null ? null : TextColumn.within(LONGEST_RULE, late.broke());
    this.upsets =
        late == null || late.upsets().isEmpty()
            ? null
            : late.upsets().stream().limit(MOST_UPSET_KEPT).toList();
    OneTap one = entry.tap();
    if (one != null) {
      this.tap = one.id();
      this.tapAfter = one.afterSeconds();
      this.tapTooSoon = one.tooSoon();
    }
  }

  /** The tap that made it together with others; null when it was entered by itself. */
  public @Nullable OneTap tap() {
    return tap == null ? null : new OneTap(tap, tapAfter, tapTooSoon);
  }

  /** How it came in; null when in its turn. */
  public @Nullable Late late() {
    if (!afterwards && broke == null && upsets == null) {
      return null;
    }
    return new Late(afterwards, broke, upsets == null ? List.of() : upsets);
  }

  /** The lot an entry is about; null when it is about none. */
  private static @Nullable String lotOf(Fact fact) {
    return switch (fact) {
      case Fact.FluidUsed used -> used.lot().number();
      case Fact.SampleRead read -> read.lot().number();
      case Fact.JugRead read -> read.lot().number();
      case Fact.AccessorySeen accessorySeen -> null;
      case Fact.CircuitSeen circuitSeen -> null;
      case Fact.FrostLooked frostLooked -> null;
      case Fact.FittingSet fittingSet -> null;
      case Fact.LowPointSeen lowPointSeen -> null;
      case Fact.EngineStarted engineStarted -> null;
      case Fact.Cranked cranked -> null;
      case Fact.EngineStopped engineStopped -> null;
      case Fact.DescalerUsed descalerUsed -> null;
      case Fact.CoolantRead coolantRead -> null;
      case Fact.ServiceDone serviceDone -> null;
      case Fact.DuePlanned duePlanned -> null;
      case Fact.FluidCaught fluidCaught -> null;
      case Fact.Disinfected disinfected -> null;
      case Fact.PartPicked partPicked -> null;
      case Fact.CameBack cameBack -> null;
      case Fact.EngineTroubled engineTroubled -> null;
      case Fact.TagRemedied tagRemedied -> null;
      case Fact.TagLifted tagLifted -> null;
      case Fact.CylindersOiled cylindersOiled -> null;
      case Fact.Complained complained -> null;
      case Fact.ProofGivenUp proofGivenUp -> null;
      case Fact.MeterReplaced meterReplaced -> null;
      case Fact.CaughtAtDrain caughtAtDrain -> null;
      case Fact.LearnedUsed learnedUsed -> null;
      case Fact.RoundDone roundDone -> null;
      case Fact.CouldNotSample couldNotSample -> null;
      case Fact.Accepted accepted -> null;
      case Fact.Countersigned countersigned -> null;
      case Fact.ReadingTaken readingTaken -> null;
      case Fact.ConditionSeen conditionSeen -> null;
      case Fact.PiecesFound piecesFound -> null;
      case Fact.GaugeRead gaugeRead -> null;
      case Fact.BagCounted bagCounted -> null;
      case Fact.GuideLooked guideLooked -> null;
      case Fact.WorkAdded workAdded -> null;
      case Fact.WorkDone workDone -> null;
      case Fact.LateSettled lateSettled -> null;
      case Fact.BayEntered bayEntered -> null;
      case Fact.BayLeft bayLeft -> null;
      case Fact.Noted noted -> null;
      case Fact.PhotoTaken photoTaken -> null;
      case Fact.CardOpened cardOpened -> null;
      case Fact.CardTaken cardTaken -> null;
      case Fact.HandedOver handedOver -> null;
      case Fact.StepDone stepDone -> null;
      case Fact.StepSkipped stepSkipped -> null;
      case Fact.BerthMoved berthMoved -> null;
      case Fact.Withdrawn withdrawn -> null;
    };
  }

  /** Key of the circuit an entry names; null when it names none. */
  private static @Nullable String circuitOf(Fact fact) {
    Fact.AboutCircuit about = fact.as(Fact.AboutCircuit.class);
    return about == null
        ? null
        : switch (about) {
          case Fact.CircuitSeen circuitSeen -> circuitSeen.circuit();
          case Fact.FrostLooked frostLooked -> frostLooked.circuit();
          case Fact.LowPointSeen lowPointSeen -> null;
          case Fact.FluidUsed fluidUsed -> fluidUsed.circuit();
          case Fact.FluidCaught fluidCaught -> fluidCaught.circuit();
          case Fact.DescalerUsed descalerUsed -> descalerUsed.circuit();
          case Fact.CoolantRead coolantRead -> coolantRead.circuit();
          case Fact.SampleRead sampleRead -> null;
          case Fact.CouldNotSample couldNotSample -> null;
          case Fact.Countersigned countersigned -> countersigned.circuit();
          case Fact.Accepted accepted -> accepted.circuit();
          case Fact.ProofGivenUp given -> given.circuit();
          case Fact.Disinfected disinfected -> disinfected.circuit();
        };
  }

  public long seq() {
    return seq;
  }

  public UUID id() {
    return id;
  }

  public UUID boatId() {
    return boatId;
  }

  public UUID cardId() {
    return cardId;
  }

  public String stepKey() {
    return stepKey;
  }

  public String person() {
    return person;
  }

  public EntryKind kind() {
    return kind;
  }

  String fact() {
    return fact;
  }

  String fingerprint() {
    return fingerprint;
  }

  public Instant deviceTime() {
    return deviceTime;
  }

  public Instant serverTime() {
    return serverTime;
  }

  public UUID correctsId() {
    return correctsId;
  }

  static final class Ids extends InOneColumn<UUID> {
    Ids() {
      super(UUID::toString, UUID::fromString);
    }
  }
}
