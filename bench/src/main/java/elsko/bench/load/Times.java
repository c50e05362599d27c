package elsko.bench.load;

import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;

/** How long answers took, and how many were none. */
final class Times {
  private static final double SLOW_MS = 150;
  private static final int MOST_SAID = 10;
  private final long begun = System.nanoTime();
  private final ConcurrentLinkedQueue<Double> millis = new ConcurrentLinkedQueue<>();

  /** In which second of the shift a slow one began, and how many with it. */
  private final Map<Long, Integer> slow = new TreeMap<>();

  private final Map<String, Integer> errors = new TreeMap<>();

  void took(long nanos) {
    millis.add(nanos / 1e6);
    if (nanos / 1e6 > SLOW_MS) {
      slowAt((System.nanoTime() - nanos - begun) / 1_000_000_000);
    }
  }

  private synchronized void slowAt(long second) {
    slow.merge(second, 1, Integer::sum);
  }

  synchronized void failed(String how) {
    errors.merge(how, 1, Integer::sum);
  }

  int count() {
    return millis.size();
  }

  synchronized int errors() {
    return errors.values().stream().mapToInt(Integer::intValue).sum();
  }

  double at(double share) {
    double[] all = millis.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    return all.length == 0 ? Double.NaN : all[(int) Math.min(all.length - 1, all.length * share)];
  }

  double p99() {
    return at(0.99);
  }

  synchronized String words() {
    return String.format(
        Locale.ROOT,
        "%,d answered, p50 %.0f ms, p99 %.0f ms, slowest %.0f ms%s%s",
        count(),
        at(0.5),
        at(0.99),
        at(1),
        slow.isEmpty() || slow.size() > MOST_SAID
            ? ""
            : ", over %.0f ms in seconds %s".formatted(SLOW_MS, slow),
        errors.isEmpty() ? ", no error" : ", errors " + errors);
  }
}
