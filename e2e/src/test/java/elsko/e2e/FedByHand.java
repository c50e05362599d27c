package elsko.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import java.time.Instant;
import java.util.UUID;

/** An engine that runs on a tub: a flush card worked up to its start, without a browser. */
final class FedByHand {
  private FedByHand() {}

  /** The address of the card, whose first step runs. */
  static String started(Wire wire, String name, Instant at) {
    String boat = wire.boat(name);
    String card = UUID.randomUUID().toString();
    JsonObject choices = new JsonObject();
    choices.addProperty("port-engine", "PIPE_IN_BUCKET");
    JsonObject opened = entry("CARD_OPENED", card, null, at);
    opened.addProperty("procedure", "FLUSH");
    opened.add("choices", choices);
    say(wire, boat, opened);
    JsonObject step =
        wire.get("/api/boats/%s/cards/%s".formatted(boat, card))
            .getAsJsonObject()
            .get("steps")
            .getAsJsonArray()
            .get(0)
            .getAsJsonObject();
    String key = step.get("key").getAsString();
    for (JsonElement each : step.get("asks").getAsJsonArray()) {
      JsonObject ask = each.getAsJsonObject();
      if (ask.get("kind").getAsString().equals("SET")) {
        JsonObject set = entry("FITTING_SET", card, key, at);
        set.add("fitting", ask.get("fitting"));
        set.add("state", ask.get("to"));
        say(wire, boat, set);
      } else {
        JsonObject started = entry("ENGINE_STARTED", card, key, at);
        started.add("engine", ask.get("engine"));
        started.add("basis", ask.get("basis"));
        say(wire, boat, started);
        break;
      }
    }
    return "/boats/%s/cards/%s".formatted(boat, card);
  }

  static JsonObject entry(String kind, String card, String step, Instant at) {
    JsonObject entry = new JsonObject();
    entry.addProperty("id", UUID.randomUUID().toString());
    entry.addProperty("deviceTime", at.toString());
    entry.addProperty("kind", kind);
    if (card != null) {
      entry.addProperty("card", card);
    }
    if (step != null) {
      entry.addProperty("step", step);
    }
    return entry;
  }

  static void say(Wire wire, String boat, JsonObject entry) {
    JsonArray entries = new JsonArray();
    entries.add(entry);
    JsonObject sent = new JsonObject();
    sent.add("sentAt", entry.get("deviceTime"));
    sent.add("entries", entries);
    wire.post("/api/boats/%s/entries".formatted(boat), sent);
  }
}
