package elsko.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a device made before entries were told apart by their kinds still arrives, each once. */
class FormerDeviceTest extends OnOneYard {
  private static final int WAITED = 20;

  /** Fields of each entry as that version named them. */
  private static final String MADE =
      """
      const made = (card, photo) => [
        { kind: 'BAY_ENTERED' },
        { kind: 'BAY_LEFT' },
        { kind: 'FITTING_SET', fitting: 'hull-plug', state: 'OUT_BAGGED', reason: 'to drain her',
          forSample: false },
        { kind: 'ACCESSORY_SEEN', accessory: 'WASHDOWN', aboard: false },
        { kind: 'READING_TAKEN', engine: 'CENTER', limit: 'engine-hours', value: 612 },
        { kind: 'READING_TAKEN', limit: 'fuel-level', value: 40 },
        { kind: 'CONDITION_SEEN', engine: 'CENTER', condition: 'oil-look', finding: 'amber' },
        { kind: 'CONDITION_SEEN', engine: 'CENTER', condition: 'coolant-level', finding: 'between' },
        { kind: 'WORK_ADDED', text: 'trim tab is loose' },
        { kind: 'SERVICE_DONE', engine: 'CENTER', item: 'impeller', reason: 'two vanes bent' },
        { kind: 'DUE_PLANNED', engine: 'CENTER', item: 'fuel-filter' },
        { kind: 'PART_PICKED', engine: 'CENTER', item: 'impeller' },
        { kind: 'CARD_OPENED', card, procedure: 'INTAKE', choices: {} },
        { kind: 'NOTED', card, text: 'smells of fuel at the fill' },
        { kind: 'PHOTO_TAKEN', card, photo, text: 'the fill' },
        { kind: 'HANDED_OVER', card, to: 'coordinator', text: 'look at the fill' },
        { kind: 'CARD_TAKEN', card },
        { kind: 'BAG_COUNTED', count: 1 },
        { kind: 'CAME_BACK', hours: 3.5 },
        { kind: 'NOTED', text: 'key is in the office' },
      ].map((said, i) => ({ id: crypto.randomUUID(), ...said,
          deviceTime: new Date(Date.now() - 60000 + i * 1000).toISOString() }));
      """;

  @Test
  void twentyEntriesAndAPhotoThatWaitedAllArriveOnce() {
    String boat = Twin.of("Saltglass", elsko, "Channel Wrack");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    SaltglassCard.open(phone);
    OnThisDevice.isReadyToLeave(phone);
    List<String> before = OnThisDevice.logIds(phone, boat);
    phone.context().setOffline(true);
    waited(phone, boat);
    phone.reload();
    List<String> waited = OnThisDevice.waitingIds(phone);
    assertThat(waited).hasSize(WAITED);

    phone.context().setOffline(false);
    OnThisDevice.isEmpty(phone);
    List<String> all = new ArrayList<>(before);
    all.addAll(waited);
    assertThat(OnThisDevice.logIds(phone, boat)).isEqualTo(all);
    assertThat(words(phone, boat))
        .anyMatch(words -> words.contains("trim tab is loose"))
        .anyMatch(words -> words.contains("two vanes bent"))
        .anyMatch(words -> words.contains("the fill"))
        .anyMatch(words -> words.contains("look at the fill"));
    photoIsUp(phone, boat);
  }

  @Test
  void anOldTabGoesOnSendingAndSendingAgainKeepsNothingTwice() {
    String boat = Twin.of("Saltglass", elsko, "Sugar Kelp");
    Page tab = chromium.signedInToKeep(elsko, "technician", 1280, 800, "/boats/" + boat);
    List<String> before = OnThisDevice.logIds(tab, boat);
    List<?> sent =
        (List<?>)
            tab.evaluate(
                "async (boat) => {"
                    + MADE
                    + """
                      const entries = made(crypto.randomUUID(), null)
                        .filter(({ kind }) => kind !== 'PHOTO_TAKEN');
                      const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
                      const send = async (path, body) => {
                        const answer = await fetch(`/api/boats/${boat}/${path}`, {
                          method: 'POST',
                          headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
                          body: JSON.stringify({ ...body, sentAt: new Date().toISOString() }),
                        });
                        const told = await answer.json();
                        if (!answer.ok) throw new Error(JSON.stringify(told));
                        return told;
                      };
                      for (const entry of entries) await send('entries', { entries: [entry] });
                      const again = await send('waiting-entries', { entries });
                      const refused = again.answers.filter(({ reason }) => reason);
                      if (refused.length > 0) throw new Error(JSON.stringify(refused));
                      return entries.map(({ id }) => id);
                    }""",
                boat);
    List<String> all = new ArrayList<>(before);
    sent.forEach(id -> all.add((String) id));
    assertThat(OnThisDevice.logIds(tab, boat)).isEqualTo(all).hasSize(before.size() + WAITED - 1);
  }

  /** Puts them on the device's disk as that version did, the picture beside them. */
  private static void waited(Page phone, String boat) {
    phone.evaluate(
        "async ({ boat }) => {"
            + MADE
            + """
              const photo = crypto.randomUUID();
              const canvas = document.createElement('canvas');
              canvas.width = 64;
              canvas.height = 48;
              canvas.getContext('2d').fillRect(8, 8, 20, 20);
              const jpeg = await new Promise((done) => canvas.toBlob(done, 'image/jpeg', 0.8));
              const db = await new Promise((done, failed) => {
                const asked = indexedDB.open('elsko');
                asked.onsuccess = () => done(asked.result);
                asked.onerror = () => failed(asked.error);
              });
              const write = db.transaction(['waiting', 'photos'], 'readwrite');
              write.objectStore('photos').put(jpeg, photo);
              for (const entry of made(crypto.randomUUID(), photo)) {
                write.objectStore('waiting').add({ person: 'technician', boat, entry });
              }
              await new Promise((done) => { write.oncomplete = done; });
              db.close();
            }""",
        Map.of("boat", boat));
  }

  private static List<String> words(Page page, String boat) {
    List<String> words = new ArrayList<>();
    ((List<?>)
            page.evaluate(
                "async (boat) => (await (await fetch(`/api/boats/${boat}/log?limit=200`)).json())"
                    + ".entries.map((entry) => entry.words)",
                boat))
        .forEach(one -> words.add((String) one));
    return words;
  }

  /** A photo goes up beside the line of entries, not in it: it may come after the last of them. */
  private static void photoIsUp(Page page, String boat) {
    Until.holds(
        page,
        """
        async (boat) => {
          const log = await (await fetch(`/api/boats/${boat}/log?limit=200`)).json();
          const taken = log.entries.find(({ kind }) => kind === 'PHOTO_TAKEN');
          const answer = await fetch(`/api/boats/${boat}/photos/${taken.fact.photo}`);
          return answer.ok && answer.headers.get('Content-Type').startsWith('image/jpeg');
        }""",
        boat);
  }
}
