import type {
  AskView,
  BoatView,
  CircuitView,
  FittingView,
  PartView,
  StepView,
} from '../../api/client';
import { layOutPath } from '../../path/path-layout';
import type { Density, PathLayout, Placed } from '../../path/path-layout';
import { pathSegments } from '../../path/path-segments';

/** A place on the boat's water path where the hands are: its number, and what is asked there. */
export interface Place {
  number: number;
  ask: AskView;
  x: number;
  y: number;
  placed: Placed;
}

/** The circuit a step is about; null for the boat as a whole. */
export const circuitOf = (step: StepView, boat: BoatView): CircuitView | null =>
  boat.circuits.find(({ key }) => key === step.circuit) ?? null;

/** Fittings that several asks of a step are about are one place. */
function fittingOf(ask: AskView, boat: BoatView): string | null {
  if (ask.kind === 'OPEN' || ask.kind === 'SAMPLE') return ask.fitting ?? ask.lowPoint;
  if (ask.kind === 'FILL') return ask.pourPoint;
  if (ask.kind !== 'SET') return null;
  const kind = boat.fittings.find(({ key }) => key === ask.fitting)?.kind;
  return kind && ON_THE_PATH.has(kind) ? ask.fitting : null;
}

/** The fitting an ask is about; null where it is about none. */
export function fittingAt(ask: AskView, boat: BoatView): FittingView | null {
  const key =
    ask.kind === 'OPEN' || ask.kind === 'SAMPLE' || ask.kind === 'SET'
      ? ask.fitting
      : ask.kind === 'FILL'
        ? ask.pourPoint
        : null;
  return boat.fittings.find((one) => one.key === key) ?? null;
}

const ON_THE_PATH = new Set([
  'DRAIN_PLUG',
  'PETCOCK',
  'THREADED_SENSOR',
  'HOSE_END',
  'STRAINER_LID',
  'STRAINER_BASKET',
  'SEACOCK',
]);

const BELOW = 16;
const BESIDE = 28;

/** Where something is to be done there is room for a name; the rest is a bead on the line. */
const BAY: Density = {
  gap: 11,
  left: 26,
  right: 20,
  branchApart: 84,
  rise: 0,
  above: 14,
  below: 34,
  leg: 0,
  width: (liters) => (liters > 0 ? 98 : 16),
  height: (liters) => (liters > 0 ? 50 : 16),
};

/** A step's places, and the path they lie on. */
export interface Where {
  layout: PathLayout;
  places: Place[];
}

/** The places of a step in the order they are worked at, each with its number; null where there are none. */
export function whereOf(step: StepView, boat: BoatView): Where | null {
  const circuit = circuitOf(step, boat);
  if (!circuit || circuit.path.length === 0) return null;
  const asked = new Map<string, { ask: AskView; segment: string; hose: boolean }>();
  for (const ask of step.asks) {
    const fitting = fittingOf(ask, boat);
    if (!fitting) continue;
    const known = asked.get(fitting);
    if (known) {
      // What is still to be done there is what its number leads to.
      if (known.ask.answered && !ask.answered) known.ask = ask;
      continue;
    }
    const segment = segmentOf(fitting, circuit, boat);
    const kind = boat.fittings.find(({ key }) => key === fitting)?.kind;
    if (segment) asked.set(fitting, { ask, segment, hose: kind === 'HOSE_END' });
  }
  if (asked.size === 0) return null;
  const here = new Set([...asked.values()].map(({ segment }) => segment));
  const layout = layOutPath(beaded(circuit.path, here), BAY, false);
  const places = [...asked.values()].flatMap(({ ask, segment, hose }, i, all) => {
    const at = layout.placed.find((one) => one.segment.key === segment);
    if (!at) return [];
    const beside = all
      .slice(0, i)
      .filter((one) => one.segment === segment && one.hose === hose).length;
    return [
      {
        number: i + 1,
        ask,
        x: hose ? at.x - at.width / 2 + beside * BESIDE : at.x + beside * BESIDE,
        y: hose ? at.y - at.height / 2 : at.y + at.height / 2 + BELOW,
        placed: at,
      },
    ];
  });
  return { layout, places };
}

/** The same path, with room only where something is to be done. */
function beaded(path: PartView[], here: ReadonlySet<string>): PartView[] {
  return path.map((part) => ({
    segment: part.segment && { ...part.segment, liters: here.has(part.segment.key) ? 1 : 0 },
    branches: part.branches && part.branches.map((branch) => beaded(branch, here)),
  }));
}

function segmentOf(fitting: string, circuit: CircuitView, boat: BoatView): string | undefined {
  const kind = boat.fittings.find(({ key }) => key === fitting)?.kind;
  const all = pathSegments(circuit.path);
  if (kind === 'STRAINER_LID' || kind === 'STRAINER_BASKET') {
    return all.find((one) => one.kind === 'STRAINER')?.key;
  }
  if (kind === 'SEACOCK') return all[0]?.key;
  if (fitting.endsWith('pump-hose')) {
    const pump = all.find((one) => one.kind === 'PUMP');
    if (pump) return pump.key;
  }
  return (
    circuit.hoses.find((hose) => hose.fitting === fitting)?.segment ??
    circuit.points.find(({ opens, key }) => opens === fitting || key === fitting)?.segment
  );
}

/** The number of the place an ask is at; null where it is at none. */
export function numberOf(ask: AskView, places: readonly Place[], boat: BoatView): number | null {
  const fitting = fittingOf(ask, boat);
  return fitting === null
    ? null
    : (places.find((place) => fittingOf(place.ask, boat) === fitting)?.number ?? null);
}
