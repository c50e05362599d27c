package elsko.e2e;

import com.microsoft.playwright.Page;
import java.net.URI;
import java.util.Map;

/**
 * Does the steps of a card as they usually go, by the account of the page and over the same wire
 * the page speaks. For tests that are about something else than the card.
 */
final class UsualHands {
  private static final String SCRIPT =
      """
      async ({ boat, card, lot, until, plateaus }) => {
        const token = decodeURIComponent(document.cookie.split('XSRF-TOKEN=')[1].split(';')[0]);
        const ask = async (path) => (await fetch(path)).json();
        const enter = async (step, said) => {
          const answer = await fetch(`/api/boats/${boat}/entries`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
            body: JSON.stringify({
              sentAt: new Date().toISOString(),
              entries: [{ id: crypto.randomUUID(), deviceTime: new Date().toISOString(), card, step, ...said }],
            }),
          });
          if (!answer.ok) throw new Error(step + ' ' + JSON.stringify(said) + ' ' + (await answer.text()));
        };
        const shelf = await ask('/api/bench/shelf');
        const glass = (name) => shelf.instruments.find((i) => i.name === name).id;
        // Late in the day the walk goes on to the next one by itself: the stop is of the day it was.
        const { date } = await ask('/api/walks/mine');
        const firstStop = async () => (await ask('/api/walks/mine?date=' + date)).stops[0];
        const isFar = async (step) =>
          until ? !step || step.title === until : (await firstStop()).standing === 'DONE';
        for (let i = 0; i < 60; i++) {
          const now = async () => (await ask(`/api/boats/${boat}/cards/${card}`)).steps;
          const step = (await now()).find((one) => one.standing === 'OPEN');
          if (await isFar(step)) return;
          // What is answered because it stands so may not be, once something else was moved.
          const open = async () =>
            (await now()).find((one) => one.key === step.key).asks.filter((a) => !a.answered);
          for (let left = await open(); left.length > 0; left = await open())
          for (const one of left) {
            if (one.kind === 'SET')
              await enter(step.key, { kind: 'FITTING_SET', fitting: one.fitting, state: one.to });
            else if (one.kind === 'OPEN') {
              if (one.fitting)
                await enter(step.key, { kind: 'FITTING_SET', fitting: one.fitting, state: one.to });
              await enter(step.key, { kind: 'LOW_POINT_SEEN', lowPoint: one.lowPoint, seen: 'RAN_CLEAR' });
            } else if (one.kind === 'ENGINE')
              await enter(
                step.key,
                one.start
                  ? { kind: 'ENGINE_STARTED', engine: one.engine, basis: one.basis, seconds: 0 }
                  : { kind: 'ENGINE_STOPPED', engine: one.engine },
              );
            else if (one.kind === 'KICK')
              await enter(step.key, { kind: 'ENGINE_STARTED', engine: one.engine, basis: 'KICK', seconds: one.seconds });
            else if (one.kind === 'READ') {
              const { against, goodLow, goodHigh, possibleHigh } = one.limits;
              const held = against ? (one.against ?? Math.max(6, against.possibleLow)) : undefined;
              const low = goodLow * (held ?? 1);
              const high = Math.min(goodHigh * (held ?? 1), possibleHigh);
              const usual = Math.min((low + high) / 2, Math.max(low, 75));
              const value = plateaus[step.key.split('.').pop()] ?? usual;
              await enter(step.key, { kind: 'READING_TAKEN', engine: one.engine, limit: one.limit, value, against: held });
            } else if (one.kind === 'SEE')
              await enter(step.key, { kind: 'CONDITION_SEEN', engine: one.engine, condition: one.condition.key, finding: one.condition.findings[0].key });
            else if (one.kind === 'FILL')
              await enter(step.key, { kind: 'FLUID_USED', circuit: one.circuit, lot, liters: Math.round(one.liters * 10) / 10, pourPoint: one.pourPoint });
            else if (one.kind === 'DESCALE')
              await enter(step.key, { kind: 'DESCALER_USED', circuit: one.circuit, segments: one.segments, liters: one.liters });
            else if (one.kind === 'SERVICE')
              await enter(step.key, { kind: 'SERVICE_DONE', engine: one.engine, item: one.item });
            else if (one.kind === 'OIL')
              await enter(step.key, { kind: 'CYLINDERS_OILED', engine: one.engine });
            else if (one.kind === 'REMEDY')
              await enter(step.key, { kind: 'TAG_REMEDIED', engine: one.engine, cause: one.cause, remedy: one.remedy });
            else if (one.kind === 'PHOTO')
              await enter(step.key, { kind: 'NOTED', text: 'RW-2041, read off the plate' });
            else if (one.kind === 'COMPLAINTS')
              await enter(step.key, { kind: 'COMPLAINED', complaint: 'NOTHING' });
            else if (one.kind === 'LOOK')
              for (const circuit of one.circuits)
                await enter(step.key, { kind: 'CIRCUIT_SEEN', circuit, inService: one.inService });
            else if (one.kind === 'ABOARD')
              await enter(step.key, { kind: 'ACCESSORY_SEEN', accessory: one.accessory, aboard: false });
            else if (one.kind === 'NOTE')
              await enter(step.key, { kind: 'NOTED', text: 'as it should be' });
            else if (one.kind === 'COUNT') {
              const { bag } = await ask(`/api/boats/${boat}`);
              await enter(step.key, { kind: 'BAG_COUNTED', count: bag.expected });
            } else if (one.kind === 'JUG')
              await enter(step.key, { kind: 'JUG_READ', lot, instrument: glass('Bay glass'), reading: -19 });
            else if (one.kind === 'COOLANT')
              await enter(step.key, { kind: 'COOLANT_READ', circuit: one.circuit, instrument: glass('Coolant glass'), reading: -37, temperatureC: 14 });
            else if (one.kind === 'FROST')
              await enter(step.key, { kind: 'FROST_LOOKED', circuit: one.circuit, finding: 'nothing' });
            else if (one.kind === 'SAMPLE') {
              if (one.fitting) {
                await enter(step.key, { kind: 'FITTING_SET', fitting: one.fitting, state: 'OUT_BAGGED', forSample: true });
                await enter(step.key, { kind: 'FITTING_SET', fitting: one.fitting, state: 'IN', forSample: true });
              }
              await enter(step.key, { kind: 'SAMPLE_READ', lowPoint: one.lowPoint, lot, instrument: glass('Bay glass'), reading: -18.6, temperatureC: 14 });
            } else throw new Error('nobody said how: ' + one.kind);
          }
          await enter(step.key, { kind: 'STEP_DONE' });
        }
      }
      """;

  private UsualHands() {}

  /**
   * Goes on with the card the page shows, out of sight, until the first stop of the walk is done.
   */
  static void doTheFirstStop(Page onCard) {
    goOn(onCard, "", Map.of());
  }

  /** Goes on with the card the page shows to its end. */
  static void toTheEnd(Page onCard) {
    goOn(onCard, "no step at all", Map.of());
  }

  /** Goes on with the card the page shows until a step of this title is next. */
  static void until(Page onCard, String title) {
    goOn(onCard, title, Map.of());
  }

  /**
   * The same, its gauge holding at given temperatures.
   *
   * @param plateaus °C by the plain key of the step
   */
  static void until(Page onCard, String title, Map<String, Object> plateaus) {
    goOn(onCard, title, plateaus);
  }

  private static void goOn(Page onCard, String until, Map<String, Object> plateaus) {
    String address = onCard.url().replaceAll("#.*", "");
    String boat = address.replaceAll(".*/boats/([^/]+)/.*", "$1");
    String card = address.substring(address.lastIndexOf('/') + 1);
    // The screen would show each entry as it comes, which takes longer than the entry.
    onCard.navigate(URI.create(address).resolve("/api/session").toString());
    onCard.evaluate(
        SCRIPT,
        Map.of("boat", boat, "card", card, "lot", "P38-112", "until", until, "plateaus", plateaus));
    onCard.navigate(address);
  }
}
