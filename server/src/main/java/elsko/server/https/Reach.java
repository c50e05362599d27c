package elsko.server.https;

import java.io.IOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says at the start how far this server can be reached, and by what it is known. */
@Component
class Reach {
  private final String https;
  private final Path data;
  private final int plainPort;
  private final @Nullable String address;
  private final Clock clock;

  Reach(
      @Value("${elsko.https:}") String https,
      @Value("${elsko.data}") Path data,
      @Value("${elsko.https.plain-port:8080}") int plainPort,
      @Value("${server.address:#{null}}") @Nullable String address,
      Clock clock) {
    this.https = https;
    this.data = data;
    this.plainPort = plainPort;
    this.address = address;
    this.clock = clock;
  }

  @EventListener
  void begun(WebServerInitializedEvent ready) throws IOException, GeneralSecurityException {
    if (ready.getApplicationContext().getServerNamespace() != null) {
      return;
    }
    words(ready.getWebServer().getPort()).forEach(System.out::println);
    if (https.equals(Https.OWN)) {
      System.out.println("The fingerprint of its authority, to be compared on each phone:");
      System.out.println("  " + OwnCertificate.in(data, clock.instant()).authority().fingerprint());
    }
  }

  private List<String> words(int port) {
    String scheme = https.isEmpty() ? "http" : "https";
    if (address != null && address.startsWith("127.")) {
      return List.of("Reached from this machine alone: %s://localhost:%d".formatted(scheme, port));
    }
    List<String> outside = address == null ? MachineNames.now().fromOutside() : List.of(address);
    String where =
        String.join(
            ", ", outside.stream().map(one -> "%s://%s:%d".formatted(scheme, one, port)).toList());
    String reached =
        "Reached by everybody on the networks of this machine: "
            + (outside.isEmpty() ? "it has none" : where);
    if (https.isEmpty()) {
      return List.of(
          reached, "Without https: whoever listens on these networks reads what is sent.");
    }
    return outside.isEmpty()
        ? List.of(reached)
        : List.of(
            reached, "Phones begin at http://%s:%d/trust".formatted(outside.get(0), plainPort));
  }
}
