import type { BoatView, CardView, NewEntry } from '../api/client';
import { Refusal } from '../api/refusal';
import { answers, inTheWay } from './answers';
import type { WaitingEntry } from './database';
import { provisionalBoat } from './provisional';
import { stoppedHere } from './stops-here';

/**
 * Refuses without signal what the server would refuse, in its words: what it needs for that came
 * with the card. What a device cannot know is judged when it goes up.
 *
 * @param waiting what stands in line on this device already
 * @param judge with signal the server says the rest, which knows more; a STOP stands at once
 */
export function refuseHere(
  card: CardView,
  boat: BoatView,
  waiting: readonly WaitingEntry[],
  entries: readonly NewEntry[],
  judge: 'all' | 'stops' = 'all',
): void {
  entries.forEach((entry, i) => {
    const asks = card.steps.find(({ key }) => key === entry.step)?.asks ?? [];
    const asked = asks.find((ask) => answers(ask, entry));
    if (entry.kind === 'ENGINE_STARTED' || entry.kind === 'CRANKED') {
      const said = [
        ...waiting.filter((one) => one.boat === boat.id).map((one) => one.entry),
        ...entries.slice(0, i),
      ];
      const seenTo = said.some(({ kind }) => kind === 'TAG_REMEDIED' || kind === 'TAG_LIFTED');
      const known = asked && 'stopped' in asked && !seenTo ? asked.stopped : null;
      const stop = known ?? stoppedHere(card, said, entry.engine ?? null);
      if (stop) throw new Refusal(409, 'basis', stop);
    }
    if (!asked || judge === 'stops') return;
    // That it could not be opened is no answer to what opening it shows.
    if (entry.kind === 'LOW_POINT_SEEN' && entry.seen === 'WOULD_NOT_COME_OFF') return;
    const before = entries
      .slice(0, i)
      .map((one) => ({ seq: 0, person: '', boat: boat.id, entry: one }));
    const against = inTheWay(asked, provisionalBoat(boat, [...waiting, ...before]));
    if (against) throw new Refusal(409, against.field, against.reason);
  });
}
