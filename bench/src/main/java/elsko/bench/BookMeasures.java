package elsko.bench;

import elsko.bench.row.Measured;
import elsko.bench.row.Rows;
import elsko.bench.running.Running;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A book of years: 1,000 boats whose log has a million entries. */
final class BookMeasures {
  private static final int BOATS = 1000;
  private static final int ENTRIES = 1_000_000;
  private static final int SEARCHES = 400;
  private static final int REPORTS = 300;
  private static final String SEARCHED =
      "book of 1,000,000 entries searched over the API, warm, 50 lines a page";
  private static final Pattern ID = Pattern.compile("\"id\"\\s*:\\s*\"([0-9a-f-]{36})\"");

  private final Path root;

  BookMeasures(Path root) {
    this.root = root;
  }

  void into(Rows rows) throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("elsko-book");
    Path small = folder.resolve("small.zip");
    String password;
    List<String> boats;
    try (Running server = new Running(root, folder.resolve("first"))) {
      password = server.password();
      boats = yard(server);
      command("backup", small.toString(), "--data", folder.resolve("first").toString());
    }
    Path grown = folder.resolve("grown.zip");
    GrownArchive.write(small, grown, ENTRIES);
    Path data = folder.resolve("grown");
    double in = command("restore", grown.toString(), "--data", data.toString());
    rows.add(Measured.seconds("archive of 1,000 boats, 1,000,000 entries: in", in, 60));
    try (Running server = new Running(root, data, password)) {
      rows.attempt(
          "the same out, while it runs, checked",
          () ->
              Measured.seconds(
                  "the same out, while it runs, checked",
                  command("backup", folder.resolve("out.zip").toString(), "--data", "" + data),
                  20));
      rows.attempt(SEARCHED, () -> searches(server, boats));
      reports(server, boats, rows);
    }
  }

  /** Boats, and one boat's log with everything a book has. */
  private static List<String> yard(Running server) throws IOException, InterruptedException {
    List<String> boats = new ArrayList<>();
    for (int i = 0; i < BOATS; i++) {
      String boat =
          """
          {"name":"Boat %04d","hullLengthM":7.1,"layout":"STERNDRIVE","waterUsedIn":"SALT","silty":false,
           "engines":[{"position":"CENTER","fuel":"PETROL","cylinders":8,"cooling":"RAW_WATER"}]}
          """
              .formatted(i);
      boats.add(id(sent(server, "/api/boats", boat)));
    }
    String shelf =
        sent(
            server,
            "/api/bench/products",
            "{\"name\":\"Measured\",\"base\":\"PG\",\"massFraction\":0.38}");
    sent(
        server,
        "/api/bench/lots",
        "{\"productId\":\"%s\",\"number\":\"M-1\",\"expiresOn\":\"%s\"}"
            .formatted(id(shelf), LocalDate.now().plusYears(2)));
    String entries =
        List.of(
                "\"kind\":\"CIRCUIT_SEEN\",\"circuit\":\"engine\",\"inService\":false",
                "\"kind\":\"FITTING_SET\",\"fitting\":\"battery\",\"state\":\"OFF\"",
                "\"kind\":\"NOTED\",\"text\":\"cover torn at the stern, tarp over it for now\"",
                "\"kind\":\"READING_TAKEN\",\"engine\":\"CENTER\",\"limit\":\"warm-plateau\",\"value\":75",
                "\"kind\":\"FITTING_SET\",\"fitting\":\"recirculation-hose\",\"state\":\"OFF\"",
                "\"kind\":\"FLUID_USED\",\"circuit\":\"engine\",\"lot\":\"M-1\",\"liters\":3.5,"
                    + "\"pourPoint\":\"recirculation-hose\"",
                "\"kind\":\"SERVICE_DONE\",\"engine\":\"CENTER\",\"item\":\"engine-oil\"",
                "\"kind\":\"FITTING_SET\",\"fitting\":\"battery\",\"state\":\"ON\"")
            .stream()
            .map(
                fields ->
                    "{\"id\":\"%s\",\"deviceTime\":\"%s\",%s}"
                        .formatted(UUID.randomUUID(), Instant.now(), fields))
            .reduce((one, two) -> one + "," + two)
            .orElseThrow();
    sent(server, "/api/boats/" + boats.get(0) + "/entries", "{\"entries\":[" + entries + "]}");
    return boats;
  }

  private static String sent(Running server, String path, String body)
      throws IOException, InterruptedException {
    HttpResponse<String> answer =
        Running.send(server.request(path).POST(BodyPublishers.ofString(body)));
    if (answer.statusCode() >= 300) {
      throw new IllegalStateException(path + ": " + answer.body());
    }
    return answer.body();
  }

  private static String id(String body) {
    Matcher id = ID.matcher(body);
    if (!id.find()) {
      throw new IllegalStateException(body);
    }
    return id.group(1);
  }

  /** Every way people look things up, in random order. */
  private static Measured searches(Running server, List<String> boats)
      throws IOException, InterruptedException {
    Random chance = new Random(8);
    double[] millis = new double[SEARCHES];
    for (int i = -SEARCHES / 2; i < SEARCHES; i++) {
      String query = query(chance, boats);
      long from = System.nanoTime();
      HttpResponse<String> found = Running.send(server.request("/api/book?" + query).GET());
      if (found.statusCode() != 200) {
        throw new IllegalStateException(found.body());
      }
      if (i >= 0) {
        millis[i] = (System.nanoTime() - from) / 1e6;
      }
    }
    Arrays.sort(millis);
    return Measured.slowest(SEARCHED, millis[SEARCHES / 2], millis[(int) (SEARCHES * 0.99)], 100);
  }

  private static String query(Random chance, List<String> boats) {
    String boat = "boat=" + boats.get(chance.nextInt(boats.size()));
    LocalDate day = LocalDate.now().minusDays(chance.nextInt(1800));
    return switch (chance.nextInt(9)) {
      case 0 -> "";
      case 1 -> boat;
      case 2 -> boat + "&kind=FILLS";
      case 3 -> "lot=M-1";
      case 4 -> "person=Tamsa&from=%s&to=%s".formatted(day, day.plusDays(20));
      case 5 -> "kind=SERVICE&to=" + day;
      case 6 -> boat + "&circuit=engine";
      case 7 -> "corrections=true";
      default -> "person=Orrin&kind=READINGS&" + boat;
    };
  }

  private static void reports(Running server, List<String> boats, Rows rows)
      throws IOException, InterruptedException {
    double[] millis = new double[REPORTS];
    long all = 0;
    for (int i = -30; i < REPORTS; i++) {
      String boat = boats.get(Math.floorMod(i, boats.size()));
      long from = System.nanoTime();
      HttpResponse<String> pdf =
          Running.send(server.request("/api/reports/boats/" + boat + "/lay-up.pdf").GET());
      if (pdf.statusCode() != 200) {
        throw new IllegalStateException(pdf.body());
      }
      if (i >= 0) {
        millis[i] = (System.nanoTime() - from) / 1e6;
        all += System.nanoTime() - from;
      }
    }
    Arrays.sort(millis);
    rows.add(
        Measured.slowest(
            "lay-up report of a boat with 1,000 entries, as PDF",
            millis[REPORTS / 2],
            millis[(int) (REPORTS * 0.99)],
            300));
    rows.add(Measured.seconds("300 of them one after another", all / 1e9, 60));
  }

  private double command(String... words) throws IOException, InterruptedException {
    List<String> command = new ArrayList<>(List.of(root.resolve("elsko").toString()));
    command.addAll(List.of(words));
    long from = System.nanoTime();
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    if (process.waitFor() != 0) {
      throw new IllegalStateException(said);
    }
    return (System.nanoTime() - from) / 1e9;
  }
}
