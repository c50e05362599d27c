package elsko.server.clock;

import java.time.LocalDateTime;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which clock it is: the machine's, or the demonstration's own. */
@Configuration(proxyBeanMethods = false)
class ClockSetting {
  /** The made-up yard stands in no city; central European hours are as good as any. */
  private static final ZoneId FENNHOLM = ZoneId.of("CET");

  /**
   * @param at lets a demonstration or a test begin at another time, as the yard's clock shows it
   * @param standsStill and stay there
   */
  @Bean
  YardClock clock(
      @Value("${elsko.demo}") boolean demo,
      @Value("${elsko.at:#{null}}") @Nullable String at,
      @Value("${elsko.clock-stands-still:false}") boolean standsStill) {
    if (at != null && !demo) {
      throw new IllegalStateException("Only the demonstration begins at another time.");
    }
    if (at != null) {
      return YardClock.at(LocalDateTime.parse(at), FENNHOLM, standsStill);
    }
    YardClock clock = YardClock.ofTheMachine();
    if (demo) {
      clock.movesTo(FENNHOLM);
    }
    return clock;
  }
}
