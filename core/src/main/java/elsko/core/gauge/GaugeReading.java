package elsko.core.gauge;

import elsko.core.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What an engine's gauges showed at one moment.
 *
 * @param minute since the start, min
 * @param temperatureC as its gauge shows it, °C
 * @param rpm null when nobody read it
 * @param exhaustLitersPerMinute water out of the exhaust; null when nobody measured it
 */
public record GaugeReading(
    double minute,
    double temperatureC,
    @Nullable Double rpm,
    @Nullable Double exhaustLitersPerMinute) {
  public GaugeReading {
    Refused.within("minute", minute, 0, 600, " min");
    Refused.within("temperatureC", temperatureC, -20, 150, " °C");
    if (rpm != null) {
      Refused.within("rpm", rpm, 0, 8000, " rpm");
    }
    if (exhaustLitersPerMinute != null) {
      Refused.within("exhaustLitersPerMinute", exhaustLitersPerMinute, 0, 500, " L/min");
    }
  }
}
