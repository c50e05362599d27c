package elsko.server.work.log;

import elsko.server.work.log.WaitingEntries.Answer;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What was refused to a device lately. An entry is answered once: a request that was held up on its
 * way may bring it again after its device was told that it is refused, when it could be kept by
 * then, and whoever made it would have entered it a second time.
 *
 * <p>In memory only: what was on its way to an earlier start of the application never arrives.
 */
@Component
class RefusedEntries {
  private static final int MOST = 20_000;

  private final Map<UUID, Answer> lately =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Answer> eldest) {
          return size() > MOST;
        }
      };

  /** How it was answered before; null where it never was refused. */
  synchronized @Nullable Answer before(UUID id) {
    return lately.get(id);
  }

  synchronized Answer remember(Answer refused) {
    lately.put(refused.id(), refused);
    return refused;
  }
}
