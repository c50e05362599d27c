import type { AskOf, AskView, BoatView, StepView } from '../../api/client';
import { aboutLiters } from '../../asks/usual';
import { sentence } from '../../words/words';
import { liters } from '../../words/quantity';
import type { Bundle, Written } from './bundle';

/** What a bar says: the step as it will stand in the log. */
export interface BarWords {
  main: string;
  /** What goes with it, in a line below; '' for nothing. */
  beside: string;
}

type Seen = NonNullable<BoatView['circuits'][number]['points'][number]['seen']>;

const NUMBERS = 'no one two three four five six seven eight nine ten eleven twelve'.split(' ');
const inWords = (n: number) => NUMBERS[n] ?? String(n);

/** More of a kind are counted instead of named. */
const MOST_NAMED = 2;

/** In the order in which they are said. */
const RAN: Record<Seen, string> = {
  RAN_CLEAR: 'ran clear',
  RAN_AFTER_RODDING: 'ran after rodding',
  ROD_AND_AIR: 'dry, rod and air pass',
  DRY: 'still dry',
  DID_NOT_RUN: 'did not run',
  WOULD_NOT_COME_OFF: 'would not come off',
};
const ORDER = Object.keys(RAN) as Seen[];

/** Fittings of which a boat has many. */
const MANY: Record<string, string> = {
  DRAIN_PLUG: 'drains',
  PETCOCK: 'drains',
  HOSE_END: 'hoses',
  BATTERY_SWITCH: 'battery switches',
  SEACOCK: 'seacocks',
  EXHAUST_COVER: 'exhaust covers',
};

/** What the tap writes and what was answered already, in one sentence and a line. */
export function barWords(step: StepView, boat: BoatView, bundle: Bundle): BarWords {
  const clauses = [
    drains(step, boat, bundle),
    poured(bundle),
    ...looked(bundle),
    ...named(bundle, ['SERVICE', 'OIL', 'PICK', 'LOOK', 'DESCALE', 'ENGINE'], 'done'),
    ...sets(bundle, boat),
    counted(bundle),
    aboard(bundle),
  ].filter((clause) => clause !== '');
  const [main, ...beside] = clauses;
  return main
    ? { main: sentence(main), beside: sentence(beside.join(' · ')) }
    : { main: 'Done', beside: '' };
}

/** What goes with the start of an engine, in words; '' where nothing does. */
export function readyWords(bundle: Bundle, boat: BoatView): string {
  return sentence(
    [
      ...sets(bundle, boat),
      ...looked(bundle),
      ...named(bundle, ['SERVICE', 'OIL', 'PICK', 'LOOK'], 'done'),
    ].join(' · '),
  );
}

/** What stands as it should, as a question. */
export function standingWords(standing: readonly AskOf<'SET'>[]): string {
  return standing.length === 0
    ? ''
    : `${sentence(standing.map(({ label }) => label).join(', '))}: still so?`;
}

const writesOf = <Kind extends AskView['kind']>(bundle: Bundle, kind: Kind) =>
  bundle.writes.filter((one): one is Written & { ask: AskOf<Kind> } => one.ask.kind === kind);

function drains(step: StepView, boat: BoatView, bundle: Bundle): string {
  const asks = step.asks.filter((ask) => ask.kind === 'OPEN');
  const written = new Map(
    writesOf(bundle, 'OPEN').map(({ ask, entries }) => {
      const last = entries.at(-1);
      return [ask.lowPoint, last?.kind === 'LOW_POINT_SEEN' ? last.seen : null];
    }),
  );
  const points = boat.circuits.flatMap((circuit) => circuit.points);
  const seen = asks.map(
    ({ lowPoint, answered }) =>
      written.get(lowPoint) ?? (answered ? points.find(({ key }) => key === lowPoint)?.seen : null),
  );
  return ORDER.map((one) => [one, seen.filter((each) => each === one).length] as const)
    .filter(([, n]) => n > 0)
    .map(([one, n], i) => `${i === 0 ? sentence(inWords(n)) : inWords(n)} ${RAN[one]}`)
    .join(', ');
}

function poured(bundle: Bundle): string {
  const fills = writesOf(bundle, 'FILL');
  if (fills.length === 0) return '';
  const all = liters(fills.reduce((sum, { ask }) => sum + aboutLiters(ask.liters), 0));
  if (fills.length === 1) return `${fills[0]!.ask.pourPoint ? 'poured' : 'drew'} ${all}`;
  const sign = fills.some(({ ask }) => ask.watch !== '') ? ', each until its sign' : '';
  return `poured ${all} in ${inWords(fills.length)} places${sign}`;
}

function looked(bundle: Bundle): string[] {
  const all = writesOf(bundle, 'SEE').map(({ ask }) => ask.condition);
  if (all.length > MOST_NAMED) return [`${inWords(all.length)} looked at, all as they should be`];
  return all.map(({ name, findings }) => `${name}: ${findings[0]!.words}`);
}

function named(bundle: Bundle, kinds: AskView['kind'][], done: string): string[] {
  return kinds.flatMap((kind) => {
    const all = bundle.writes.filter(({ ask }) => ask.kind === kind).map(({ ask }) => ask);
    if (all.length > MOST_NAMED)
      return [`${inWords(all.length)} ${kind === 'PICK' ? 'parts lie ready' : done}`];
    return all.map((ask) => (ask.kind === 'ENGINE' ? 'engine stopped' : ask.label));
  });
}

function sets(bundle: Bundle, boat: BoatView): string[] {
  const all = writesOf(bundle, 'SET').map(({ ask }) => ask);
  const fitting = (ask: AskOf<'SET'>) => boat.fittings.find(({ key }) => key === ask.fitting);
  const alike = new Map<string, AskOf<'SET'>[]>();
  for (const ask of all) {
    const key = `${fitting(ask)?.kind} ${ask.to}`;
    alike.set(key, [...(alike.get(key) ?? []), ask]);
  }
  return [...alike.values()].flatMap((asks) => {
    const first = fitting(asks[0]!);
    const many = first && MANY[first.kind];
    if (asks.length <= MOST_NAMED || !many) return asks.map(({ label }) => label);
    const words = first.states.find(({ state }) => state === asks[0]!.to)?.words;
    return [`all ${inWords(asks.length)} ${many} ${words ?? asks[0]!.to}`];
  });
}

function counted(bundle: Bundle): string {
  const entry = writesOf(bundle, 'COUNT')[0]?.entries[0];
  if (entry?.kind !== 'BAG_COUNTED') return '';
  return entry.count === 1 ? '1 plug in the bag' : `${entry.count} plugs in the bag`;
}

function aboard(bundle: Bundle): string {
  return writesOf(bundle, 'ABOARD').length > 0 ? 'aboard is what is described' : '';
}
