package elsko.server;

import elsko.server.clock.YardClock;
import elsko.server.text.TextInJson;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Base64;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Starts the real application once for all server tests, in demo mode, and speaks HTTP to it. */
public final class RunningElsko implements BeforeAllCallback {
  private static final String A_WORKING_MORNING = "2026-11-24T09:10";
  public static final JsonMapper JSON = JsonMapper.builder().addModule(TextInJson.module()).build();
  private static ConfigurableApplicationContext context;

  @Override
  public void beforeAll(ExtensionContext extension) {
    start();
  }

  static synchronized ConfigurableApplicationContext start() {
    if (context == null) {
      context =
          SpringApplication.run(
              Elsko.class,
              "--server.port=0",
              "--elsko.demo=true",
              "--elsko.at=" + begins(),
              "--elsko.data=" + scratch(),
              "--elsko.plan.moves-a-second=100",
              "--spring.datasource.url=jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1",
              "--logging.level.root=ERROR",
              "--logging.level.elsko=ERROR");
    }
    return context;
  }

  /**
   * What the yard's clock shows when it starts; ELSKO_TEST_NOW runs all tests as on another day.
   */
  public static String begins() {
    return System.getenv().getOrDefault("ELSKO_TEST_NOW", A_WORKING_MORNING);
  }

  /** The yard's clock. */
  public static Clock clock() {
    return bean(YardClock.class);
  }

  public static Instant now() {
    return clock().instant();
  }

  public static LocalDate today() {
    return LocalDate.now(clock());
  }

  /** Nothing of a test stays in the tree. */
  private static Path scratch() {
    try {
      Path folder = Files.createTempDirectory("elsko-test");
      folder.toFile().deleteOnExit();
      return folder;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A part of the running application, by the name it has there. */
  static Object part(String name) {
    return start().getBean(name);
  }

  /** A part of the running application. */
  public static <T> T bean(Class<T> type) {
    return start().getBean(type);
  }

  /** Where the running application answers. */
  public static URI address(String path) {
    return at(path);
  }

  static URI at(String path) {
    String port = start().getEnvironment().getProperty("local.server.port");
    return URI.create("http://localhost:" + port + path);
  }

  /** An API client with its own name and password. */
  public static Client as(String account) {
    return new Client(account);
  }

  /** What came back. */
  public record Answer(int status, JsonNode body, HttpResponse<String> raw) {
    public String field() {
      return body.path("field").asString();
    }

    public String reason() {
      return body.path("detail").asString();
    }
  }

  /** Sends requests, by Basic or not signed in at all. */
  public static final class Client {
    private final HttpClient http = HttpClient.newHttpClient();
    private final String account;

    private Client(String account) {
      this.account = account;
    }

    public Answer get(String path) {
      return send("GET", path, null, Map.of());
    }

    public Answer post(String path, Object body) {
      return send("POST", path, body, Map.of());
    }

    public Answer delete(String path) {
      return send("DELETE", path, null, Map.of());
    }

    public Answer postCsv(String path, String csv) {
      return send("POST", path, csv, Map.of("Content-Type", "text/csv; charset=utf-8"));
    }

    public Answer put(String path, Object body, String ifMatch) {
      return send("PUT", path, body, ifMatch == null ? Map.of() : Map.of("If-Match", ifMatch));
    }

    public Answer send(String method, String path, Object body, Map<String, String> headers) {
      HttpRequest.Builder request =
          HttpRequest.newBuilder(at(path)).method(method, publisher(body));
      if (body != null && !headers.containsKey("Content-Type")) {
        request.header("Content-Type", "application/json");
      }
      if (account != null) {
        String pair = account + ":demo";
        request.header(
            "Authorization",
            "Basic " + Base64.getEncoder().encodeToString(pair.getBytes(StandardCharsets.UTF_8)));
      }
      headers.forEach(request::header);
      return answer(http, request.build());
    }
  }

  /** A browser: cookies, a session, and the token that goes with it. */
  public static final class Browser {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

    public Answer signIn(String name, String password) {
      answer(http, HttpRequest.newBuilder(at("/api/session")).build());
      return send("POST", "/api/session", Map.of("name", name, "password", password), true);
    }

    /** A try by Basic, as a program makes it. */
    public Answer guess(String name, String password) {
      String pair = name + ":" + password;
      String basic = Base64.getEncoder().encodeToString(pair.getBytes(StandardCharsets.UTF_8));
      return with("GET", "/api/boats", null, Map.of("Authorization", "Basic " + basic));
    }

    public Answer send(String method, String path, Object body, boolean withToken) {
      HttpRequest.Builder request =
          HttpRequest.newBuilder(at(path))
              .header("Content-Type", "application/json")
              .method(method, publisher(body));
      if (withToken) {
        request.header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
      }
      return answer(http, request.build());
    }

    /** A request with headers of its own. */
    public Answer with(String method, String path, Object body, Map<String, String> headers) {
      HttpRequest.Builder request =
          HttpRequest.newBuilder(at(path))
              .header("Content-Type", "application/json")
              .method(method, publisher(body));
      headers.forEach(request::header);
      return answer(http, request.build());
    }

    /** What comes until it ends. */
    public CompletableFuture<InputStream> stream(String path) {
      return http.sendAsync(HttpRequest.newBuilder(at(path)).build(), BodyHandlers.ofInputStream())
          .thenApply(HttpResponse::body);
    }

    public String cookie(String name) {
      return cookies.getCookieStore().getCookies().stream()
          .filter(cookie -> cookie.getName().equals(name))
          .map(HttpCookie::getValue)
          .findFirst()
          .orElse("");
    }
  }

  private static HttpRequest.BodyPublisher publisher(Object body) {
    if (body == null) {
      return BodyPublishers.noBody();
    }
    return BodyPublishers.ofString(
        body instanceof String text ? text : JSON.writeValueAsString(body));
  }

  private static Answer answer(HttpClient http, HttpRequest request) {
    try {
      HttpResponse<String> raw = http.send(request, BodyHandlers.ofString());
      String text = raw.body();
      boolean json = !text.isEmpty() && (text.charAt(0) == '{' || text.charAt(0) == '[');
      return new Answer(
          raw.statusCode(), json ? JSON.readTree(text) : JSON.createObjectNode(), raw);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
