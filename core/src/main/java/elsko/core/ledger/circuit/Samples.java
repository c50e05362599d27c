package elsko.core.ledger.circuit;

import elsko.core.fluid.Instrument;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Lot;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** What was read of a circuit's low points since its last fill, by whom, and of the lots' jugs. */
final class Samples {
  private final Map<String, Fact.SampleRead> read = new HashMap<>();
  private final Map<String, String> couldNot = new HashMap<>();
  private final Map<String, List<Fact.JugRead>> jugs = new LinkedHashMap<>();
  private final Set<String> by = new TreeSet<>();
  private @Nullable Instant at;
  private @Nullable String countersignedBy;

  void jug(Fact.JugRead now) {
    jugs.computeIfAbsent(now.lot().number(), lot -> new ArrayList<>()).add(now);
  }

  void sample(Fact.SampleRead now, String person, Instant when) {
    at = when;
    countersignedBy = null;
    by.add(person);
    read.put(now.lowPoint(), now);
    couldNot.remove(now.lowPoint());
  }

  void notSampled(Fact.CouldNotSample said) {
    couldNot.put(said.lowPoint(), said.reason());
    read.remove(said.lowPoint());
  }

  /** Whoever read a sample that stands does not sign for it, however the entry came about. */
  void countersigned(String person) {
    if (!by.contains(person)) {
      countersignedBy = person;
    }
  }

  /** Jugs are of their lots; all else was of what stood there until now. */
  void forget() {
    read.clear();
    couldNot.clear();
    by.clear();
    countersignedBy = null;
  }

  boolean none() {
    return read.isEmpty() && couldNot.isEmpty();
  }

  Map<String, Fact.SampleRead> read() {
    return read;
  }

  Fact.@Nullable SampleRead read(String lowPoint) {
    return read.get(lowPoint);
  }

  /** Why there is none; null where there is one, or nobody tried. */
  @Nullable String couldNot(String lowPoint) {
    return couldNot.get(lowPoint);
  }

  boolean isGivenUp(String lowPoint) {
    return couldNot.containsKey(lowPoint);
  }

  Map<String, List<Fact.JugRead>> jugs() {
    return Map.copyOf(jugs);
  }

  Set<String> by() {
    return Set.copyOf(by);
  }

  @Nullable Instant at() {
    return at;
  }

  @Nullable String countersignedBy() {
    return countersignedBy;
  }

  /** The newest reading of its lot that it can be held against, or else the newest of its lot. */
  Fact.@Nullable JugRead jugOf(Fact.SampleRead sample) {
    List<Fact.JugRead> ofLot = jugs.getOrDefault(sample.lot().number(), List.of());
    Instrument instrument = sample.with().instrument();
    for (int i = ofLot.size() - 1; i >= 0; i--) {
      if (ofLot.get(i).with().instrument().readsAs(instrument)) {
        return ofLot.get(i);
      }
    }
    return newest(ofLot);
  }

  Fact.@Nullable JugRead jugOf(Lot lot) {
    return newest(jugs.getOrDefault(lot.number(), List.of()));
  }

  private static Fact.@Nullable JugRead newest(List<Fact.JugRead> ofLot) {
    return ofLot.isEmpty() ? null : ofLot.get(ofLot.size() - 1);
  }
}
