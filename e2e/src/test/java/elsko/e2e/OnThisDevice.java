package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What a page keeps on its device, and what the server has of it. */
final class OnThisDevice {
  private static final String OPENED =
      """
      const db = await new Promise((done, failed) => {
        const asked = indexedDB.open('elsko');
        asked.onsuccess = () => done(asked.result);
        asked.onerror = () => failed(asked.error);
      });
      const all = (store) => new Promise((done) => {
        const asked = db.transaction(store).objectStore(store).getAll();
        asked.onsuccess = () => done(asked.result);
      });
      """;

  private OnThisDevice() {}

  /** Waits until the page would open without signal and shows what it shows now. */
  static void isReadyToLeave(Page page) {
    page.evaluate("async () => { await navigator.serviceWorker.ready; }");
    Until.holds(
        page,
        "async (path) => {"
            + OPENED
            + """
              const kept = await new Promise((done) => {
                const asked = db.transaction('shown').objectStore('shown').get('queries');
                asked.onsuccess = () => done(asked.result);
              });
              db.close();
              const card = path.split('/cards/')[1];
              const keys = (kept?.clientState.queries ?? []).map((q) => JSON.stringify(q.queryKey));
              const has = (word) => keys.some((key) => key.includes(word));
              return has('session') && has('weakest') && has('"shelf"') && (!card || has(card));
            }""",
        java.net.URI.create(page.url()).getPath());
  }

  /** Every stop of the walk the page shows has its boat and its card on this device. */
  static void hasTakenAlong(Page page) {
    Until.holds(
        page,
        "async () => {"
            + OPENED
            + """
              const kept = await new Promise((done) => {
                const asked = db.transaction('shown').objectStore('shown').get('queries');
                asked.onsuccess = () => done(asked.result);
              });
              db.close();
              const queries = kept?.clientState.queries ?? [];
              const keys = queries.map((query) => JSON.stringify(query.queryKey));
              const walk = queries.find((query) => query.queryKey.join() === 'walks,mine');
              return Boolean(walk) && walk.state.data.stops.every((stop) =>
                keys.includes(JSON.stringify(['boat', stop.boat])) &&
                keys.some((key) => key.startsWith(`["boat","${stop.boat}",`) &&
                  (key.includes('to-open') || key.includes('card'))));
            }""",
        null);
  }

  /** Ids of what waits here, in the order it was entered. */
  static List<String> waitingIds(Page page) {
    return strings(
        page.evaluate(
            "async () => {"
                + OPENED
                + "const ids = (await all('waiting')).map((one) => one.entry.id);"
                + "db.close(); return ids; }"));
  }

  /** Puts many notes in line, as if they had been entered one by one. */
  static void noteManyTimes(Page page, String person, String boat, int times) {
    page.evaluate(
        "async ({ person, boat, times }) => {"
            + OPENED
            + """
              const write = db.transaction('waiting', 'readwrite');
              for (let i = 1; i <= times; i++) {
                write.objectStore('waiting').add({ person, boat, entry: {
                  id: crypto.randomUUID(), kind: 'NOTED', text: 'number ' + i,
                  deviceTime: new Date().toISOString() } });
              }
              await new Promise((done) => { write.oncomplete = done; });
              db.close();
            }""",
        Map.of("person", person, "boat", boat, "times", times));
  }

  /** Ids of a boat's whole log as the server has it, oldest first. */
  static List<String> logIds(Page page, String boat) {
    return strings(
        page.evaluate(
            """
            async (boat) => {
              const ids = [];
              let before = '';
              for (;;) {
                const answer = await fetch(`/api/boats/${boat}/log?limit=200${before}`);
                const log = await answer.json();
                if (!answer.ok) throw new Error(JSON.stringify(log));
                log.entries.forEach((entry) => ids.unshift(entry.id));
                if (!log.more) return ids;
                before = '&before=' + log.entries.at(-1).seq;
              }
            }""",
            boat));
  }

  static Locator strip(Page page) {
    return page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Waiting entries"));
  }

  /** Everything has gone up and nothing came back. */
  static void isEmpty(Page page) {
    assertThat(strip(page)).hasCount(0);
    Until.holds(
        page,
        "async () => {"
            + OPENED
            + "const left = (await all('waiting')).length; db.close(); return left === 0; }",
        null);
  }

  private static List<String> strings(Object found) {
    List<String> texts = new ArrayList<>();
    ((List<?>) found).forEach(text -> texts.add((String) text));
    return texts;
  }
}
