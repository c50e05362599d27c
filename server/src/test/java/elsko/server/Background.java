package elsko.server;

import java.lang.reflect.Field;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** Waits for what the application does in the background, without looking again and again. */
public final class Background {
  private static final int PATIENCE_SECONDS = 120;

  private Background() {}

  /** Until a part of the application has done all that was handed to its one thread. */
  public static void ends(Object part) throws Exception {
    Field thread =
        Stream.of(part.getClass().getDeclaredFields())
            .filter(field -> field.getType() == ExecutorService.class)
            .findFirst()
            .orElseThrow();
    thread.setAccessible(true);
    ExecutorService one = (ExecutorService) thread.get(part);
    one.submit(() -> {}).get(PATIENCE_SECONDS, TimeUnit.SECONDS);
  }
}
