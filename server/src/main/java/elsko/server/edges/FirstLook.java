package elsko.server.edges;

import elsko.server.edges.WaitingBody.Left;
import elsko.server.edges.WaitingBody.Refusal;
import elsko.server.problems.ProblemWriter;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import java.util.function.BooleanSupplier;
import org.springframework.http.HttpStatus;

/**
 * Before anything else: only so many requests are in work at once, forms are nothing Elsko takes,
 * and what is left of a body that was refused unread is let run out without a thread.
 */
final class FirstLook extends HttpFilter {
  private static final long serialVersionUID = 1;

  /** Less than there are threads: some are left to say so. */
  static final int MOST_AT_WORK = 150;

  private static final int AT_ONCE = 8_192;

  /** Whoever sends as fast as it is read would else keep this thread. */
  private static final int MOST_READ_AT_ONCE = 8;

  private final transient Semaphore atWork = new Semaphore(MOST_AT_WORK);
  private final transient BooleanSupplier memoryIsShort;
  private final transient WaitingBodies waiting;
  private final transient ProblemWriter problems;

  FirstLook(WaitingBodies waiting, ProblemWriter problems, BooleanSupplier memoryIsShort) {
    this.memoryIsShort = memoryIsShort;
    this.waiting = waiting;
    this.problems = problems;
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    if (isForm(request)) {
      problems.write(
          response,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "Not accepted",
          "Content-Type",
          "Elsko takes no forms: JSON, CSV or a picture.");
    } else if (memoryIsShort.getAsBoolean() && !isEntries(request)) {
      notNow(response, "Elsko is short of memory at this moment. Try again in a little while.");
    } else if (atWork.tryAcquire()) {
      try {
        chain.doFilter(request, response);
      } finally {
        atWork.release();
      }
    } else {
      notNow(response, "Too many ask at once. Try again in a moment.");
    }
    if (!request.isAsyncStarted() && Bodies.hasBody(request)) {
      letRunOut(request, response);
    }
  }

  private void notNow(HttpServletResponse response, String why) throws IOException {
    response.setHeader("Retry-After", "1");
    problems.write(response, HttpStatus.SERVICE_UNAVAILABLE, "Not now", "request", why);
  }

  /** What was done on a boat is kept as long as anything is. */
  private static boolean isEntries(HttpServletRequest request) {
    return request.getRequestURI().endsWith("entries");
  }

  /** Its fields would be read while the gate still looks. */
  private static boolean isForm(HttpServletRequest request) {
    String type = request.getContentType();
    String plain = type == null ? "" : type.toLowerCase(Locale.ROOT).strip();
    return plain.startsWith("multipart/") || plain.startsWith("application/x-www-form-urlencoded");
  }

  private void letRunOut(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    Line line = Line.of(request);
    ServletInputStream in = request.getInputStream();
    byte[] some = new byte[AT_ONCE];
    for (int i = 0; i < MOST_READ_AT_ONCE && !line.isRead() && in.available() > 0; i++) {
      // What is here already waits for nobody.
      in.read(some);
    }
    if (!line.isRead()) {
      WaitingBody rest =
          new WaitingBody(
              in, BodyLimits.of(request.getRequestURI()), request.getContentLengthLong(), waiting);
      rest.letRunOut();
      response.flushBuffer();
      rest.await(new RunsOut(line, request.startAsync()));
    }
  }

  /** Nobody wants what still comes. */
  private static final class RunsOut implements WaitingBody.Receiver {
    private final Line line;
    private final AsyncContext later;

    RunsOut(Line line, AsyncContext later) {
      this.line = line;
      this.later = later;
      later.setTimeout(0);
    }

    @Override
    public void whole(byte[] body) {
      ended(Left.NOTHING);
    }

    @Override
    public void refused(Refusal why) {
      // It was answered before.
    }

    @Override
    public void ended(Left left) {
      line.end(left);
      later.complete();
    }
  }
}
