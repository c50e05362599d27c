package elsko.server.edges;

import elsko.server.edges.BodyLimits.Limit;
import elsko.server.edges.WaitingBody.Left;
import elsko.server.edges.WaitingBody.Refusal;
import elsko.server.problems.ProblemWriter;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;

/**
 * Behind the gate: whoever may send a body is waited for without a thread until it is all here.
 * Only then does anybody else see the request.
 */
public final class Bodies extends HttpFilter {
  private static final long serialVersionUID = 1;
  private static final Logger LOG = LoggerFactory.getLogger(Bodies.class);
  private static final String BODY = Bodies.class.getName();

  private final transient WaitingBodies waiting;
  private final transient ProblemWriter problems;

  Bodies(WaitingBodies waiting, ProblemWriter problems) {
    this.waiting = waiting;
    this.problems = problems;
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    if (request.getAttribute(BODY) instanceof byte[] body) {
      chain.doFilter(new WholeBody(request, body), response);
      return;
    }
    if (request.getDispatcherType() != DispatcherType.REQUEST || !hasBody(request)) {
      chain.doFilter(request, response);
      return;
    }
    Limit limit = BodyLimits.of(request.getRequestURI());
    long length = request.getContentLengthLong();
    if (length > limit.bytes()) {
      tooLarge(response, limit);
      return;
    }
    WaitingBody body = new WaitingBody(request.getInputStream(), limit, length, waiting);
    if (body.isHereAlready()) {
      chain.doFilter(new WholeBody(request, body.body()), response);
    } else {
      body.await(new Comes(request, limit));
    }
  }

  /** Whether this is the second half of a request: its body has come since the gate let it in. */
  public static boolean hasCome(HttpServletRequest request) {
    return request.getAttribute(BODY) != null;
  }

  static boolean hasBody(HttpServletRequest request) {
    return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
  }

  private void tooLarge(HttpServletResponse response, Limit limit) throws IOException {
    problems.write(
        response, HttpStatus.CONTENT_TOO_LARGE, "Too large", limit.field(), limit.reason());
  }

  /** A request that goes on once its body is here. */
  private final class Comes implements WaitingBody.Receiver {
    private final Limit limit;
    private final Line line;
    private final AsyncContext later;

    Comes(HttpServletRequest request, Limit limit) {
      this.limit = limit;
      this.line = Line.of(request);
      this.later = request.startAsync();
      later.setTimeout(0);
    }

    @Override
    public void whole(byte[] body) {
      later.getRequest().setAttribute(BODY, body);
      later.dispatch();
    }

    @Override
    public void refused(Refusal why) {
      HttpServletResponse response = (HttpServletResponse) later.getResponse();
      try {
        switch (why) {
          case TOO_LARGE -> tooLarge(response, limit);
          case TOO_SLOW ->
              problems.write(
                  response,
                  HttpStatus.REQUEST_TIMEOUT,
                  "Too slow",
                  "body",
                  "It came too slowly. Try again where there is more signal.");
          case TOO_MANY ->
              problems.write(
                  response,
                  HttpStatus.SERVICE_UNAVAILABLE,
                  "Not now",
                  "body",
                  "Too much comes in at once. Try again in a moment.");
        }
        response.flushBuffer();
      } catch (IOException gone) {
        LOG.debug("Nobody is there to be told", gone);
      }
    }

    @Override
    public void ended(Left left) {
      line.end(left);
      later.complete();
    }
  }
}
