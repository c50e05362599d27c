package elsko.server.edges;

import elsko.server.edges.BodyLimits.Limit;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One body on its way, as far as it is here. What is refused in the middle is answered at once; the
 * rest of it is let run out for a moment, since whoever is still sending would not hear the answer.
 */
final class WaitingBody implements ReadListener {
  /** Nobody is called slow before. */
  private static final long GRACE_MS = 10_000;

  /** After that so much on average: a phone at the last berth sends ten times as fast. */
  private static final long LEAST_BYTES_A_SECOND = 1_000;

  private static final long RUNS_OUT_MS = 5_000;
  private static final long RUNS_OUT_BYTES = 32_000_000;
  private static final int AT_ONCE = 8_192;

  /** Why it is not taken. */
  enum Refusal {
    TOO_LARGE,
    TOO_SLOW,
    TOO_MANY
  }

  /** Whoever waits for it hears of one end, and last that nothing more comes. */
  interface Receiver {
    void whole(byte[] body);

    void refused(Refusal why);

    void ended(Left left);
  }

  /** What is left on the line. */
  enum Left {
    NOTHING,
    SOME_OF_IT,
    NOBODY
  }

  private enum State {
    KEEPING,
    RUNNING_OUT,
    OVER
  }

  private final ServletInputStream in;
  private final Limit limit;
  private final long length;
  private final WaitingBodies others;
  private volatile @Nullable Receiver receiver;
  private final byte[] read = new byte[AT_ONCE];
  private byte[] held = new byte[0];
  private int count;
  private long ranOut;
  private long since = System.nanoTime();
  private volatile long lastHeard = since;
  private State state = State.KEEPING;

  /**
   * @param length as it was announced; -1 where it was not
   */
  WaitingBody(ServletInputStream in, Limit limit, long length, WaitingBodies others) {
    this.in = in;
    this.limit = limit;
    this.length = length;
    this.others = others;
  }

  long lastHeard() {
    return lastHeard;
  }

  synchronized int held() {
    return held.length;
  }

  /** Takes what is here already; whether that is all of it. */
  synchronized boolean isHereAlready() throws IOException {
    while (count < length && in.available() > 0) {
      take();
    }
    return count == length;
  }

  synchronized byte[] body() {
    return count == held.length ? held : Arrays.copyOf(held, count);
  }

  /** Nobody wants it any more: it was answered already. */
  synchronized void letRunOut() {
    state = State.RUNNING_OUT;
    since = System.nanoTime();
  }

  /** From here on the network says when there is more. */
  void await(Receiver who) {
    synchronized (this) {
      receiver = who;
    }
    others.enter(this);
    in.setReadListener(this);
  }

  synchronized boolean isTooSlow() {
    long ms = (System.nanoTime() - since) / 1_000_000;
    return switch (state) {
      case KEEPING -> ms > GRACE_MS && count < (ms - GRACE_MS) * LEAST_BYTES_A_SECOND / 1_000;
      case RUNNING_OUT -> ms > RUNS_OUT_MS;
      case OVER -> false;
    };
  }

  /** It takes too long. */
  void cutOff() {
    State was;
    synchronized (this) {
      was = state;
      state = State.OVER;
    }
    if (was == State.KEEPING) {
      receiver().refused(Refusal.TOO_SLOW);
    }
    if (was != State.OVER) {
      end(Left.SOME_OF_IT);
    }
  }

  @Override
  public void onDataAvailable() throws IOException {
    Refusal why = null;
    boolean enough = false;
    synchronized (this) {
      while (state != State.OVER && !enough && in.isReady() && !in.isFinished()) {
        Refusal now = take();
        why = now == null ? why : now;
        enough = ranOut > RUNS_OUT_BYTES;
      }
      if (enough) {
        state = State.OVER;
      }
    }
    if (why != null) {
      receiver().refused(why);
    }
    if (enough) {
      end(Left.SOME_OF_IT);
    }
  }

  private @Nullable Refusal take() throws IOException {
    int some = in.read(read);
    if (some <= 0) {
      return null;
    }
    lastHeard = System.nanoTime();
    if (state == State.RUNNING_OUT) {
      ranOut += some;
      return null;
    }
    Refusal why =
        count + some > limit.bytes()
            ? Refusal.TOO_LARGE
            : isRoomFor(count + some) ? null : Refusal.TOO_MANY;
    if (why == null) {
      System.arraycopy(read, 0, held, count, some);
      count += some;
    } else {
      letRunOut();
    }
    return why;
  }

  /** What was announced is not believed: room is made as it comes. */
  private boolean isRoomFor(int needed) {
    if (needed <= held.length) {
      return true;
    }
    int room = Math.min(limit.bytes(), Math.max(needed, held.length * 2));
    if (length >= needed) {
      room = (int) Math.min(room, length);
    }
    if (receiver != null && !others.takes(room - held.length)) {
      return false;
    }
    held = Arrays.copyOf(held, room);
    return true;
  }

  @Override
  public void onAllDataRead() {
    State was;
    byte[] body;
    synchronized (this) {
      was = state;
      state = State.OVER;
      body = body();
    }
    if (was == State.KEEPING) {
      others.leave(this);
      receiver().whole(body);
    } else if (was == State.RUNNING_OUT) {
      end(Left.NOTHING);
    }
  }

  @Override
  public void onError(Throwable gone) {
    State was;
    synchronized (this) {
      was = state;
      state = State.OVER;
    }
    if (was != State.OVER) {
      end(Left.NOBODY);
    }
  }

  private Receiver receiver() {
    return Objects.requireNonNull(receiver);
  }

  private void end(Left left) {
    others.leave(this);
    receiver().ended(left);
  }
}
