package elsko.server.report;

import elsko.core.Units;
import elsko.core.Words;
import elsko.core.ledger.CardProgress.Standing;
import elsko.core.procedure.card.Card;
import elsko.server.square.SquareCode;
import elsko.server.text.ReadIn;
import elsko.server.work.view.AskView;
import elsko.server.work.view.CardView;
import elsko.server.work.view.CardView.StepView;
import elsko.server.work.view.RedTagView;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Cards to be worked through on paper while nobody reaches Elsko, and to be typed in afterwards.
 *
 * @param cards as they are open, or would be opened now
 * @param host where the sheet to type them in is found
 * @param now when they are printed: what happened later is on nobody's paper
 */
record BlankCards(
    String yard, Units units, ZoneId zone, List<CardView> cards, String host, Instant now) {
  private static final DateTimeFormatter PRINTED =
      DateTimeFormatter.ofPattern("d MMM uuuu HH:mm", Locale.UK);
  private static final DateTimeFormatter IN_ADDRESS =
      DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm");
  private static final float CODE_SIDE = 78;

  /** Heading, how it is done, what comes first, and the first things to tick. */
  private static final int STEP_LINES = 13;

  byte[] pdf() {
    String printed = ZonedDateTime.ofInstant(now, zone).format(PRINTED);
    try (Sheet sheet = Sheet.page(units, yard, "Blank cards, printed " + printed)) {
      if (cards.isEmpty()) {
        sheet.title("Blank cards", "Nobody was told of a stop with a card on this day.");
      }
      boolean first = true;
      for (CardView card : cards) {
        if (!first) {
          sheet.turn();
        }
        first = false;
        card(sheet, card, printed);
      }
      return sheet.pdf();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void card(Sheet sheet, CardView card, String printed) throws IOException {
    String address =
        "%s/boats/%s/paper/%s?printed=%s"
            .formatted(
                host,
                card.boat(),
                card.procedure(),
                ZonedDateTime.ofInstant(now, zone).format(IN_ADDRESS));
    sheet.code(SquareCode.of(address).dark(), CODE_SIDE);
    sheet.title(
        card.boatName() + ": " + card.procedureWords(),
        "%sprinted %s".formatted(berth(card), printed));
    sheet.text(
        "Worked by ____________________   on ____ / ____ / ________   Tick what was done, with its"
            + " time; ring or write what was found. Leave blank what nobody looked at.");
    sheet.soft(
        "Typed in afterwards on the sheet the square code leads to, by whoever worked. Times"
            + " without a line count from the time before.");
    for (RedTagView tag : card.tags()) {
      sheet.danger(
          "RED TAG when printed. %s: %s. %s"
              .formatted(tag.words(), ReadIn.words(tag.found()), tag.lifts()));
    }
    for (Card.NotCovered left : card.notCovered()) {
      sheet.danger("Left out: %s. %s".formatted(left.name(), left.reason()));
    }
    int number = 0;
    for (StepView step : card.steps()) {
      number++;
      if (step.standing() == Standing.OPEN) {
        step(sheet, number, step);
      }
    }
    sheet.soft(
        "This is a work record and a calculation aid. The engine maker's manual, local rules and"
            + " licensed practice come first; when they differ, follow them and note it here.");
  }

  private static String berth(CardView card) {
    return card.berthName().isEmpty() ? "" : card.berthName() + " · ";
  }

  private static boolean measures(AskView ask) {
    return ask instanceof AskView.JugAsk
        || ask instanceof AskView.SampleAsk
        || ask instanceof AskView.CoolantAsk;
  }

  private static void step(Sheet sheet, int number, StepView step) throws IOException {
    // A caution is read before what it is about, and on the same page.
    sheet.together(STEP_LINES + 2 * step.hazards().size());
    sheet.heading("%d. %s".formatted(number, step.title()));
    for (String hazard : step.hazards()) {
      sheet.danger(hazard);
    }
    sheet.text(ReadIn.words(step.how()));
    if (!step.waitsFor().isEmpty()) {
      sheet.soft("First: %s.".formatted(String.join("; ", step.waitsFor())));
    }
    if (step.within() != null) {
      sheet.soft("Within %d min: %s".formatted(step.within().minutes(), step.within().because()));
    }
    if (step.soak() != null) {
      sheet.soft(
          "Then it stands for %d to %d min."
              .formatted(step.soak().fromMinutes(), step.soak().toMinutes()));
    }
    List<List<String>> rows = new ArrayList<>();
    if (step.asks().stream().anyMatch(BlankCards::measures)) {
      rows.add(
          List.of(
              "Zero check on clean water, that day",
              "_______ read, with instrument ______________"));
    }
    int ask = 0;
    for (AskView one : step.asks()) {
      ask++;
      rows.add(
          List.of(
              "%d.%d %s".formatted(number, ask, Words.sentence(one.head().label())),
              BlankAnswer.of(one)));
    }
    rows.add(List.of("Step %d done".formatted(number), "or skipped, because ______________"));
    sheet.toTick(rows);
  }
}
