package elsko.server.disk;

import elsko.server.problems.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;

/** Whatever fails for the disk's sake, the gate included, is answered with "not now". */
final class NotNow extends HttpFilter {
  private static final long serialVersionUID = 1;
  private static final String AGAIN_IN_S = "5";
  private final transient Disk disk;
  private final transient ProblemWriter problems;

  NotNow(Disk disk, ProblemWriter problems) {
    this.disk = disk;
    this.problems = problems;
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    try {
      chain.doFilter(request, response);
    } catch (IOException | ServletException | RuntimeException thrown) {
      Trouble trouble = disk.saw(thrown);
      if (trouble == null || response.isCommitted()) {
        throw thrown;
      }
      response.resetBuffer();
      response.setHeader("Retry-After", AGAIN_IN_S);
      problems.write(
          response, HttpStatus.SERVICE_UNAVAILABLE, "Not now", "server", trouble.words());
    }
  }
}
