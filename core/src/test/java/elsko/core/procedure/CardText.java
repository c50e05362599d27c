package elsko.core.procedure;

import elsko.core.Quantity;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import java.util.ArrayList;
import java.util.List;

/** A boat and its card as text a person can read line by line. */
final class CardText {
  private CardText() {}

  static String of(Boat boat, Card card) {
    List<String> lines = new ArrayList<>();
    lines.add("%s, %s".formatted(boat.name(), boat.description().layout().words()));
    lines.add(card.procedure().words());
    for (Card.Chosen chosen : card.chosen()) {
      lines.add(
          "  %s: %s, %s; %s"
              .formatted(chosen.name(), chosen.words(), chosen.whose(), chosen.reason()));
    }
    for (Card.NotCovered left : card.notCovered()) {
      lines.add("  LEFT OUT %s: %s".formatted(left.name(), left.reason()));
    }
    lines.add(
        "  attended %d min, soaks %d min".formatted(card.attendedMinutes(), card.soakMinutes()));
    for (Circuit circuit : boat.circuits()) {
      if (!circuit.path().isEmpty()) {
        lines.add(
            "  %s %s, %d plugs, %d hoses"
                .formatted(
                    circuit.name(),
                    Quantity.liters(circuit.liters()),
                    circuit.drains().size(),
                    circuit.hoses().size()));
      }
    }
    int n = 1;
    for (Step step : card.steps()) {
      lines.add("");
      lines.add("%d %s (%s)%s".formatted(n++, step.title(), step.key(), timing(step)));
      if (step.elsewhere() != null) {
        lines.add("  elsewhere: " + step.elsewhere().words());
      }
      lines.add("  how: " + step.how());
      lines.add("  why: " + step.why());
      if (!step.tools().isEmpty()) {
        lines.add("  tools: " + Words.list(step.tools()));
      }
      step.hazards().forEach(caution -> lines.add("  ! " + caution));
      step.asks().forEach(ask -> lines.add("  [] " + ask(ask)));
    }
    return String.join("\n", lines) + "\n";
  }

  private static String timing(Step step) {
    String soak =
        step.soak() == null
            ? ""
            : ", soak %d to %d min".formatted(step.soak().fromMinutes(), step.soak().toMinutes());
    String within =
        step.within() == null
            ? ""
            : ", within %d min of %s".formatted(step.within().minutes(), step.within().step());
    String people = step.people() > 1 ? ", %d people".formatted(step.people()) : "";
    return " %d min%s%s%s".formatted(step.minutes(), soak, within, people);
  }

  private static String ask(Ask ask) {
    if (ask instanceof Ask.Fill fill) {
      return "fill %s, about %s%s"
          .formatted(
              fill.label(),
              Quantity.liters(fill.liters()),
              fill.watch().isEmpty() ? "" : ", " + fill.watch());
    }
    if (ask instanceof Ask.Open open) {
      return "open %s%s, about %s"
          .formatted(
              open.label(),
              open.fitting() == null ? "" : " at " + open.fitting(),
              Quantity.liters(open.liters()));
    }
    if (ask instanceof Ask.Sample sample) {
      return "sample " + sample.label();
    }
    if (ask instanceof Ask.Descale descale) {
      return "descaler %s, %s".formatted(descale.label(), Quantity.liters(descale.liters()));
    }
    if (ask instanceof Ask.Engine engine && engine.start()) {
      return engine.label() + ", " + engine.basis().words();
    }
    return ask.label();
  }
}
