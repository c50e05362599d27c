package elsko.server.clock;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.ZonedDateTime;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says the yard's time and zone on every answer, so that screens go by it and not by their device.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class TimeOnAnswers extends OncePerRequestFilter {
  private static final String HEADER = "Elsko-Time";
  private final YardClock clock;

  TimeOnAnswers(YardClock clock) {
    this.clock = clock;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader(HEADER, ZonedDateTime.now(clock).toString());
    chain.doFilter(request, response);
  }
}
