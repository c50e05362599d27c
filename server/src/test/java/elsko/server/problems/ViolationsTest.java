package elsko.server.problems;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.hibernate.exception.ConstraintViolationException;
import org.hibernate.exception.ConstraintViolationException.ConstraintKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.ProblemDetail;

class ViolationsTest {
  private static ProblemDetail answer(ConstraintKind kind, String constraint) {
    return Violations.answer(
        new DataIntegrityViolationException(
            "not kept",
            new ConstraintViolationException(
                "not kept", new SQLException(), "insert", kind, constraint)));
  }

  @ParameterizedTest
  @CsvSource({
    "PUBLIC.PRIMARY_KEY_7 ON PUBLIC.BERTH_TAKEN(BERTH_ID), berth, took that berth",
    "PUBLIC.BOAT_PLAIN_NAME INDEX, name, a boat of that name",
    "PUBLIC.BOAT_PLAIN_HULL_ID INDEX, hullId, that hull id",
    "PUBLIC.PERSON_LOOKS_LIKE INDEX, name, somebody of that name",
    "PUBLIC.CONSTRAINT_A ON PUBLIC.LOT(NUMBER), number, a lot of that number",
    "PUBLIC.SOMETHING_NEW, id, at the same moment"
  })
  void whatIsTakenIsSaidAtItsField(String constraint, String field, String words) {
    ProblemDetail said = answer(ConstraintKind.UNIQUE, constraint);
    assertThat(said.getStatus()).isEqualTo(409);
    assertThat(said.getProperties()).containsEntry("field", field);
    assertThat(said.getDetail()).contains(words);
  }

  @Test
  void whatIsNotTakenIsNotSaidToBe() {
    assertThat(answer(ConstraintKind.OTHER, "PUBLIC.CONSTRAINT_B").getDetail())
        .doesNotContain("already");
    ProblemDetail tooLong =
        Violations.answer(
            new DataIntegrityViolationException("too long", new SQLException("Value too long")));
    assertThat(tooLong.getStatus()).isEqualTo(422);
    assertThat(tooLong.getDetail()).contains("longer");
  }
}
