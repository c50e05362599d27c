package elsko.server.frost;

import elsko.core.frost.ColdSnap;
import elsko.core.frost.DailyAir;
import elsko.core.frost.NightLow;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;

/** The site's weather as it is kept. */
@Entity
@Table(name = "weather")
class WeatherRow {
  static final int THE_ONE = 1;

  @Id private Integer id;
  @Lob private String pastCsv;
  @Lob private String observedCsv;
  @Lob private String forecastCsv;
  private String source;
  private boolean simulated;
  private Instant fetchedAt;
  private LocalDate coldestDay;
  private LocalDate snapFirst;
  private Integer snapDays;

  @Column(name = "snap_by_k")
  private Double snapByK;

  private LocalDate typedNight;

  @Column(name = "typed_low_c")
  private Double typedLowC;

  @Version private Long version;

  protected WeatherRow() {}

  WeatherRow(LocalDate coldestDay) {
    this.id = THE_ONE;
    this.source = "";
    this.coldestDay = coldestDay;
  }

  String pastCsv() {
    return pastCsv;
  }

  List<DailyAir> past() {
    return WeatherCsv.kept(pastCsv);
  }

  String observedCsv() {
    return observedCsv;
  }

  /** The days as they passed, oldest first. */
  List<DailyAir> observed() {
    return WeatherCsv.kept(observedCsv);
  }

  void observed(Collection<DailyAir> days) {
    observedCsv = WeatherCsv.write(List.copyOf(days));
  }

  NightLow typed() {
    return typedNight == null ? null : new NightLow(typedNight, typedLowC);
  }

  void typed(NightLow low) {
    typedNight = low == null ? null : low.morning();
    typedLowC = low == null ? null : (Double) low.lowC();
  }

  List<DailyAir> forecast() {
    return WeatherCsv.kept(forecastCsv);
  }

  void past(List<DailyAir> days) {
    pastCsv = WeatherCsv.write(days);
  }

  void forecast(List<DailyAir> days, String from, boolean madeUp, Instant at) {
    forecastCsv = WeatherCsv.write(days);
    source = from;
    simulated = madeUp;
    fetchedAt = at;
  }

  void snap(ColdSnap snap) {
    snapFirst = snap == null ? null : snap.first();
    snapDays = snap == null ? null : (Integer) snap.days();
    snapByK = snap == null ? null : (Double) snap.byK();
  }

  ColdSnap snap() {
    return snapFirst == null ? null : new ColdSnap(snapFirst, snapDays, snapByK);
  }

  String source() {
    return source;
  }

  boolean simulated() {
    return simulated;
  }

  Instant fetchedAt() {
    return fetchedAt;
  }

  LocalDate coldestDay() {
    return coldestDay;
  }
}
