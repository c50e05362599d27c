package elsko.server.people;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Problem documents for what is refused before any controller is reached. */
@Component
class ProblemWriter {
  private final JsonMapper json;

  ProblemWriter(JsonMapper json) {
    this.json = json;
  }

  void write(
      HttpServletResponse response, HttpStatus status, String title, String field, String why)
      throws IOException {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, why);
    problem.setTitle(title);
    problem.setProperty("field", field);
    problem.setProperty("errors", List.of(Map.of("field", field, "reason", why)));
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding("UTF-8");
    response.getWriter().write(json.writeValueAsString(problem));
  }
}
