package elsko.bench.load;

import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;

/** How long answers took, and how many were none. */
final class Times {
  private final ConcurrentLinkedQueue<Double> millis = new ConcurrentLinkedQueue<>();
  private final Map<String, Integer> errors = new TreeMap<>();

  void took(long nanos) {
    millis.add(nanos / 1e6);
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
        "%,d answered, p50 %.0f ms, p99 %.0f ms, slowest %.0f ms%s",
        count(),
        at(0.5),
        at(0.99),
        at(1),
        errors.isEmpty() ? ", no error" : ", errors " + errors);
  }
}
