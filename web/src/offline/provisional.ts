import type {
  AskView,
  BoatView,
  CardView,
  FittingView,
  NewEntry,
  Said,
  StepView,
} from '../api/client';
import type { WaitingEntry } from './database';
import { sentence } from '../words/words';
import { answers, areGivenBy } from './answers';
import { readingHere } from './judge-here';
import { ofKind } from './of-kind';
import type { EntryOf } from './of-kind';
import type { CallHere } from './judge-here';

type SaidView = StepView['said'][number];
/** Something entered at a step; `waiting` while only this device knows it. */
export type SaidShown = SaidView & { waiting?: boolean };

/**
 * A card and its boat as they look with what still waits on this device. It shows what was entered;
 * what follows from it is for core to say, once there is signal.
 */
export function provisional(
  card: CardView,
  boat: BoatView,
  waiting: readonly WaitingEntry[],
): { card: CardView; boat: BoatView } {
  const shown = new Set(card.steps.flatMap(({ said }) => said.map(({ id }) => id)));
  const mine = effective(waiting.filter((one) => one.boat === boat.id)).filter(
    ({ entry }) => !shown.has(entry.id),
  );
  if (mine.length === 0) return { card, boat };
  const entries = mine.map(({ entry }) => entry);
  const shownBoat = boatWith(boat, mine);
  const settled = new Map<string, StepView['standing']>();
  const steps = card.steps.map((step) => {
    const here = mine.filter(({ entry }) => entry.card === card.id && entry.step === step.key);
    const shown = stepWith(step, here, entries, shownBoat);
    settled.set(step.title, shown.standing);
    return shown;
  });
  const last = steps.at(-1);
  const taken = entries.findLast(
    (entry) => entry.kind === 'CARD_TAKEN' || entry.kind === 'HANDED_OVER',
  );
  return {
    boat: shownBoat,
    card: {
      ...card,
      heldBy:
        taken?.kind === 'CARD_TAKEN'
          ? mine[0]!.person
          : taken?.kind === 'HANDED_OVER'
            ? taken.to
            : card.heldBy,
      closed: card.closed || (last !== undefined && last.standing !== 'OPEN'),
      bag: shownBoat.bag,
      steps: steps.map((step) => ({
        ...step,
        waitsFor: step.waitsFor.filter((title) => settled.get(title) === 'OPEN'),
      })),
    },
  };
}

/** A boat as it looks with what still waits on this device. */
export function provisionalBoat(boat: BoatView, waiting: readonly WaitingEntry[]): BoatView {
  const mine = effective(waiting.filter((one) => one.boat === boat.id));
  return mine.length === 0 ? boat : boatWith(boat, mine);
}

/** A boat as it would look once this was said, too. */
export function shownWith(boat: BoatView, said: readonly Said[]): BoatView {
  const entries = said.map((one) => ({ ...one, id: '', deviceTime: '' }));
  return boatWith(
    boat,
    entries.map((entry) => ({ seq: 0, person: '', boat: boat.id, entry })),
  );
}

/** Without those that another waiting entry takes back. */
function effective(waiting: readonly WaitingEntry[]): WaitingEntry[] {
  const back = new Set(
    waiting.filter(({ entry }) => entry.corrects).map(({ entry }) => entry.corrects),
  );
  return waiting.filter(({ entry }) => !back.has(entry.id));
}

function boatWith(boat: BoatView, waiting: readonly WaitingEntry[]): BoatView {
  const entries = waiting.map(({ entry }) => entry);
  const fittings = boat.fittings.map((fitting) => fittingWith(fitting, entries));
  const inBay = new Set(boat.inBay);
  for (const { entry, person } of waiting) {
    if (entry.kind === 'BAY_ENTERED') inBay.add(person);
    if (entry.kind === 'BAY_LEFT') inBay.delete(person);
  }
  const bagged = fittings.filter((fitting) => fitting.state === 'OUT_BAGGED').length;
  const before = boat.fittings.filter((fitting) => fitting.state === 'OUT_BAGGED').length;
  return {
    ...boat,
    fittings,
    inBay: [...inBay],
    bag: { ...boat.bag, expected: boat.bag.expected + bagged - before },
    circuits: boat.circuits.map((circuit) => ({
      ...circuit,
      points: circuit.points.map((point) => {
        const seen = ofKind(entries, 'LOW_POINT_SEEN').findLast(
          ({ lowPoint }) => lowPoint === point.key,
        )?.seen;
        return seen ? { ...point, seen, seenWords: SEEN[seen] } : point;
      }),
    })),
  };
}

const SEEN: Record<EntryOf<'LOW_POINT_SEEN'>['seen'], string> = {
  RAN_CLEAR: 'ran clear',
  RAN_AFTER_RODDING: 'ran after rodding',
  ROD_AND_AIR: 'dry: rod and air pass',
  DRY: 'dry',
  DID_NOT_RUN: 'did not run',
  WOULD_NOT_COME_OFF: 'would not come off',
};

function fittingWith(fitting: FittingView, entries: readonly NewEntry[]): FittingView {
  const set = ofKind(entries, 'FITTING_SET').findLast((one) => one.fitting === fitting.key);
  const photo = photoWith(fitting, entries);
  if (!set) return photo === fitting.photo ? fitting : { ...fitting, photo };
  const state = set.state;
  return {
    ...fitting,
    photo,
    state,
    stateWords: fitting.states.find((choice) => choice.state === state)?.words ?? state,
    forSample: Boolean(set.forSample) && state.startsWith('OUT'),
  };
}

/** The picture it is found by, as core follows it: words added later leave it as old as it is. */
function photoWith(fitting: FittingView, entries: readonly NewEntry[]): FittingView['photo'] {
  return ofKind(entries, 'PHOTO_TAKEN')
    .filter((one) => one.fitting === fitting.key)
    .reduce<FittingView['photo']>(
      (before, { photo, caption, deviceTime }) => ({
        fitting: fitting.key,
        photo,
        taken: before?.photo === photo ? before.taken : deviceTime,
        words: caption ?? '',
      }),
      fitting.photo,
    );
}

function stepWith(
  step: StepView,
  here: readonly WaitingEntry[],
  entries: readonly NewEntry[],
  boat: BoatView,
): StepView {
  const said = here.map(({ entry }) => entry);
  const ended = here.findLast(
    ({ entry }) => entry.kind === 'STEP_DONE' || entry.kind === 'STEP_SKIPPED',
  );
  const settling = step.said.findLast(
    ({ kind }) => kind === 'STEP_DONE' || kind === 'STEP_SKIPPED',
  );
  const opened = entries.some(
    (entry) => entry.kind === 'WITHDRAWN' && entry.corrects === settling?.id,
  );
  const standing = ended
    ? ended.entry.kind === 'STEP_DONE'
      ? 'DONE'
      : 'SKIPPED'
    : opened
      ? 'OPEN'
      : step.standing;
  return {
    ...step,
    standing,
    by: ended?.person ?? step.by,
    at: ended?.entry.deviceTime ?? step.at,
    skippedBecause: ended?.entry.kind === 'STEP_SKIPPED' ? ended.entry.reason : step.skippedBecause,
    asks: step.asks.map((ask) => askWith(ask, said, boat)),
    said: [...step.said, ...here.map((one) => saidOf(step, one))],
  };
}

function isAnswered(ask: AskView, here: readonly NewEntry[], boat: BoatView): boolean {
  const said = areGivenBy(ask, here);
  if (ask.kind === 'SET' && ask.restsOnStanding) {
    const fitting = boat.fittings.find(({ key }) => key === ask.fitting);
    return said || (fitting?.state === ask.to && !fitting.forSample);
  }
  return said || ask.answered;
}

/** An ask as it looks with what was said here. */
function askWith(ask: AskView, here: readonly NewEntry[], boat: BoatView): AskView {
  const answered = isAnswered(ask, here, boat);
  const seen = here.findLast((entry) => answers(ask, entry));
  if (ask.kind === 'SET') {
    return { ...ask, answered, restsOnStanding: ask.restsOnStanding && seen === undefined };
  }
  if (ask.kind !== 'SEE' && ask.kind !== 'FROST') {
    const number = seen && numberOf(ask, seen);
    return { ...ask, answered, given: number ? number.join(' ').trim() : ask.given };
  }
  return { ...ask, answered, found: (seen && findingOf(seen)) ?? ask.found };
}

function findingOf(entry: NewEntry): string | null {
  return entry.kind === 'CONDITION_SEEN' || entry.kind === 'FROST_LOOKED' ? entry.finding : null;
}

function saidOf(step: StepView, { entry, person }: WaitingEntry): SaidShown {
  const here = callHere(step, entry);
  return {
    id: entry.id,
    kind: entry.kind,
    words: wordsOf(step, entry),
    person,
    at: entry.deviceTime,
    judgement: here?.words ?? null,
    call: here?.call ?? null,
    // One by which a fitting is found stands at the fitting.
    photo: entry.kind === 'PHOTO_TAKEN' && !entry.fitting ? entry.photo : null,
    tap: entry.tap ?? null,
    // How soon that was is for core to say.
    tooSoon: false,
    waiting: true,
  };
}

function callHere(step: StepView, entry: NewEntry): CallHere | null {
  const ask = step.asks.find((one) => answers(one, entry));
  if (ask?.kind === 'READ' && entry.kind === 'READING_TAKEN') {
    return readingHere(ask, entry.value, entry.against ?? null);
  }
  const finding = foundOf(ask, entry);
  return finding ? { call: finding.call, words: finding.todo } : null;
}

function foundOf(ask: AskView | undefined, entry: NewEntry) {
  const key = findingOf(entry);
  if (key === null || !ask) return undefined;
  const looked =
    ask.kind === 'READ'
      ? ask.instead
      : ask.kind === 'SEE' || ask.kind === 'FROST'
        ? ask.condition
        : null;
  return looked?.findings.find((one) => one.key === key);
}

/** The number an entry carries, and its unit where the kind has one. */
function numberOf(ask: AskView | undefined, entry: NewEntry): [number, string] | null {
  if ('liters' in entry) return [entry.liters, 'L'];
  if ('milliliters' in entry) return [entry.milliliters, 'mL'];
  if ('value' in entry) return [entry.value, ask?.kind === 'READ' ? ask.unit : ''];
  if ('reading' in entry) return [entry.reading, ''];
  return 'count' in entry ? [entry.count, ''] : null;
}

/** An entry as its own card words it, as far as the device can. */
export function wordsOf(step: StepView | undefined, entry: NewEntry): string {
  if (entry.kind === 'NOTED') return `Note: ${entry.text}`;
  if (entry.kind === 'PHOTO_TAKEN') return entry.caption ? `Photo: ${entry.caption}` : 'Photo';
  const ask = step?.asks.find((one) => answers(one, entry));
  const found = foundOf(ask, entry);
  if (found) return `${sentence(ask!.label)}: ${found.words}`;
  const what = ask?.label ?? entry.kind.toLowerCase().replaceAll('_', ' ');
  const number = numberOf(ask, entry);
  return sentence(number ? `${what} ${number.join(' ')}`.trim() : what);
}
