package elsko.server.edges;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/** A request whose body is all here: reading it waits for nobody. */
final class WholeBody extends HttpServletRequestWrapper {
  private final byte[] body;

  WholeBody(HttpServletRequest request, byte[] body) {
    super(request);
    this.body = body;
  }

  @Override
  public ServletInputStream getInputStream() {
    return new Stream(new ByteArrayInputStream(body));
  }

  @Override
  public BufferedReader getReader() {
    Charset charset =
        getCharacterEncoding() == null
            ? StandardCharsets.UTF_8
            : Charset.forName(getCharacterEncoding());
    return new BufferedReader(new InputStreamReader(new ByteArrayInputStream(body), charset));
  }

  private static final class Stream extends ServletInputStream {
    private final ByteArrayInputStream bytes;

    Stream(ByteArrayInputStream bytes) {
      this.bytes = bytes;
    }

    @Override
    public boolean isFinished() {
      return bytes.available() == 0;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      throw new IllegalStateException("It is all here already.");
    }

    @Override
    public int read() {
      return bytes.read();
    }

    @Override
    public int read(byte[] into, int from, int most) {
      return bytes.read(into, from, most);
    }

    @Override
    public int available() {
      return bytes.available();
    }
  }
}
