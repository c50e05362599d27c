package elsko.server.archive;

import elsko.server.https.ThisMachine;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Lets the launcher speak to the running application: port and a key that lasts as long as it runs,
 * in a file that only whoever started it can read.
 */
@Component
class Control {
  static final String FILE = "control";
  static final String HEADER = "X-Elsko-Control";

  private final Path file;
  private final boolean onDisk;
  private final String key;

  /** Beside https; null where there is no other. */
  private final Integer plainPort;

  /** Where it listens, or one of the places. */
  private final String host;

  Control(
      @Value("${elsko.data}") Path data,
      @Value("${spring.datasource.url}") String url,
      @Value("${elsko.https:}") String https,
      @Value("${elsko.https.plain-port:8080}") int plainPort,
      @Value("${server.address:127.0.0.1}") String host) {
    this.host = host;
    this.plainPort = https.isEmpty() ? null : plainPort;
    this.file = data.resolve(FILE);
    this.onDisk = url.startsWith("jdbc:h2:file:");
    byte[] random = new byte[24];
    new SecureRandom().nextBytes(random);
    this.key = HexFormat.of().formatHex(random);
  }

  /** Whether a request comes from this machine and from somebody who can read the file. */
  boolean isOurs(String given, String address) {
    return given != null
        && ThisMachine.is(address)
        && MessageDigest.isEqual(
            given.getBytes(StandardCharsets.UTF_8), key.getBytes(StandardCharsets.UTF_8));
  }

  @EventListener
  void listening(WebServerInitializedEvent event) throws IOException {
    if (event.getApplicationContext().getServerNamespace() != null) {
      return;
    }
    if (!onDisk) {
      return;
    }
    Files.deleteIfExists(file);
    if (file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
      Files.createFile(
          file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
    }
    int port = plainPort == null ? event.getWebServer().getPort() : plainPort;
    Files.writeString(file, "%d %s %s\n".formatted(port, host, key));
  }

  @EventListener
  void stopped(ContextClosedEvent event) throws IOException {
    if (onDisk) {
      Files.deleteIfExists(file);
    }
  }
}
