package elsko.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import java.time.Instant;
import java.util.UUID;

/** A boat just like one of the demonstration's, described for one test alone. */
final class Twin {
  private Twin() {}

  /**
   * Describes it, and says that there is water in it.
   *
   * @return its id
   */
  static String of(String like, ElskoProcess elsko, String name) {
    JsonObject made = described(like, elsko, name);
    String id = made.get("id").getAsString();
    JsonObject wet = new JsonObject();
    wet.addProperty("sentAt", Instant.now().toString());
    JsonArray entries = new JsonArray();
    for (JsonElement each : made.getAsJsonArray("circuits")) {
      JsonObject circuit = each.getAsJsonObject();
      if (!circuit.get("kind").getAsString().equals("UNANSWERED")
          && !circuit.getAsJsonArray("points").isEmpty()) {
        entries.add(inUse(circuit.get("key").getAsString()));
      }
    }
    wet.add("entries", entries);
    new Wire(elsko, "coordinator").post("/api/boats/" + id + "/entries", wet);
    return id;
  }

  /** Describes it and no more: nobody knows what is in it. */
  static JsonObject described(String like, ElskoProcess elsko, String name) {
    Wire wire = new Wire(elsko, "coordinator");
    JsonObject description =
        wire.get("/api/boats/" + wire.boat(like)).getAsJsonObject().getAsJsonObject("description");
    description.addProperty("name", name);
    description.addProperty("hullId", "");
    return wire.post("/api/boats", description).getAsJsonObject();
  }

  private static JsonObject inUse(String circuit) {
    JsonObject seen = new JsonObject();
    seen.addProperty("id", UUID.randomUUID().toString());
    seen.addProperty("kind", "CIRCUIT_SEEN");
    seen.addProperty("circuit", circuit);
    seen.addProperty("inService", false);
    seen.addProperty("deviceTime", Instant.now().toString());
    return seen;
  }
}
