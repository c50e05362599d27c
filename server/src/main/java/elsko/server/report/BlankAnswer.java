package elsko.server.report;

import elsko.core.Judged;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.limits.Call;
import elsko.server.text.ReadIn;
import elsko.server.work.view.AskView;
import elsko.server.work.view.AskView.ConditionView;
import elsko.server.work.view.AskView.FindingView;
import elsko.server.work.view.AskView.LimitView;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What somebody writes on paper to answer an ask, in the units of whoever prints it. Each number
 * has its unit beside it, to be typed in with it afterwards.
 */
final class BlankAnswer {
  private static final String LINE = "______________";
  private static final String NUMBER = "_______";

  /** Of one kind of entry each: only what is not read off the ask itself is written. */
  static String of(AskView ask) {
    return switch (ask) {
      case AskView.SetAsk it -> "";
      case AskView.OpenAsk it ->
          ring(List.of("ran clear", "ran after rodding", "dry: rod and air pass", "did not run"))
              + (it.liters() > 0
                  ? "; caught %s %s of about %s"
                      .formatted(NUMBER, ReadIn.unit("L"), liters(it.liters()))
                  : "");
      case AskView.EngineAsk it -> stopped(it.stopped());
      case AskView.KickAsk it ->
          "%s s at most. %s".formatted(Words.number(it.seconds(), 0), stopped(it.stopped()));
      case AskView.ReadAsk it -> read(it);
      case AskView.SeeAsk it -> findings(it.condition());
      case AskView.PiecesAsk it -> "%s found of %d; where %s".formatted(NUMBER, it.missing(), LINE);
      case AskView.FillAsk it ->
          "%s %s of about %s, lot %s %s"
              .formatted(NUMBER, ReadIn.unit("L"), liters(it.liters()), LINE, it.watch());
      case AskView.CatchAsk it ->
          "%s %s caught; %s went in".formatted(NUMBER, ReadIn.unit("L"), liters(it.liters()));
      case AskView.DisinfectAsk it ->
          "tank %s %s, bleach of %s %%, %s %s poured in; never over %s mg/L"
              .formatted(
                  NUMBER,
                  ReadIn.unit("L"),
                  NUMBER,
                  NUMBER,
                  ReadIn.unit("mL"),
                  Words.number(it.dose().mostMgPerLiter(), 0));
      case AskView.PickAsk it -> "";
      case AskView.DescaleAsk it ->
          "%s %s of about %s mixed".formatted(NUMBER, ReadIn.unit("L"), liters(it.liters()));
      case AskView.CountAsk it -> NUMBER + " plugs counted";
      case AskView.JugAsk it -> "%s read, with instrument %s, lot %s".formatted(NUMBER, LINE, LINE);
      case AskView.SampleAsk it ->
          "%s read, at %s %s, with instrument %s, lot %s; or not sampled, because %s"
              .formatted(NUMBER, NUMBER, ReadIn.unit("°C"), LINE, LINE, LINE);
      case AskView.CoolantAsk it ->
          "%s read, at %s %s, with instrument %s"
              .formatted(NUMBER, NUMBER, ReadIn.unit("°C"), LINE);
      case AskView.FrostAsk it -> findings(it.condition());
      case AskView.ServiceAsk it -> "";
      case AskView.OilAsk it -> "";
      case AskView.RemedyAsk it -> "";
      case AskView.PhotoAsk it -> "what it shows: " + LINE + LINE;
      case AskView.ComplaintsAsk it ->
          "nothing / " + LINE + LINE + (it.engines().size() > 1 ? ", engine " + NUMBER : "");
      case AskView.GiveUpAsk it -> "because " + LINE + LINE;
      case AskView.AboardAsk it -> ring(List.of("aboard", "not aboard"));
      case AskView.LookAsk it -> "";
      case AskView.NoteAsk it -> LINE + LINE;
      case AskView.AfloatAsk it -> "by the lift, berth " + LINE;
    };
  }

  private static String ring(List<String> choices) {
    return "ring one: " + String.join(" / ", choices);
  }

  private static String stopped(@Nullable Text words) {
    return words == null ? "" : "STOP. " + ReadIn.words(words);
  }

  private static String read(AskView.ReadAsk ask) {
    LimitView limit = ask.limits();
    String held =
        limit.against() == null
            ? ""
            : ", %s %s %s"
                .formatted(
                    limit.against().name(),
                    ask.against() == null
                        ? NUMBER
                        : "(%s)".formatted(number(ask.against(), limit.against().unit())),
                    ReadIn.unit(limit.against().unit()));
    String stop =
        limit.stopFrom() == null
            ? ""
            : ". STOP from %s %s"
                .formatted(number(limit.stopFrom(), ask.unit()), ReadIn.unit(ask.unit()));
    String instead = ask.instead() == null ? "" : ". Or " + findings(ask.instead());
    return "%s %s%s%s%s%s"
        .formatted(NUMBER, ReadIn.unit(ask.unit()), held, good(ask, limit), stop, instead);
  }

  /** Where good depends on a second number nobody has said yet, nothing can be printed. */
  private static String good(AskView.ReadAsk ask, LimitView limit) {
    boolean onlyNoted =
        limit.goodLow() == limit.possibleLow() && limit.goodHigh() == limit.possibleHigh();
    if (onlyNoted || (limit.against() != null && ask.against() == null)) {
      return "";
    }
    double times = ask.against() == null ? 1 : ask.against();
    double low = limit.goodLow() * times;
    double high = limit.goodHigh() * times;
    Text least = limit(Judged.atLeast(low, Double.NaN), ask.unit());
    Text most = limit(Judged.atMost(high, Double.NaN), ask.unit());
    if (high >= limit.possibleHigh()) {
      return "; good from %s up".formatted(ReadIn.words(least));
    }
    return low <= limit.possibleLow()
        ? "; good up to %s".formatted(ReadIn.words(most))
        : "; good %s to %s".formatted(ReadIn.words(least), ReadIn.words(most));
  }

  private static Text limit(Judged judged, String unit) {
    return Text.judged(judged, judged.limit(), unit);
  }

  private static String findings(ConditionView condition) {
    return condition.findings().stream()
        .map(BlankAnswer::finding)
        .collect(Collectors.joining(" / ", "ring one: ", ""));
  }

  private static String finding(FindingView finding) {
    return finding.call() == Call.STOP ? finding.words() + " (STOP)" : finding.words();
  }

  private static String number(double value, String unit) {
    return ReadIn.words(Text.exactlyWithoutUnit(value, unit));
  }

  private static String liters(double liters) {
    return ReadIn.words(Quantity.liters(liters));
  }

  private BlankAnswer() {}
}
