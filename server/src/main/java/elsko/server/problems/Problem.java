package elsko.server.problems;

import elsko.core.Text;
import elsko.server.text.ReadIn;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** The one shape every refusal goes out in. */
public final class Problem {
  private Problem() {}

  /** A problem document that names the field and gives the reason in plain words. */
  public static ProblemDetail of(HttpStatus status, String title, String field, Text reason) {
    return of(status, title, field, ReadIn.words(reason));
  }

  /** A problem document that names the field and gives the reason in plain words. */
  public static ProblemDetail of(HttpStatus status, String title, String field, String reason) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, reason);
    problem.setTitle(title);
    problem.setProperty("field", field);
    problem.setProperty("errors", List.of(Map.of("field", field, "reason", reason)));
    return problem;
  }
}
