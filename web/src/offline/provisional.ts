import type { AskView, BoatView, CardView, EntryBody, FittingView, StepView } from '../api/client';
import type { WaitingEntry } from './database';
import { sentence } from '../parts/words';
import { readingHere } from './judge-here';
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
  const mine = effective(waiting.filter((one) => one.boat === boat.id));
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
      heldBy: taken?.kind === 'CARD_TAKEN' ? mine[0]!.person : (taken?.to ?? card.heldBy),
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

/** Without those that another waiting entry takes back. */
function effective(waiting: readonly WaitingEntry[]): WaitingEntry[] {
  const back = new Set(
    waiting.filter(({ entry }) => entry.corrects).map(({ entry }) => entry.corrects),
  );
  return waiting.filter(({ entry }) => !back.has(entry.id));
}

function boatWith(boat: BoatView, waiting: readonly WaitingEntry[]): BoatView {
  const fittings = boat.fittings.map((fitting) => fittingWith(fitting, waiting));
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
        const seen = waiting.findLast(
          ({ entry }) => entry.kind === 'LOW_POINT_SEEN' && entry.lowPoint === point.key,
        )?.entry.seen;
        return seen ? { ...point, seen, seenWords: SEEN[seen] } : point;
      }),
    })),
  };
}

const SEEN: Record<NonNullable<EntryBody['seen']>, string> = {
  RAN_CLEAR: 'ran clear',
  RAN_AFTER_RODDING: 'ran after rodding',
  ROD_AND_AIR: 'dry: rod and air pass',
  DRY: 'dry',
  DID_NOT_RUN: 'did not run',
};

function fittingWith(fitting: FittingView, waiting: readonly WaitingEntry[]): FittingView {
  const set = waiting.findLast(
    ({ entry }) => entry.kind === 'FITTING_SET' && entry.fitting === fitting.key,
  )?.entry;
  if (!set?.state) return fitting;
  const state = set.state;
  return {
    ...fitting,
    state,
    stateWords: fitting.states.find((choice) => choice.state === state)?.words ?? state,
    forSample: Boolean(set.forSample) && state.startsWith('OUT'),
  };
}

function stepWith(
  step: StepView,
  here: readonly WaitingEntry[],
  entries: readonly EntryBody[],
  boat: BoatView,
): StepView {
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
    skippedBecause: ended?.entry.reason ?? step.skippedBecause,
    asks: step.asks.map((ask) => ({
      ...ask,
      answered: isAnswered(ask, here, boat),
      found: here.findLast(({ entry }) => answers(ask, entry))?.entry.finding ?? ask.found,
    })),
    said: [...step.said, ...here.map((one) => saidOf(step, one))],
  };
}

function isAnswered(ask: AskView, here: readonly WaitingEntry[], boat: BoatView): boolean {
  const said = here.some(({ entry }) => answers(ask, entry));
  if (ask.restsOnStanding) {
    const fitting = boat.fittings.find(({ key }) => key === ask.fitting);
    return said || (fitting?.state === ask.to && !fitting.forSample);
  }
  return said || ask.answered;
}

const same = (one: unknown, other: unknown) => (one ?? null) === (other ?? null);

/** Whether an entry is the answer to what a step asks for. */
export function answers(ask: AskView, entry: EntryBody): boolean {
  switch (ask.kind) {
    case 'SET':
      return (
        entry.kind === 'FITTING_SET' && entry.fitting === ask.fitting && entry.state === ask.to
      );
    case 'OPEN':
      return entry.kind === 'LOW_POINT_SEEN' && entry.lowPoint === ask.lowPoint;
    case 'ENGINE':
      return (
        entry.kind === (ask.start ? 'ENGINE_STARTED' : 'ENGINE_STOPPED') &&
        entry.basis !== 'KICK' &&
        same(entry.engine, ask.engine)
      );
    case 'KICK':
      return entry.kind === 'ENGINE_STARTED' && entry.basis === 'KICK';
    case 'READ':
      return (
        ((entry.kind === 'READING_TAKEN' && entry.limit === ask.limit) ||
          (entry.kind === 'CONDITION_SEEN' && entry.condition === ask.instead?.key)) &&
        same(entry.engine, ask.engine)
      );
    case 'SEE':
      return (
        entry.kind === 'CONDITION_SEEN' &&
        entry.condition === ask.condition?.key &&
        same(entry.engine, ask.engine)
      );
    case 'PIECES':
      return (
        entry.kind === 'PIECES_FOUND' &&
        same(entry.engine, ask.engine) &&
        (entry.count ?? 0) >= (ask.missing ?? 0)
      );
    case 'FILL':
      return (
        entry.kind === 'FLUID_USED' &&
        entry.circuit === ask.circuit &&
        same(entry.pourPoint, ask.pourPoint)
      );
    case 'CATCH':
      return entry.kind === 'FLUID_CAUGHT' && entry.circuit === ask.circuit;
    case 'DISINFECT':
      return entry.kind === 'DISINFECTED' && entry.circuit === ask.circuit;
    case 'PICK':
      return (
        entry.kind === 'PART_PICKED' && entry.item === ask.item && same(entry.engine, ask.engine)
      );
    case 'DESCALE':
      return entry.kind === 'DESCALER_USED' && entry.circuit === ask.circuit;
    case 'COUNT':
      return entry.kind === 'BAG_COUNTED';
    case 'JUG':
      return entry.kind === 'JUG_READ';
    case 'SAMPLE':
      return (
        (entry.kind === 'SAMPLE_READ' || entry.kind === 'COULD_NOT_SAMPLE') &&
        entry.lowPoint === ask.lowPoint
      );
    case 'COOLANT':
      return entry.kind === 'COOLANT_READ' && entry.circuit === ask.circuit;
    case 'FROST':
      return entry.kind === 'FROST_LOOKED' && entry.circuit === ask.circuit;
    case 'SERVICE':
      return (
        entry.kind === 'SERVICE_DONE' && entry.item === ask.item && same(entry.engine, ask.engine)
      );
    case 'ABOARD':
      return entry.kind === 'ACCESSORY_SEEN' && entry.accessory === ask.accessory;
    case 'LOOK':
      return entry.kind === 'CIRCUIT_SEEN' && (ask.circuits ?? []).includes(entry.circuit!);
    case 'NOTE':
      return entry.kind === 'NOTED';
    case 'AFLOAT':
      return false;
  }
}

function saidOf(step: StepView, { entry, person }: WaitingEntry): SaidShown {
  const here = callHere(step, entry);
  return {
    id: entry.id!,
    kind: entry.kind!,
    words: wordsOf(step, entry),
    person,
    at: entry.deviceTime!,
    judgement: here?.words ?? null,
    call: here?.call ?? null,
    photo: entry.photo ?? null,
    waiting: true,
  };
}

function callHere(step: StepView, entry: EntryBody): CallHere | null {
  const ask = step.asks.find((one) => answers(one, entry));
  if (ask?.kind === 'READ' && entry.value != null) {
    return readingHere(ask, entry.value, entry.against ?? null);
  }
  const finding = foundOf(ask, entry);
  return finding ? { call: finding.call, words: finding.todo } : null;
}

function foundOf(ask: AskView | undefined, { condition, finding }: EntryBody) {
  return [ask?.condition, ask?.instead]
    .find((one) => one && (ask?.kind === 'FROST' || one.key === condition))
    ?.findings.find(({ key }) => key === finding);
}

/** An entry as its own card words it, as far as the device can. */
export function wordsOf(step: StepView | undefined, entry: EntryBody): string {
  if (entry.kind === 'NOTED') return `Note: ${entry.text}`;
  if (entry.kind === 'PHOTO_TAKEN') return entry.text ? `Photo: ${entry.text}` : 'Photo';
  const ask = step?.asks.find((one) => answers(one, entry));
  const number = entry.value ?? entry.liters ?? entry.reading ?? entry.count ?? entry.milliliters;
  const unit = entry.liters != null ? 'L' : entry.milliliters != null ? 'mL' : (ask?.unit ?? '');
  const found = foundOf(ask, entry);
  if (found) return `${sentence(ask!.label)}: ${found.words}`;
  const what = ask?.label ?? entry.kind!.toLowerCase().replaceAll('_', ' ');
  return sentence(number == null ? what : `${what} ${number} ${unit}`.trim());
}
