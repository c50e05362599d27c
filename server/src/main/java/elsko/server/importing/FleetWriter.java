package elsko.server.importing;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.EngineDescription;
import elsko.server.csv.CsvText;
import elsko.server.fleet.Fleet;
import elsko.server.yard.Berths;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Writes the fleet as the file that can be read in again. */
@Component
class FleetWriter {
  private final Fleet fleet;
  private final Berths berths;

  FleetWriter(Fleet fleet, Berths berths) {
    this.fleet = fleet;
    this.berths = berths;
  }

  @Transactional(readOnly = true)
  String fleet() {
    StringWriter text = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
      printer.printRecord(Column.all());
      var names = berths.namesById();
      for (Fleet.Berthed boat : fleet.berthed()) {
        printer.printRecord(row(boat.description(), names.getOrDefault(boat.berth(), "")));
      }
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
    return text.toString();
  }

  private static List<String> row(BoatDescription boat, String berth) {
    EngineDescription engine = boat.propulsion().isEmpty() ? null : boat.propulsion().get(0);
    List<String> row = new ArrayList<>();
    row.add(CsvText.safe(boat.hullId()));
    row.add(CsvText.safe(boat.name()));
    row.add(word(boat.kind()));
    row.add(String.valueOf(boat.hullLengthM()));
    row.add(word(boat.layout()));
    row.add(engine == null ? "" : String.valueOf(boat.propulsion().size()));
    row.add(engine == null ? "" : word(engine.fuel()));
    row.add(engine == null ? "" : String.valueOf(engine.cylinders()));
    row.add(engine == null ? "" : word(engine.cooling()));
    row.add(engine == null ? "" : word(engine.exhaust()));
    row.add(engine == null ? "" : word(engine.drains()));
    row.add(engine == null ? "" : word(engine.details().powerClass()));
    row.add(engine == null || engine.details().year() == null ? "" : "" + engine.details().year());
    row.add(
        engine == null || engine.details().hours() == null ? "" : "" + engine.details().hours());
    row.add(word(boat.waterUsedIn()));
    row.add(boat.silty() ? "yes" : "no");
    for (Accessory accessory : Accessory.values()) {
      Answer answer = boat.has(accessory);
      row.add(answer == Answer.UNKNOWN ? "unknown" : word(answer));
    }
    row.add(boat.domesticTankLiters() == null ? "" : "" + boat.domesticTankLiters());
    row.add(word(boat.method()));
    row.add(berth);
    row.add(CsvText.safe(boat.owner()));
    row.add(CsvText.safe(boat.notes()));
    return row;
  }

  private static String word(Enum<?> value) {
    return value == null ? "" : value.name().toLowerCase(Locale.ROOT);
  }

  /** Spreadsheets read a cell that begins like this as a formula; an apostrophe keeps it text. */
}
