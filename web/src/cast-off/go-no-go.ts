import type {
  Call,
  CastOffRound,
  RoundCheck,
  RoundPart,
  RoundReason,
  RoundSent,
} from '../api/client';
import { readingHere } from '../offline/judge-here';
import { everyKind } from '../parts/every-kind';
import { sentence } from '../words/words';
import type { TankFuel } from './trip-fuel';

/** What was found at one check; only what its kind needs is there. */
export interface Found {
  state?: string;
  finding?: string;
  /** Seen instead of measured. */
  instead?: boolean;
  value?: number;
  against?: number;
}

export type Answers = Record<string, Found>;

export interface Result {
  go: boolean;
  stops: boolean;
  reasons: RoundReason[];
  /** What nobody has answered yet, by name. */
  open: string[];
}

/** A check's own name in a round. */
export function keyOf({ ask }: RoundCheck): string {
  switch (ask.kind) {
    case 'SET':
      return [ask.kind, '', ask.fitting].join('.');
    case 'SEE':
      return [ask.kind, ask.engine, ask.condition.key].join('.');
    case 'READ':
      return [ask.kind, ask.engine, ask.limit].join('.');
    default:
      return everyKind(ask);
  }
}

/** How an answer stands by what core sent along; null while there is none. */
export function standingOf(check: RoundCheck, found: Found | undefined): RoundReason | null {
  const { ask } = check;
  if (!found) return null;
  if (ask.kind === 'SET') {
    return found.state === ask.to
      ? { call: 'GOOD', words: '' }
      : { call: 'STOP', words: `${sentence(check.fitting!)} is ${check.otherwiseWords}.` };
  }
  if (found.finding !== undefined) {
    const condition = lookedAt(ask);
    const seen = condition?.findings.find(({ key }) => key === found.finding);
    if (!seen) return null;
    return {
      call: seen.call,
      words: `${sentence(condition!.name)}: ${seen.words}. ${seen.todo}`.trim(),
    };
  }
  if (found.value === undefined || ask.kind !== 'READ') return null;
  const here = readingHere(ask, found.value, found.against ?? null);
  return {
    call: here?.call ?? 'GOOD',
    words: `${sentence(ask.label)} ${found.value} ${ask.unit}: ${here?.words ?? ''}`,
  };
}

/** What is looked at to answer; a reading may have something that tells the same. */
const lookedAt = (ask: RoundCheck['ask']) =>
  ask.kind === 'SEE' ? ask.condition : ask.kind === 'READ' ? ask.instead : null;

export function isAnswered(part: RoundPart, answers: Answers): boolean {
  return part.checks.every((check) => standingOf(check, answers[keyOf(check)]) !== null);
}

/** Whether everything of the phases before a part was answered. */
export function mayBegin(round: CastOffRound, part: RoundPart, answers: Answers): boolean {
  return round.parts
    .filter(({ phase }) => ORDER.indexOf(phase) < ORDER.indexOf(part.phase))
    .every((before) => isAnswered(before, answers));
}

const ORDER: RoundPart['phase'][] = ['STOPPED', 'HELM', 'RUNNING'];

/** What a round comes to here; core says the same when it gets there. */
export function goNoGo(round: CastOffRound, answers: Answers, fuel: TankFuel[] | null): Result {
  const reasons: RoundReason[] = [...round.standing];
  const open: string[] = [];
  for (const check of round.parts.flatMap(({ checks }) => checks)) {
    const standing = standingOf(check, answers[keyOf(check)]);
    if (standing === null) open.push(nameOf(check));
    else if (standing.call !== 'GOOD') reasons.push(standing);
  }
  if (fuel === null) {
    if (round.engines.length > 0) open.push('fuel for the trip');
  } else {
    for (const tank of fuel.filter(({ add }) => add > 0)) {
      const name = tank.name ? `, ${tank.name}` : '';
      reasons.push({ call: 'STOP', words: `Fuel${name}: ${tank.words}` });
    }
  }
  const of = (call: Call) => reasons.filter((reason) => reason.call === call);
  const stops = of('STOP').length > 0;
  return { go: !stops && open.length === 0, stops, reasons: [...of('STOP'), ...of('MEND')], open };
}

/** What is looked at there. */
const nameOf = ({ ask }: RoundCheck) =>
  ask.kind === 'SEE' ? ask.condition.name : 'label' in ask ? ask.label : '';

type Sent = Pick<RoundSent, 'set' | 'seen' | 'read'>;

/** The answers as they are sent. */
export function sentOf(round: CastOffRound, answers: Answers): Sent {
  const sent: Required<Sent> = { set: [], seen: [], read: [] };
  for (const check of round.parts.flatMap(({ checks }) => checks)) {
    const found = answers[keyOf(check)];
    if (standingOf(check, found) === null) continue;
    const { ask } = check;
    if (ask.kind === 'SET') {
      sent.set.push({ fitting: ask.fitting, state: found!.state as typeof ask.to });
      continue;
    }
    const engine = ask.engine ?? undefined;
    const condition = lookedAt(ask);
    if (found!.finding !== undefined && condition) {
      sent.seen.push({ engine, condition: condition.key, finding: found!.finding });
    } else if (ask.kind === 'READ') {
      sent.read.push({ engine, limit: ask.limit, value: found!.value!, against: found!.against });
    }
  }
  return sent;
}
