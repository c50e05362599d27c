package elsko.server.work.fold;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The note of a first start with newer rules. */
@RestController
@RequestMapping("/api/judged-anew")
class JudgedAnewController {
  private final JudgingAnew judging;

  JudgedAnewController(JudgingAnew judging) {
    this.judging = judging;
  }

  @GetMapping
  List<JudgingAnew.JudgedAnew> all() {
    return judging.all();
  }

  /** The coordinator has seen it. */
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void seen() {
    judging.seen();
  }
}
