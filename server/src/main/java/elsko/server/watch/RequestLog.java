package elsko.server.watch;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerMapping;

/**
 * Gives each request a number of its own, which stands on the answer and on every line the log has
 * of it. What failed and what took long is written down: by the shape of its address, so that no
 * name, key or boat stands in the log.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestLog extends OncePerRequestFilter {
  static final String HEADER = "Elsko-Request";
  private static final Logger LOG = LoggerFactory.getLogger(RequestLog.class);
  private static final String NUMBER = "request";
  private static final int BYTES = 6;
  private static final long LONG_MS = 2_000;
  private final SecureRandom chance = new SecureRandom();

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String number = number(request);
    response.setHeader(HEADER, number);
    MDC.put(NUMBER, number);
    long began = System.nanoTime();
    try {
      chain.doFilter(request, response);
    } finally {
      long ms = (System.nanoTime() - began) / 1_000_000;
      if (response.getStatus() >= 500 || ms > LONG_MS) {
        LOG.warn("{} {} {} {} ms", request.getMethod(), shape(request), response.getStatus(), ms);
      }
      MDC.remove(NUMBER);
    }
  }

  private String number(HttpServletRequest request) {
    if (request.getAttribute(HEADER) instanceof String known) {
      return known;
    }
    byte[] bytes = new byte[BYTES];
    chance.nextBytes(bytes);
    String made = HexFormat.of().formatHex(bytes);
    request.setAttribute(HEADER, made);
    return made;
  }

  private static String shape(HttpServletRequest request) {
    Object pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
    return pattern == null ? "(no such address)" : pattern.toString();
  }
}
