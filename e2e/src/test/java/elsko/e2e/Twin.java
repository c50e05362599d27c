package elsko.e2e;

import com.microsoft.playwright.Page;
import java.util.Map;

/** A boat just like one of the demonstration's, described for one test alone. */
final class Twin {
  private Twin() {}

  /**
   * Describes it.
   *
   * @return its id
   */
  static String of(String like, Page coordinator, String name) {
    return (String)
        coordinator.evaluate(
            """
            async ({ like, name }) => {
              const token = decodeURIComponent(document.cookie.split('XSRF-TOKEN=')[1].split(';')[0]);
              const send = (path, body) => fetch(path, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify(body),
              });
              const boats = await (await fetch('/api/boats')).json();
              const id = boats.find((one) => one.name === like).id;
              const { description } = await (await fetch(`/api/boats/${id}`)).json();
              const made = await (await send('/api/boats', { ...description, name, hullId: '' })).json();
              if (!made.circuits) throw new Error(JSON.stringify(made));
              const wet = made.circuits
                .filter((circuit) => circuit.kind !== 'UNANSWERED' && circuit.points.length > 0)
                .map((circuit) => ({
                  id: crypto.randomUUID(), kind: 'CIRCUIT_SEEN', circuit: circuit.key,
                  inService: false, deviceTime: new Date().toISOString(),
                }));
              await send(`/api/boats/${made.id}/entries`,
                { sentAt: new Date().toISOString(), entries: wet });
              return made.id;
            }""",
            Map.of("like", like, "name", name));
  }
}
