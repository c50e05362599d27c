package elsko.bench.row;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.bench.row.Measured.Kind;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RowsTest {
  private static final String FOLD = "fold";
  private static final String LIST = "list";

  private List<Row> kept = new ArrayList<>();

  private static Row written(String part, String what, double figure, Kind kind, double machine) {
    return new Row(part, what, figure + "", figure, kind, "asked", true, machine, "then", "", "");
  }

  private Rows rows(Row... before) {
    kept = new ArrayList<>(List.of(before));
    return new Rows(List.of(before), "now", all -> kept = all);
  }

  private Row kept(String what) {
    return kept.stream().filter(row -> row.what().equals(what)).findFirst().orElseThrow();
  }

  @Test
  void eachRowIsKeptAsItComes() throws IOException {
    List<Integer> sizes = new ArrayList<>();
    Rows rows = new Rows(List.of(), "now", all -> sizes.add(all.size()));
    rows.measure(
        new Part(
            "core",
            into -> {
              into.add(Measured.millis(FOLD, 1.2, 1.5));
              into.add(Measured.seconds(LIST, 3, 2));
            }));
    assertThat(sizes).containsExactly(1, 2);
    assertThat(rows.anyFailed()).isFalse();
  }

  @Test
  void oneThatGoesWrongIsMarkedAndTheRestGoesOn() throws IOException {
    Rows rows = rows(written("server", LIST, 20, Kind.TIME, 5));
    rows.measure(
        new Part(
            "server",
            into -> {
              into.attempt(
                  LIST,
                  () -> {
                    throw new IllegalStateException("a field was renamed");
                  });
              into.add(Measured.millis(FOLD, 1.2, 1.5));
            }));
    assertThat(kept(LIST).value()).isEqualTo("FAILED: IllegalStateException: a field was renamed");
    assertThat(kept(LIST).met()).isFalse();
    assertThat(kept(LIST).figure()).as("for the next run to go by").isEqualTo(20);
    assertThat(kept(FOLD).met()).isTrue();
    assertThat(rows.anyFailed()).isTrue();
  }

  @Test
  void aPartThatCannotBeginMarksItsRowsAndNobodyElses() throws IOException {
    Rows rows =
        rows(
            written("server", LIST, 20, Kind.TIME, 5),
            written("server", "import", 3, Kind.TIME, 5),
            written("core", FOLD, 1, Kind.TIME, 5));
    rows.measure(
        new Part(
            "server",
            into -> {
              into.add(Measured.millis(LIST, 21, 50));
              throw new IOException("it did not start");
            }));
    assertThat(kept(LIST).value()).isEqualTo("21.00 ms");
    assertThat(kept("import").value()).startsWith("FAILED: IOException");
    assertThat(kept(FOLD).value()).isEqualTo("1.0");
  }

  @Test
  void slowerIsSaidOnlyForWhatTheMachineDoesNotExplain() {
    Row time = written("core", FOLD, 2, Kind.TIME, 10);
    assertThat(time.slowedTo(4, 20)).as("a machine half as fast").isCloseTo(1, within(1e-9));
    assertThat(time.slowedTo(4, 10)).isCloseTo(2, within(1e-9));
    Row rate = written("core", "look-ups", 100, Kind.RATE, 10);
    assertThat(rate.slowedTo(50, 20)).isCloseTo(1, within(1e-9));
    assertThat(rate.slowedTo(25, 10)).isCloseTo(4, within(1e-9));
    Row size = written("screen", "script", 140, Kind.SIZE, 10);
    assertThat(size.slowedTo(280, 40)).as("no machine makes it smaller").isCloseTo(2, within(1e-9));
    assertThat(written("plan", "loss", -0.4, Kind.QUALITY, 10).slowedTo(-0.1, 10)).isEqualTo(1);

    Measured now = Measured.millis(FOLD, 2.3, 5);
    assertThat(Row.of("core", now, 10, "now", time).slower()).isEmpty();
    assertThat(Row.of("core", Measured.millis(FOLD, 3, 5), 10, "now", time).slower())
        .isEqualTo("1.5 ×");
  }

  @Test
  void whatIsWrittenIsReadAgain(@TempDir Path docs) throws IOException {
    WrittenRows file = new WrittenRows(docs);
    assertThat(file.read()).isEmpty();
    List<Row> rows =
        List.of(
            Row.of(
                "core", Measured.millis("fold, of 5,000 | \"long\"", 1.25, 1.5), 8.5, "now", null),
            Row.failed("server", LIST, "now", null, new IllegalStateException()));
    file.write(rows);
    assertThat(file.read()).isEqualTo(rows);
    assertThat(Files.readString(docs.resolve("benchmarks.md")))
        .contains("| 1.25 ms | under 1.5 ms | yes |")
        .contains("FAILED: IllegalStateException");
  }
}
