package elsko.core.ledger.engine;

import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Entry;
import elsko.core.limits.Interval;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Follows through the log what was done of all that falls due, and what the engines have run. */
public final class ServiceFold {
  /** Hours read so long before tell what a season comes to. Estimate. */
  private static final Duration A_SEASON = Duration.ofDays(300);

  private final Map<Due, List<ServiceRecord>> done = new HashMap<>();
  private final Map<Due, DueAtOnce> atOnce = new HashMap<>();
  private final Map<Due, ServiceRecords.Planned> planned = new HashMap<>();
  private final Map<Position, TreeMap<Instant, Double>> hours = new EnumMap<>(Position.class);
  private final Map<Position, Double> beforeThisMeter = new EnumMap<>(Position.class);
  private final Map<String, Map<String, Instant>> descaled = new HashMap<>();

  public void done(Position engine, Interval interval, Entry entry, String found) {
    Due key = new Due(engine, interval);
    if (interval == Interval.ENGINE_OIL && engine != null) {
      Due gear = new Due(engine, Interval.GEAR_OIL);
      done.computeIfPresent(
          gear, (same, records) -> records.stream().map(ServiceRecord::afterOilChange).toList());
    }
    List<ServiceRecord> records = new ArrayList<>(done.getOrDefault(key, List.of()));
    records.add(
        new ServiceRecord(
            entry.deviceTime(), hoursAt(engine, entry.deviceTime()), 0, entry.person(), found));
    done.put(key, records);
    atOnce.remove(key);
    planned.remove(key);
  }

  public void dueAtOnce(Position engine, Interval interval, DueAtOnce why) {
    atOnce.put(new Due(engine, interval), why);
  }

  public void planned(Position engine, Interval interval, Entry entry) {
    planned.put(
        new Due(engine, interval), new ServiceRecords.Planned(entry.person(), entry.deviceTime()));
  }

  public void ran(Position engine, Instant at, double read) {
    hours
        .computeIfAbsent(engine, key -> new TreeMap<>())
        .put(at, read + beforeThisMeter.getOrDefault(engine, 0.0));
  }

  /** A new meter begins anew; what its engine has run does not. */
  public void meterReplaced(Position engine, Instant at, double reads) {
    Double ran = hoursAt(engine, at);
    beforeThisMeter.put(engine, (ran == null ? reads : (double) ran) - reads);
    ran(engine, at, reads);
  }

  public void descaled(String circuit, List<String> segments, Instant at) {
    Map<String, Instant> reached = descaled.computeIfAbsent(circuit, key -> new HashMap<>());
    segments.forEach(segment -> reached.put(segment, at));
  }

  private Double hoursAt(Position engine, Instant at) {
    TreeMap<Instant, Double> read = engine == null ? null : hours.get(engine);
    Map.Entry<Instant, Double> last = read == null ? null : read.floorEntry(at);
    return last == null ? null : last.getValue();
  }

  public ServiceRecords records() {
    Map<Due, List<ServiceRecord>> all = new HashMap<>();
    done.forEach((key, records) -> all.put(key, List.copyOf(records)));
    Map<Position, EngineHours> run = new EnumMap<>(Position.class);
    hours.forEach(
        (engine, read) -> run.put(engine, ranIn(read, beforeThisMeter.getOrDefault(engine, 0.0))));
    Map<String, Map<String, Instant>> reached = new HashMap<>();
    descaled.forEach((circuit, segments) -> reached.put(circuit, Map.copyOf(segments)));
    return new ServiceRecords(
        Map.copyOf(all),
        Map.copyOf(atOnce),
        Map.copyOf(planned),
        Map.copyOf(run),
        Map.copyOf(reached));
  }

  private static EngineHours ranIn(TreeMap<Instant, Double> read, double beforeThisMeter) {
    Map.Entry<Instant, Double> last = read.lastEntry();
    Map.Entry<Instant, Double> before = read.floorEntry(last.getKey().minus(A_SEASON));
    Double season = before == null ? null : Math.max(0, last.getValue() - before.getValue());
    return new EngineHours(
        last.getValue(), last.getValue() - beforeThisMeter, last.getKey(), season);
  }
}
