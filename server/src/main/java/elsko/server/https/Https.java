package elsko.server.https;

import elsko.server.clock.YardClock;
import java.io.IOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.time.Instant;
import java.util.Map;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/**
 * Gives the server its certificate before it begins: with {@code elsko.https=own} one of its own
 * authority, with {@code elsko.https=pem} the yard's, from {@code elsko.https.certificate} and
 * {@code elsko.https.key}. Either is read anew when its file changes.
 */
final class Https implements ApplicationContextInitializer<ConfigurableApplicationContext> {
  static final String OWN = "own";
  private static final String BUNDLE = "spring.ssl.bundle.pem.elsko.";

  @Override
  public void initialize(ConfigurableApplicationContext context) {
    ConfigurableEnvironment environment = context.getEnvironment();
    String how = environment.getProperty("elsko.https", "");
    if (how.isEmpty()) {
      return;
    }
    Path data = Path.of(environment.getRequiredProperty("elsko.data"));
    Path certificate;
    Path key;
    if (how.equals(OWN)) {
      try {
        Instant now = YardClock.ofTheMachine().instant();
        OwnCertificate own = OwnCertificate.in(data, now);
        own.renew(MachineNames.now(), now);
        certificate = own.file();
        key = own.key();
      } catch (IOException | GeneralSecurityException broken) {
        throw new IllegalStateException("the certificate could not be made", broken);
      }
    } else {
      certificate = Path.of(environment.getRequiredProperty("elsko.https.certificate"));
      key = Path.of(environment.getRequiredProperty("elsko.https.key"));
    }
    environment
        .getPropertySources()
        .addFirst(
            new MapPropertySource(
                "elsko https",
                Map.of(
                    BUNDLE + "keystore.certificate",
                    certificate.toAbsolutePath().toUri().toString(),
                    BUNDLE + "keystore.private-key",
                    key.toAbsolutePath().toUri().toString(),
                    BUNDLE + "reload-on-update",
                    true,
                    "server.ssl.bundle",
                    "elsko",
                    "server.servlet.session.cookie.secure",
                    true)));
  }
}
