package elsko.server.https;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.util.List;
import org.apache.catalina.connector.Connector;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Beside https there is a door without it, for whoever comes for the first time. It shows how a
 * phone learns to trust this yard, hands out the authority, and nothing else: no sign-in, no data.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class PlainPort extends OncePerRequestFilter
    implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final String PAGE = "/trust";
  private static final String AUTHORITY = "/trust/elsko-authority.crt";
  private static final String LOOKS = "/trust/trust.css";

  /** Asked by the launcher, from this machine and with its own key. */
  private static final String COPY = "/api/archive/copy";

  private final String https;
  private final Path data;
  private final int port;
  private final int securePort;
  private final @Nullable String address;
  private final Clock clock;

  PlainPort(
      @Value("${elsko.https:}") String https,
      @Value("${elsko.data}") Path data,
      @Value("${elsko.https.plain-port:8080}") int port,
      @Value("${server.port}") int securePort,
      @Value("${server.address:#{null}}") @Nullable String address,
      Clock clock) {
    this.https = https;
    this.data = data;
    this.port = port;
    this.securePort = securePort;
    this.address = address;
    this.clock = clock;
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    if (https.isEmpty()) {
      return;
    }
    Connector plain = new Connector();
    plain.setPort(port);
    if (address != null) {
      plain.setProperty("address", address);
    }
    factory.addAdditionalConnectors(plain);
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return https.isEmpty() || request.isSecure() && !request.getRequestURI().startsWith(PAGE);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String path = request.getRequestURI();
    if (path.equals(COPY) && ThisMachine.is(request.getRemoteAddr())) {
      chain.doFilter(request, response);
      return;
    }
    response.setHeader("Cache-Control", "no-store");
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader(
        "Content-Security-Policy", "default-src 'none'; style-src 'self'; frame-ancestors 'none'");
    if (!request.getMethod().equals("GET") && !request.getMethod().equals("HEAD")) {
      response.sendError(HttpServletResponse.SC_FORBIDDEN);
      return;
    }
    if (!https.equals(Https.OWN)) {
      response.sendRedirect(secure(request) + "/");
      return;
    }
    try {
      Authority authority = OwnCertificate.in(data, clock.instant()).authority();
      switch (path) {
        case AUTHORITY -> {
          response.setHeader("Content-Disposition", "attachment; filename=\"elsko-authority.crt\"");
          send(response, "application/x-x509-ca-cert", authority.certificate().getEncoded());
        }
        case LOOKS -> send(response, "text/css", resource("trust.css"));
        case PAGE -> {
          String host = fromOutside(host(request));
          String page =
              TrustPage.of(
                  "http://%s:%d%s".formatted(host, request.getLocalPort(), PAGE),
                  secure(request) + "/",
                  authority.fingerprint());
          send(response, "text/html; charset=UTF-8", page.getBytes(StandardCharsets.UTF_8));
        }
        default -> response.sendRedirect(PAGE);
      }
    } catch (GeneralSecurityException broken) {
      throw new ServletException(broken);
    }
  }

  private String secure(HttpServletRequest request) {
    return "https://" + host(request) + ":" + securePort;
  }

  /** A phone that scans it is not this machine. */
  private static String fromOutside(String host) {
    if (!host.equals("localhost") && !host.startsWith("127.")) {
      return host;
    }
    List<String> outside = MachineNames.now().fromOutside();
    return outside.isEmpty() ? host : outside.get(0);
  }

  /** As whoever asks wrote it, if that can be one. */
  private static String host(HttpServletRequest request) {
    String host = request.getServerName();
    return host.matches("[A-Za-z0-9.-]+|\\[[0-9A-Fa-f:.]+]") ? host : "localhost";
  }

  private static void send(HttpServletResponse response, String type, byte[] body)
      throws IOException {
    response.setContentType(type);
    response.setContentLength(body.length);
    response.getOutputStream().write(body);
  }

  static byte[] resource(String name) throws IOException {
    try (var in = PlainPort.class.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException("not shipped: " + name);
      }
      return in.readAllBytes();
    }
  }
}
