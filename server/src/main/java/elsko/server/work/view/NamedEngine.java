package elsko.server.work.view;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import java.util.List;

/** An engine of a boat, as it is called. */
public record NamedEngine(Position engine, String words) {
  static List<NamedEngine> of(Boat boat) {
    return boat.engineCircuits().stream()
        .map(circuit -> new NamedEngine(circuit.engine(), circuit.engine().words()))
        .toList();
  }
}
