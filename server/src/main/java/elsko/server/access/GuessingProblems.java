package elsko.server.access;

import elsko.server.problems.Problem;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What whoever guesses is told. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class GuessingProblems {
  @ExceptionHandler
  ResponseEntity<ProblemDetail> guessed(TooManyAttempts tooMany) {
    return answer(tooMany, "key");
  }

  static ResponseEntity<ProblemDetail> answer(TooManyAttempts tooMany, String field) {
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header(HttpHeaders.RETRY_AFTER, tooMany.retryAfter())
        .body(Problem.of(HttpStatus.TOO_MANY_REQUESTS, "Wait", field, tooMany.words()));
  }
}
