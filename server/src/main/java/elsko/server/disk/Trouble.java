package elsko.server.disk;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Why nothing can be kept, or nothing read. */
public enum Trouble {
  FULL("The yard's disk is full: nothing can be kept until there is room on it."),
  READ_ONLY("The yard's disk can only be read at this moment: nothing can be kept."),
  CLOSED("The yard's database is away at this moment. It is being opened again."),
  DAMAGED("The yard's database is damaged. Whoever looks after this machine has to restore it."),
  BUSY("Too much is asked for at this moment. Try again in a little while.");

  /** With what the process ends where the database is damaged: only restoring helps. */
  public static final int ENDS_DAMAGED = 74;

  private static final Set<Integer> SAYS_CLOSED = Set.of(90098, 90121, 90067, 90028, 90031, 90007);
  private static final int SAYS_READ_ONLY = 90097;
  private static final int SAYS_DAMAGED = 90030;
  private static final int SAYS_NO_SPACE = 90100;
  private static final String OF_THE_FILE = "MVStoreException";

  private final String words;

  Trouble(String words) {
    this.words = words;
  }

  /** In plain words, for whoever asked. */
  public String words() {
    return words;
  }

  /** What an exception says about the disk: the deepest cause knows best. Null when nothing. */
  public static @Nullable Trouble of(Throwable thrown) {
    Trouble found = null;
    int depth = 0;
    for (Throwable cause = thrown; cause != null && depth < 30; cause = cause.getCause(), depth++) {
      Trouble one = itself(cause);
      found = one == null || found == DAMAGED ? found : one;
    }
    return found;
  }

  private static @Nullable Trouble itself(Throwable cause) {
    if (cause instanceof DatabaseAway away) {
      return away.trouble();
    }
    if (cause instanceof SQLTransientConnectionException) {
      return BUSY;
    }
    if (cause instanceof SQLException sql) {
      return byCode(sql.getErrorCode());
    }
    String said = String.valueOf(cause.getMessage());
    if (cause instanceof IOException || cause instanceof FileSystemException) {
      return bySaying(said.toLowerCase(Locale.ROOT));
    }
    if (cause.getClass().getSimpleName().equals(OF_THE_FILE)) {
      // The store's own number stands last: 6 is a file that contradicts itself.
      return said.endsWith("/6]") ? DAMAGED : CLOSED;
    }
    return null;
  }

  private static @Nullable Trouble byCode(int code) {
    if (code == SAYS_NO_SPACE) {
      return FULL;
    }
    if (code == SAYS_READ_ONLY) {
      return READ_ONLY;
    }
    if (code == SAYS_DAMAGED) {
      return DAMAGED;
    }
    return SAYS_CLOSED.contains(code) ? CLOSED : null;
  }

  private static @Nullable Trouble bySaying(String said) {
    if (said.contains("no space left") || said.contains("quota exceeded")) {
      return FULL;
    }
    return said.contains("read-only file system") ? READ_ONLY : null;
  }
}
