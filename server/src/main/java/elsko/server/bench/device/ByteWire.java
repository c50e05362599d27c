package elsko.server.bench.device;

import java.io.InputStream;
import java.io.InterruptedIOException;
import java.io.OutputStream;
import java.time.Duration;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

/** One direction of a line inside this process: what is written at one end is read at the other. */
final class ByteWire {
  private final BlockingQueue<Integer> bytes = new LinkedBlockingQueue<>();
  private final Duration limit;

  /**
   * @param limit how long a read waits before it gives −1
   */
  ByteWire(Duration limit) {
    this.limit = limit;
  }

  OutputStream writingEnd() {
    return new OutputStream() {
      @Override
      public void write(int b) {
        bytes.add(b & 0xff);
      }
    };
  }

  InputStream readingEnd() {
    return new InputStream() {
      @Override
      public int read() throws InterruptedIOException {
        try {
          Integer next = bytes.poll(limit.toMillis(), TimeUnit.MILLISECONDS);
          return next == null ? -1 : next;
        } catch (InterruptedException stopped) {
          Thread.currentThread().interrupt();
          throw new InterruptedIOException("stopped");
        }
      }
    };
  }
}
