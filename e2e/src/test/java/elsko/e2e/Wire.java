package elsko.e2e;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** The application spoken to without a browser: for what a test needs and is not about. */
final class Wire {
  private static final HttpClient CLIENT = HttpClient.newHttpClient();
  private final ElskoProcess elsko;
  private final String account;

  Wire(ElskoProcess elsko, String account) {
    this.elsko = elsko;
    this.account = account;
  }

  JsonElement get(String path) {
    return answer("GET", path, BodyPublishers.noBody());
  }

  JsonElement post(String path, JsonElement body) {
    return answer("POST", path, BodyPublishers.ofString(body.toString()));
  }

  /** The id of the boat of that name. */
  String boat(String name) {
    for (JsonElement boat : get("/api/boats").getAsJsonArray()) {
      if (boat.getAsJsonObject().get("name").getAsString().equals(name)) {
        return boat.getAsJsonObject().get("id").getAsString();
      }
    }
    throw new IllegalStateException("There is no boat " + name);
  }

  private JsonElement answer(String method, String path, BodyPublisher body) {
    byte[] who = (account + ":demo").getBytes(StandardCharsets.UTF_8);
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(elsko.at(path)))
            .method(method, body)
            .header("Authorization", "Basic " + Base64.getEncoder().encodeToString(who))
            .header("Content-Type", "application/json")
            .build();
    try {
      HttpResponse<String> answer = CLIENT.send(request, HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() >= 300) {
        throw new IllegalStateException(
            method + " " + path + ": " + answer.statusCode() + " " + answer.body());
      }
      return JsonParser.parseString(answer.body());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
