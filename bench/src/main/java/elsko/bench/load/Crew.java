package elsko.bench.load;

import elsko.bench.running.Running;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;

/** People at their work: technicians who enter, coordinators who look. */
final class Crew {
  private static final List<String> LOOKED_AT = List.of("/api/boats", "/api/walks", "/api/frost");
  private static final double TECHNICIANS_PAUSE_S = 6;
  private static final double COORDINATORS_PAUSE_S = 10;

  private final LargeYard yard;
  private final int technicians;
  private final int coordinators;

  Crew(LargeYard yard, int technicians, int coordinators) {
    this.yard = yard;
    this.technicians = technicians;
    this.coordinators = coordinators;
  }

  /**
   * What came of it.
   *
   * @param entries what technicians waited for
   * @param boats what coordinators waited for where they looked, as walks and frost
   * @param machine how the machine itself held up whom
   */
  record Shift(
      Times entries, Times boats, Times walks, Times frost, double seconds, HeldUp machine) {
    double perSecond() {
      return entries.count() / seconds;
    }
  }

  Shift atWorkingPace(double seconds) throws InterruptedException {
    return work(seconds, true);
  }

  Shift asFastAsItAnswers(double seconds) throws InterruptedException {
    return work(seconds, false);
  }

  private Shift work(double seconds, boolean paced) throws InterruptedException {
    HeldUp machine = new HeldUp();
    Shift shift = new Shift(new Times(), new Times(), new Times(), new Times(), seconds, machine);
    long until = System.nanoTime() + (long) (seconds * 1e9);
    List<Thread> people = new ArrayList<>();
    for (int i = 0; i < technicians; i++) {
      int who = i;
      people.add(Thread.ofPlatform().unstarted(() -> technician(who, until, paced, shift)));
    }
    for (int i = 0; i < coordinators; i++) {
      int who = i;
      people.add(Thread.ofPlatform().unstarted(() -> coordinator(who, until, paced, shift)));
    }
    people.forEach(Thread::start);
    for (Thread one : people) {
      one.join();
    }
    machine.over();
    return shift;
  }

  private void technician(int who, long until, boolean paced, Shift shift) {
    // Neighboring seeds must not begin alike, as they do with the older kind: all would come at
    // once.
    SplittableRandom chance = new SplittableRandom(who);
    for (int turn = 0; System.nanoTime() < until; turn++) {
      pause(chance, paced ? TECHNICIANS_PAUSE_S : 0, until);
      if (System.nanoTime() >= until) {
        return;
      }
      int boat = (who + technicians * (turn / 20)) % yard.boats().size();
      HttpRequest.Builder request =
          yard.server()
              .request("/api/boats/" + yard.boats().get(boat) + "/entries", "technician")
              .POST(BodyPublishers.ofString(LargeYard.entry(turn)));
      timed(request, shift.entries());
    }
  }

  private void coordinator(int who, long until, boolean paced, Shift shift) {
    SplittableRandom chance = new SplittableRandom(1_000 + who);
    for (int turn = who; System.nanoTime() < until; turn++) {
      // Even a coordinator who does nothing else reads what is there.
      pause(chance, paced ? COORDINATORS_PAUSE_S / LOOKED_AT.size() : 0.2, until);
      if (System.nanoTime() >= until) {
        return;
      }
      int at = turn % LOOKED_AT.size();
      Times times = List.of(shift.boats(), shift.walks(), shift.frost()).get(at);
      timed(yard.server().request(LOOKED_AT.get(at)).GET(), times);
    }
  }

  static void timed(HttpRequest.Builder request, Times times) {
    long from = System.nanoTime();
    try {
      HttpResponse<String> answer = Running.send(request.timeout(Duration.ofSeconds(60)));
      if (answer.statusCode() < 300) {
        times.took(System.nanoTime() - from);
      } else {
        times.failed(String.valueOf(answer.statusCode()));
      }
    } catch (IOException gone) {
      times.failed(gone.getClass().getSimpleName());
    } catch (InterruptedException ending) {
      Thread.currentThread().interrupt();
    }
  }

  private static void pause(SplittableRandom chance, double about, long until) {
    // Rounded up: whoever wakes just before the end of the shift would begin once more, all at
    // once.
    long left = (until - System.nanoTime()) / 1_000_000 + 1;
    long ms = Math.min(left, (long) (about * 1_000 * (0.5 + chance.nextDouble())));
    if (ms > 0) {
      try {
        TimeUnit.MILLISECONDS.sleep(ms);
      } catch (InterruptedException ending) {
        Thread.currentThread().interrupt();
      }
    }
  }
}
