package elsko.server.text;

import elsko.core.Measure;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Units;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * The units whoever asks reads in: their own or the yard's. A program asks without a session, and
 * everything is metric for it.
 */
public final class ReadIn {
  private static final String UNITS = ReadIn.class.getName();

  private ReadIn() {}

  /** From now on in this request; looked up only where something is said. */
  public static void in(Supplier<Units> units) {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (request != null) {
      request.setAttribute(UNITS, units, RequestAttributes.SCOPE_REQUEST);
    }
  }

  /** In which a person asks; empty for a program, and outside of any request. */
  public static Optional<Units> person() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (request == null) {
      return Optional.empty();
    }
    Object said = request.getAttribute(UNITS, RequestAttributes.SCOPE_REQUEST);
    if (said instanceof Supplier<?> lookedUp) {
      said = lookedUp.get();
      request.setAttribute(UNITS, said, RequestAttributes.SCOPE_REQUEST);
    }
    return said instanceof Units units ? Optional.of(units) : Optional.empty();
  }

  public static Units units() {
    return person().orElse(Units.METRIC);
  }

  /** As whoever asks reads it. */
  public static String words(Text text) {
    return text.in(units());
  }

  /** As whoever asks reads it. */
  public static String words(Quantity quantity) {
    return quantity.in(units());
  }

  /** A unit by its metric sign, as whoever asks reads it; one that all have in common stays. */
  public static String unit(String metric) {
    return Measure.of(metric).map(measure -> measure.unit(units())).orElse(metric);
  }
}
