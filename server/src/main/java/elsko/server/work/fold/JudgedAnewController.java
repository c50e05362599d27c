package elsko.server.work.fold;

import elsko.core.fluid.Policy;
import elsko.server.yard.Yards;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Whose protection newer rules or another frost standard changed, or would change. */
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

  /** What another frost standard would change. Nothing is kept. */
  @PostMapping("/what-if")
  List<JudgingAnew.JudgedAnew> whatIf(@RequestBody Standard standard) {
    return judging.whatIf(Yards.need(standard.designLowC(), standard.marginK(), standard.policy()));
  }

  /**
   * A frost standard.
   *
   * @param designLowC the coldest night the yard guards against, °C
   * @param marginK kept below it, K
   */
  record Standard(@Nullable Double designLowC, @Nullable Double marginK, @Nullable Policy policy) {}

  /** The coordinator has seen it. */
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void seen() {
    judging.seen();
  }
}
