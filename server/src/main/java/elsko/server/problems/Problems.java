package elsko.server.problems;

import elsko.core.Refused;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;

/**
 * One place where refusals become answers, before Spring's own. Every problem names its field,
 * where there is one.
 */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Problems {
  @ExceptionHandler
  ProblemDetail refused(Refused refused) {
    return refused.kind() == Refused.Kind.VALUE
        ? Problem.of(
            HttpStatus.UNPROCESSABLE_CONTENT, "Not accepted", refused.field(), refused.reason())
        : Problem.of(HttpStatus.CONFLICT, "Not now", refused.field(), refused.reason());
  }

  @ExceptionHandler
  ProblemDetail notFound(NotFound missing) {
    return Problem.of(HttpStatus.NOT_FOUND, "Not found", missing.field(), missing.getMessage());
  }

  @ExceptionHandler
  ProblemDetail forbidden(Forbidden forbidden) {
    return Problem.of(HttpStatus.FORBIDDEN, "Not allowed", "role", forbidden.getMessage());
  }

  @ExceptionHandler
  ProblemDetail stale(StaleEdit stale) {
    HttpStatus status =
        stale.versionMissing() ? HttpStatus.PRECONDITION_REQUIRED : HttpStatus.PRECONDITION_FAILED;
    return Problem.of(status, "Changed meanwhile", "If-Match", stale.getMessage());
  }

  @ExceptionHandler
  ProblemDetail stale(OptimisticLockingFailureException race) {
    return Problem.of(
        HttpStatus.PRECONDITION_FAILED,
        "Changed meanwhile",
        "If-Match",
        "Somebody else changed this at the same moment. Look at it again, then save.");
  }

  @ExceptionHandler
  ProblemDetail taken(DataIntegrityViolationException violation) {
    return Violations.answer(violation);
  }

  @ExceptionHandler
  ProblemDetail stuck(PessimisticLockingFailureException waited) {
    return Problem.of(
        HttpStatus.CONFLICT,
        "Not now",
        "boat",
        "Others are changing the same at this moment. Try again.");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> busy(Busy busy) {
    return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
        .header(HttpHeaders.RETRY_AFTER, "5")
        .body(Problem.of(HttpStatus.SERVICE_UNAVAILABLE, "Not now", "request", busy.getMessage()));
  }

  @ExceptionHandler
  ProblemDetail wrongType(MethodArgumentTypeMismatchException mismatch) {
    return Problem.of(
        HttpStatus.BAD_REQUEST,
        "Not accepted",
        mismatch.getName(),
        "\"%s\" is not a valid %s.".formatted(mismatch.getValue(), mismatch.getName()));
  }

  @ExceptionHandler
  ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
    if (unreadable.getCause() instanceof JacksonException json && refusedIn(json) != null) {
      Refused refused = refusedIn(json);
      String at = path(json);
      return Problem.of(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "Not accepted",
          at.isEmpty() ? refused.field() : at + "." + refused.field(),
          refused.reason());
    }
    if (unreadable.getCause() instanceof JacksonException json && !json.getPath().isEmpty()) {
      return Problem.of(HttpStatus.BAD_REQUEST, "Not accepted", path(json), reason(json));
    }
    return Problem.of(
        HttpStatus.BAD_REQUEST, "Not accepted", "body", "The request is not valid JSON.");
  }

  /** What a value refused when it was made from the request, or null. */
  private static Refused refusedIn(Throwable json) {
    for (Throwable cause = json; cause != null; cause = cause.getCause()) {
      if (cause instanceof Refused refused) {
        return refused;
      }
    }
    return null;
  }

  private static String reason(JacksonException json) {
    if (json instanceof InvalidFormatException format) {
      return format.getTargetType().isEnum()
          ? "\"%s\" is not one of %s."
              .formatted(format.getValue(), List.of(format.getTargetType().getEnumConstants()))
          : "\"%s\" is not what belongs here.".formatted(format.getValue());
    }
    return "This is not what belongs here.";
  }

  private static String path(JacksonException json) {
    StringBuilder path = new StringBuilder();
    for (JacksonException.Reference step : json.getPath()) {
      if (step.getPropertyName() == null) {
        path.append('[').append(step.getIndex()).append(']');
      } else {
        path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
      }
    }
    return path.toString();
  }
}
