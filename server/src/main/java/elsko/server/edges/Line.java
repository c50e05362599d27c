package elsko.server.edges;

import elsko.server.edges.WaitingBody.Left;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/**
 * What a request comes in on. Closed after the answer where some of its body never came: the server
 * would else wait for the rest of it, and a thread with it.
 */
final class Line {
  private static final String ATTRIBUTE = Line.class.getName();
  private final Request request;

  private Line(Request request) {
    this.request = request;
  }

  static Line of(ServletRequest request) {
    return (Line) request.getAttribute(ATTRIBUTE);
  }

  /** Nothing of the body is left on it. */
  boolean isRead() {
    return request.getCoyoteRequest().isFinished();
  }

  /** Closes it after the answer where something is left on it, and at once where nobody is. */
  void end(Left left) {
    if (left != Left.NOTHING) {
      ActionCode how =
          left == Left.NOBODY ? ActionCode.CLOSE_NOW : ActionCode.DISABLE_SWALLOW_INPUT;
      request.getCoyoteRequest().action(how, null);
    }
  }

  /** Puts each request's line where it is found. */
  static final class Marks extends ValveBase {
    Marks() {
      super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
      request.setAttribute(ATTRIBUTE, new Line(request));
      getNext().invoke(request, response);
    }
  }
}
