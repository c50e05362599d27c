package elsko.server.bench.device;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;

/** A line of bytes to a device, as a serial port gives. */
public interface SerialLine extends AutoCloseable {
  /** Bytes from the device; a read gives −1 when nothing came within the line's time limit. */
  InputStream in();

  OutputStream out();

  @Override
  void close() throws IOException;
}
