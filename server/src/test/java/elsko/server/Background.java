package elsko.server;

import elsko.server.jobs.JobKind;
import elsko.server.jobs.Jobs;
import java.lang.reflect.Field;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;

/** Waits for what the application does in the background, without looking again and again. */
public final class Background {
  private static final int PATIENCE_SECONDS = 120;

  private Background() {}

  /** Until the application has done all that was asked of one kind of work. */
  public static void ends(JobKind kind) throws Exception {
    Field threads = Jobs.class.getDeclaredField("threads");
    threads.setAccessible(true);
    Map<?, ?> all = (Map<?, ?>) threads.get(RunningElsko.bean(Jobs.class));
    ((ExecutorService) all.get(kind)).submit(() -> {}).get(PATIENCE_SECONDS, TimeUnit.SECONDS);
  }
}
