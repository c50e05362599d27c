package elsko.server.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/** A disk that writes nothing any more when it is told so: full, or only to be read. */
public final class FailingFiles extends FilePathWrapper {
  static final String SCHEME = "failing";
  private static volatile String says = "";

  /** What every write fails with from now on; empty when they succeed. */
  static void say(String reason) {
    says = reason;
  }

  @Override
  public String getScheme() {
    return SCHEME;
  }

  @Override
  public FileChannel open(String mode) throws IOException {
    return new Channel(super.open(mode));
  }

  private static void mayWrite() throws IOException {
    if (!says.isEmpty()) {
      throw new IOException(says);
    }
  }

  private static final class Channel extends FileBaseDefault {
    private final FileChannel real;

    Channel(FileChannel real) {
      this.real = real;
    }

    @Override
    public long size() throws IOException {
      return real.size();
    }

    @Override
    public int read(ByteBuffer into, long at) throws IOException {
      return real.read(into, at);
    }

    @Override
    public int write(ByteBuffer from, long at) throws IOException {
      mayWrite();
      return real.write(from, at);
    }

    @Override
    protected void implTruncate(long size) throws IOException {
      mayWrite();
      real.truncate(size);
    }

    @Override
    public void force(boolean metadata) throws IOException {
      mayWrite();
      real.force(metadata);
    }

    @Override
    public java.nio.channels.FileLock tryLock(long at, long size, boolean shared)
        throws IOException {
      return real.tryLock(at, size, shared);
    }

    @Override
    protected void implCloseChannel() throws IOException {
      real.close();
    }
  }

  static void register() {
    FilePath.register(new FailingFiles());
  }
}
