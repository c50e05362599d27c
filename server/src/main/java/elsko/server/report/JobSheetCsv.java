package elsko.server.report;

import elsko.core.jobsheet.JobLine;
import elsko.server.csv.CsvText;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;

/** A job sheet as a file: what a program that writes bills reads in. */
final class JobSheetCsv {
  private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm");

  private JobSheetCsv() {}

  static String of(String boat, List<JobLine> lines, ZoneId zone) {
    return CsvText.of(
        List.of("boat", "kind", "what", "quantity", "unit", "detail", "by", "last at"),
        lines.stream()
            .map(
                line ->
                    List.of(
                        boat,
                        line.kind().words(),
                        line.what().toString(),
                        line.unit().isEmpty() ? "" : quantity(line.quantity()),
                        line.unit(),
                        line.detail(),
                        line.by(),
                        AT.format(line.at().atZone(zone))))
            .toList());
  }

  /** A number as programs write it: no more places than it has. */
  private static String quantity(double value) {
    double rounded = Math.round(value * 100) / 100.0;
    return rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
  }
}
