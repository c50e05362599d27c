package elsko.core.fill;

import elsko.core.boat.path.Method;
import elsko.core.fluid.GlycolCurve;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a fill is predicted to leave behind.
 *
 * @param segments in the order of the path
 * @param weakest name of the segment with the weakest cell
 * @param exhaustLiters left at the end of the path: to be caught
 * @param litersToReach at which every segment is full and at the target; null when never, or when
 *     nothing is aimed at
 * @param litersToReachReason why never; null otherwise
 */
public record Prediction(
    List<FilledSegment> segments,
    String weakest,
    double exhaustLiters,
    @Nullable Double litersToReach,
    @Nullable String litersToReachReason) {

  /** What {@code question.liters()} leave behind. */
  public static Prediction of(FillQuestion question) {
    Pouring pouring = new Pouring(question);
    pouring.to(question.liters());
    Reaching reaching = Reaching.of(question);
    return pouring.prediction(reaching.liters(), reaching.reason());
  }

  /** The segment of this name. */
  public FilledSegment segment(String name) {
    return segments.stream().filter(s -> s.name().equals(name)).findFirst().orElseThrow();
  }

  /** A fill under way. */
  static final class Pouring {
    final Fill fill;
    private final FillQuestion question;
    final List<FillSegment> segments;
    private final GlycolCurve curve;
    private double sofar;

    Pouring(FillQuestion question) {
      this.question = question;
      this.segments = standing(question);
      this.fill = new Fill(new FlowNet(question.path()), segments);
      this.curve = GlycolCurve.of(question.base());
    }

    /** Goes on until so many liters have gone in since the beginning. */
    void to(double liters) {
      double more = liters - sofar;
      if (more <= 0) {
        return;
      }
      more(question, fill, more);
      sofar = liters;
    }

    /** Lets so much more go into a fill, by the method asked about. */
    static void more(FillQuestion question, Fill fill, double liters) {
      if (question.method() != Method.POUR) {
        fill.draw(liters, question.massFraction(), question.thermostatOpen());
        return;
      }
      double left = liters;
      int segments = question.path().segments().size();
      for (int s = 0; s < segments && left > 0; s++) {
        left = fill.pour(s, left, question.massFraction());
      }
      fill.runOver(left, question.massFraction());
    }

    Prediction prediction(@Nullable Double litersToReach, @Nullable String reason) {
      List<FilledSegment> filled = new ArrayList<>(segments.size());
      for (int s = 0; s < segments.size(); s++) {
        filled.add(FilledSegment.of(segments.get(s).name(), fill, s, curve));
      }
      return new Prediction(
          List.copyOf(filled),
          segments.get(fill.weakest()).name(),
          fill.exhaustLiters(),
          litersToReach,
          reason);
    }

    /** Undrained, everything is still full of water. */
    static List<FillSegment> standing(FillQuestion question) {
      List<FillSegment> segments = question.path().segments();
      if (question.method() != Method.DRAW_UNDRAINED) {
        return segments;
      }
      return segments.stream()
          .map(s -> new FillSegment(s.name(), s.liters(), 1, s.cells(), s.gated()))
          .toList();
    }
  }
}
