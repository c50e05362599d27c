package elsko.bench.load;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import elsko.bench.running.Running;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Says how a whole crew is answered, alone and with what disturbs it. */
public final class Load {
  private static final int BOATS = 1_000;
  private static final int MANY_BOATS = 5_000;
  private static final int TECHNICIANS = 50;
  private static final int COORDINATORS = 5;
  private static final double MOST_MS = 250;
  private static final int SHORT_MS = 100;

  /** Measured where everything takes a few milliseconds, twice of it is noise. */
  private static final double NOISE_MS = 60;

  private final LargeYard yard;
  private final double seconds;
  private boolean met = true;

  private Load(LargeYard yard, double seconds) {
    this.yard = yard;
    this.seconds = seconds;
  }

  public static boolean run(Path root, List<String> options)
      throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("elsko-load");
    try (LargeYard yard = new LargeYard(root, data, number(options, "--boats", BOATS))) {
      Load load = new Load(yard, number(options, "--for", 60));
      load.all();
      return load.met;
    }
  }

  @SuppressWarnings("try") // what disturbs does so by being open
  private void all() throws IOException, InterruptedException {
    Crew crew = new Crew(yard, TECHNICIANS, COORDINATORS);
    System.out.printf(
        "%,d boats, %d technicians, %d coordinators%n",
        yard.boats().size(), TECHNICIANS, COORDINATORS);
    // Warm, and what that left to be worked out is done.
    crew.asFastAsItAnswers(10);
    crew.atWorkingPace(10);
    Crew.Shift alone = say("at working pace", crew.atWorkingPace(seconds));
    ask("walks of the whole yard, p50", alone.walks().at(0.5), SHORT_MS);
    ask("frost of the whole yard, p50", alone.frost().at(0.5), SHORT_MS);
    ask("errors", alone.entries().errors(), 1);
    say("as fast as it answers", crew.asFastAsItAnswers(seconds / 2));
    try (Nuisance listeners = Nuisance.listeners(yard.server(), 200, 20)) {
      disturbed("200 listeners, of whom 20 do not read", crew, alone);
    }
    try (Nuisance slow = Nuisance.slowBodies(yard.server(), 200)) {
      disturbed("200 slow bodies", crew, alone);
    }
    settings();
    largest();
  }

  private void disturbed(String by, Crew crew, Crew.Shift alone) throws InterruptedException {
    Crew.Shift with = say("with " + by, crew.atWorkingPace(seconds));
    ask("entries, p99 with " + by, with.entries().p99(), twice(alone));
    ask("errors", with.entries().errors(), 1);
  }

  private static double twice(Crew.Shift alone) {
    return 2 * Math.max(NOISE_MS, alone.entries().p99());
  }

  /** The yard decides something else while everybody works. */
  private void settings() throws IOException, InterruptedException {
    yard.grow(MANY_BOATS);
    Crew crew = new Crew(yard, TECHNICIANS, COORDINATORS);
    crew.atWorkingPace(20);
    Crew.Shift alone = say("%,d boats".formatted(MANY_BOATS), crew.atWorkingPace(seconds));
    double[] saved = new double[1];
    Thread coordinator =
        Thread.ofPlatform()
            .start(
                () -> {
                  try {
                    Thread.sleep(1_000);
                    saved[0] = decide();
                  } catch (IOException | InterruptedException wrong) {
                    throw new IllegalStateException(wrong);
                  }
                });
    Crew.Shift with = say("while settings change", crew.atWorkingPace(seconds));
    coordinator.join();
    ask("settings of %,d boats saved, s".formatted(MANY_BOATS), saved[0], 5);
    ask("entries, p99 while every boat is judged anew", with.entries().p99(), twice(alone));
    ask("errors", with.entries().errors(), 1);
    long from = System.nanoTime();
    while (isJudging()) {
      Thread.sleep(500);
    }
    System.out.printf(
        "  every boat judged anew %.0f s after that shift%n", (System.nanoTime() - from) / 1e9);
  }

  private double decide() throws IOException, InterruptedException {
    HttpResponse<String> now = Running.send(yard.server().request("/api/yard").GET());
    if (now.statusCode() != 200) {
      throw new IllegalStateException(now.body());
    }
    JsonObject change = JsonParser.parseString(now.body()).getAsJsonObject();
    change.addProperty("marginK", change.get("marginK").getAsDouble() + 1);
    long from = System.nanoTime();
    HttpResponse<String> saved =
        Running.send(
            yard.server()
                .request("/api/yard")
                .header("If-Match", now.headers().firstValue("ETag").orElseThrow())
                .PUT(BodyPublishers.ofString(change.toString())));
    if (saved.statusCode() != 200) {
      throw new IllegalStateException(saved.body());
    }
    return (System.nanoTime() - from) / 1e9;
  }

  private boolean isJudging() throws IOException, InterruptedException {
    String jobs = Running.send(yard.server().request("/api/jobs").GET()).body();
    for (JsonElement job : JsonParser.parseString(jobs).getAsJsonArray()) {
      JsonObject one = job.getAsJsonObject();
      if (one.get("kind").getAsString().equals("REASSESS") && one.get("endedAt").isJsonNull()) {
        return true;
      }
    }
    return false;
  }

  /** More and more people, until it is too many for this machine. */
  private void largest() throws InterruptedException {
    int carried = 0;
    for (int people = 100; people <= 1_600; people *= 2) {
      Crew.Shift shift =
          say(
              "%,d boats, %d technicians".formatted(MANY_BOATS, people),
              new Crew(yard, people, COORDINATORS).atWorkingPace(seconds / 2));
      if (shift.entries().p99() > MOST_MS || shift.entries().errors() > 0) {
        break;
      }
      carried = people;
    }
    System.out.printf(
        "This machine carries %,d boats and %d technicians before p99 passes %.0f ms.%n",
        MANY_BOATS, carried, MOST_MS);
  }

  private void ask(String what, double is, double under) {
    boolean fine = is < under;
    met &= fine;
    System.out.printf(
        "  %s %s: %.1f, asked for under %.1f%n", fine ? "met    " : "NOT MET", what, is, under);
  }

  private static Crew.Shift say(String how, Crew.Shift shift) {
    System.out.printf("%s, %.1f entries a second%n", how, shift.perSecond());
    System.out.println("  entries  " + shift.entries().words());
    System.out.println("  boats    " + shift.boats().words());
    System.out.println("  walks    " + shift.walks().words());
    System.out.println("  frost    " + shift.frost().words());
    System.out.println("  machine  " + shift.machine().words());
    return shift;
  }

  private static int number(List<String> options, String name, int otherwise) {
    int at = options.indexOf(name);
    return at < 0 ? otherwise : Integer.parseInt(options.get(at + 1));
  }
}
