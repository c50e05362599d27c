package elsko.bench.load;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Says how a whole crew is answered. */
public final class Load {
  private static final int BOATS = 1_000;
  private static final int TECHNICIANS = 50;
  private static final int COORDINATORS = 5;

  private Load() {}

  public static boolean run(Path root, List<String> options)
      throws IOException, InterruptedException {
    int boats = number(options, "--boats", BOATS);
    double seconds = number(options, "--for", 60);
    Path data = Files.createTempDirectory("elsko-load");
    try (LargeYard yard = new LargeYard(root, data, boats)) {
      System.out.printf(
          "%,d boats, %d technicians, %d coordinators%n", boats, TECHNICIANS, COORDINATORS);
      Crew crew = new Crew(yard, TECHNICIANS, COORDINATORS);
      // Warm, and what that left to be worked out is done.
      crew.asFastAsItAnswers(10);
      Thread.sleep(10_000);
      crew.atWorkingPace(10);
      say("at working pace", crew.atWorkingPace(seconds));
      say("as fast as it answers", crew.asFastAsItAnswers(seconds / 2));
    }
    return true;
  }

  private static void say(String how, Crew.Shift shift) {
    System.out.printf("%s, %.1f entries a second%n", how, shift.perSecond());
    System.out.println("  entries  " + shift.entries().words());
    System.out.println("  boats    " + shift.boats().words());
    System.out.println("  walks    " + shift.walks().words());
    System.out.println("  frost    " + shift.frost().words());
  }

  private static int number(List<String> options, String name, int otherwise) {
    int at = options.indexOf(name);
    return at < 0 ? otherwise : Integer.parseInt(options.get(at + 1));
  }
}
