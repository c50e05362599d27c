package elsko.server.work;

import elsko.core.guide.AtOnce;
import elsko.core.guide.Guide;
import elsko.core.guide.Guides;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to look at when something is wrong; taken along for use without signal. */
@RestController
class GuidesController {
  @GetMapping("/api/guides")
  List<GuideView> guides() {
    return Stream.concat(AtOnce.ALL.stream(), Guides.ALL.stream()).map(GuideView::of).toList();
  }

  /**
   * A guide with its looks; the first is where it begins. Where there is none, it is told at once.
   *
   * @param condition what was found by whoever tells it, with {@code finding}; null where that is
   *     nothing with a name
   */
  record GuideView(
      String key,
      String title,
      String first,
      List<String> hazards,
      List<LookView> looks,
      @Nullable String condition,
      @Nullable String finding) {
    static GuideView of(Guide guide) {
      return new GuideView(
          guide.key(),
          guide.title(),
          guide.first(),
          guide.hazards(),
          guide.looks().stream().map(LookView::of).toList(),
          guide.condition(),
          guide.finding());
    }
  }

  /** One thing to look at. */
  record LookView(String key, String question, String how, List<AnswerView> answers) {
    static LookView of(Guide.Look look) {
      return new LookView(
          look.key(),
          look.question(),
          look.how(),
          look.answers().stream()
              .map(
                  one -> new AnswerView(one.key(), one.words(), one.next(), one.todo(), one.work()))
              .toList());
    }
  }

  /** What can be found: {@code next} key of the look it leads to, or what is to be done. */
  record AnswerView(String key, String words, @Nullable String next, String todo, String work) {}
}
