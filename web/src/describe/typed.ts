import type { Accessory, Answer, Description, EngineDescription, Position } from '../api/client';
import { typedNumber } from '../words/words';
import { typedIn } from '../words/typed-quantity';
import { boxIn } from '../words/quantity';

type Engine = EngineDescription;

/** What is typed about one engine beyond its water path. */
export interface TypedDetails {
  hours: string;
  year: string;
  oilLiters: string;
  coolantLiters: string;
  thermostatC: string;
  plateauC: string;
  alarmC: string;
  mufflerLiters: string;
  drawsLitersPerMinute: string;
}

/** A description while somebody types it; numbers are still text. */
export interface Typed {
  name: string;
  hullId: string;
  kind: Description['kind'];
  length: string;
  layout: Description['layout'] | '';
  count: number;
  fuel: Engine['fuel'];
  cylinders: string;
  cooling: Engine['cooling'];
  exhaust: NonNullable<Engine['exhaust']> | '';
  drains: NonNullable<Engine['drains']> | '';
  pumpDrive: NonNullable<Engine['pumpDrive']> | '';
  powerClass: NonNullable<Engine['details']['powerClass']> | '';
  parts: NonNullable<Engine['parts']> | null;
  generator: Pick<Engine, 'fuel' | 'cooling'>;
  details: Partial<Record<Position, TypedDetails>>;
  answers: Partial<Record<Accessory, Answer>>;
  tank: string;
  water: Description['waterUsedIn'];
  silty: boolean;
  method: NonNullable<Description['method']> | '';
  owner: string;
  notes: string;
  segmentChanges: Description['segmentChanges'];
  fittingChanges: Description['fittingChanges'];
  addedDrains: Description['addedDrains'];
  /** Details nobody types here are kept as they were. */
  known: Engine[];
  /** What stood in boxes with a unit before. */
  was?: { lengthM: number | null; tankLiters: number | null };
}

export const NO_DETAILS: TypedDetails = {
  hours: '',
  year: '',
  oilLiters: '',
  coolantLiters: '',
  thermostatC: '',
  plateauC: '',
  alarmC: '',
  mufflerLiters: '',
  drawsLitersPerMinute: '',
};

export const NOTHING: Typed = {
  name: '',
  hullId: '',
  kind: 'POWER',
  length: '',
  layout: '',
  count: 1,
  fuel: 'PETROL',
  cylinders: '8',
  cooling: 'RAW_WATER',
  exhaust: '',
  drains: '',
  pumpDrive: '',
  powerClass: '',
  parts: null,
  generator: { fuel: 'DIESEL', cooling: 'CLOSED' },
  details: {},
  answers: {},
  tank: '',
  water: 'SALT',
  silty: false,
  method: '',
  owner: '',
  notes: '',
  segmentChanges: [],
  fittingChanges: [],
  addedDrains: [],
  known: [],
  was: { lengthM: null, tankLiters: null },
};

/** The engine most often found in a layout; chosen with it, changed freely after. */
const USUAL: Record<
  Description['layout'],
  Pick<Typed, 'fuel' | 'cylinders' | 'cooling' | 'kind'>
> = {
  STERNDRIVE: { fuel: 'PETROL', cylinders: '8', cooling: 'RAW_WATER', kind: 'POWER' },
  V_DRIVE: { fuel: 'PETROL', cylinders: '8', cooling: 'CLOSED', kind: 'POWER' },
  SHAFT: { fuel: 'DIESEL', cylinders: '6', cooling: 'CLOSED', kind: 'POWER' },
  SAILDRIVE: { fuel: 'DIESEL', cylinders: '3', cooling: 'CLOSED', kind: 'SAIL' },
  OUTBOARD: { fuel: 'PETROL', cylinders: '4', cooling: 'RAW_WATER', kind: 'POWER' },
  JET: { fuel: 'PETROL', cylinders: '3', cooling: 'CLOSED', kind: 'POWER' },
  NONE: { fuel: 'PETROL', cylinders: '4', cooling: 'RAW_WATER', kind: 'SAIL' },
};

/** What depends on the kind of engine starts anew when that changes. */
const ANEW: Partial<Typed> = {
  exhaust: '',
  drains: '',
  pumpDrive: '',
  powerClass: '',
  parts: null,
  segmentChanges: [],
  fittingChanges: [],
  addedDrains: [],
  method: '',
};

export const withLayout = (typed: Typed, layout: Description['layout']): Typed => ({
  ...typed,
  ...USUAL[layout],
  ...ANEW,
  layout,
  count: 1,
});

export const withEngine = (
  typed: Typed,
  change: Partial<Pick<Typed, 'fuel' | 'cylinders' | 'cooling' | 'count'>>,
): Typed => ({ ...typed, ...ANEW, ...change });

export function positionsOf(typed: Pick<Typed, 'layout' | 'count'>): Position[] {
  if (typed.layout === 'NONE' || typed.layout === '') return [];
  if (typed.count === 2) return ['PORT', 'STARBOARD'];
  return typed.count === 3 ? ['PORT', 'CENTER', 'STARBOARD'] : ['CENTER'];
}

/** What stands in a box as it was described is that to the last bit. */
const optional = (unit: string, text: string, was?: number | null) =>
  text.trim() === '' ? null : typedIn(unit, text, was);

function engineAt(typed: Typed, position: Position): Engine {
  const generator = position === 'GENERATOR';
  const known = typed.known.find((engine) => engine.position === position);
  const details = typed.details[position] ?? NO_DETAILS;
  return {
    position,
    fuel: generator ? typed.generator.fuel : typed.fuel,
    cylinders: generator ? (known?.cylinders ?? 3) : (typedNumber(typed.cylinders) ?? 0),
    cooling: generator ? typed.generator.cooling : typed.cooling,
    exhaust: generator ? (known?.exhaust ?? null) : typed.exhaust || null,
    drains: generator ? null : typed.drains || null,
    pumpDrive: generator ? (known?.pumpDrive ?? null) : typed.pumpDrive || null,
    parts: generator ? (known?.parts ?? null) : typed.parts,
    details: {
      oilGrade: '',
      oilReadWarm: null,
      gearOilLiters: null,
      impellerPart: '',
      siphonBreakM: null,
      belts: null,
      adjustableValves: null,
      coldStart: '',
      weakPoints: '',
      ...known?.details,
      powerClass: generator ? (known?.details.powerClass ?? null) : typed.powerClass || null,
      hours: optional('h', details.hours),
      year: optional('', details.year),
      oilLiters: optional('L', details.oilLiters, known?.details.oilLiters),
      coolantLiters: optional('L', details.coolantLiters, known?.details.coolantLiters),
      thermostatC: optional('°C', details.thermostatC, known?.details.thermostatC),
      plateauC: optional('°C', details.plateauC, known?.details.plateauC),
      alarmC: optional('°C', details.alarmC, known?.details.alarmC),
      mufflerLiters: optional('L', details.mufflerLiters, known?.details.mufflerLiters),
      drawsLitersPerMinute: optional(
        'L/min',
        details.drawsLitersPerMinute,
        known?.details.drawsLitersPerMinute,
      ),
    },
  };
}

/** What is sent; where something needed is missing the server says so at its field. */
export function toDescription(typed: Typed): Description {
  const engines = positionsOf(typed).map((position) => engineAt(typed, position));
  if (typed.answers.GENERATOR === 'YES') engines.push(engineAt(typed, 'GENERATOR'));
  return {
    name: typed.name,
    hullId: typed.hullId,
    kind: typed.kind,
    hullLengthM: typedIn('m', typed.length, typed.was?.lengthM) ?? 0,
    layout: (typed.layout || null) as Description['layout'],
    engines,
    accessories: typed.answers,
    domesticTankLiters: optional('L', typed.tank, typed.was?.tankLiters),
    waterUsedIn: typed.water,
    silty: typed.silty,
    method: typed.method || null,
    owner: typed.owner,
    notes: typed.notes,
    segmentChanges: typed.segmentChanges,
    fittingChanges: typed.fittingChanges,
    addedDrains: typed.addedDrains,
  };
}

/** A description to be drawn before it is complete: what nobody typed yet is stood in for. */
export function toDraft(typed: Typed): Description {
  const described = toDescription(typed);
  return {
    ...described,
    name: described.name.trim() || 'This boat',
    hullLengthM: described.hullLengthM || 8,
    engines: described.engines.map((engine) => ({ ...engine, cylinders: engine.cylinders || 4 })),
  };
}

const text = (value: number | null | undefined, unit = '') =>
  value == null ? '' : unit ? boxIn(unit, value) : String(value);

export function fromDescription(d: Description): Typed {
  const driving = d.engines.filter((engine) => engine.position !== 'GENERATOR');
  const generator = d.engines.find((engine) => engine.position === 'GENERATOR');
  const first = driving[0];
  return {
    ...NOTHING,
    name: d.name,
    hullId: d.hullId,
    kind: d.kind,
    length: text(d.hullLengthM, 'm'),
    layout: d.layout,
    count: driving.length,
    fuel: first?.fuel ?? NOTHING.fuel,
    cylinders: text(first?.cylinders ?? 4),
    cooling: first?.cooling ?? NOTHING.cooling,
    exhaust: first?.exhaust ?? '',
    drains: first?.drains ?? '',
    pumpDrive: first?.pumpDrive ?? '',
    powerClass: first?.details.powerClass ?? '',
    parts: first?.parts ?? null,
    generator: generator ?? NOTHING.generator,
    details: Object.fromEntries(
      d.engines.map((engine) => [
        engine.position,
        {
          hours: text(engine.details.hours),
          year: text(engine.details.year),
          oilLiters: text(engine.details.oilLiters, 'L'),
          coolantLiters: text(engine.details.coolantLiters, 'L'),
          thermostatC: text(engine.details.thermostatC, '°C'),
          plateauC: text(engine.details.plateauC, '°C'),
          alarmC: text(engine.details.alarmC, '°C'),
          mufflerLiters: text(engine.details.mufflerLiters, 'L'),
          drawsLitersPerMinute: text(engine.details.drawsLitersPerMinute, 'L/min'),
        },
      ]),
    ),
    answers: d.accessories,
    tank: text(d.domesticTankLiters, 'L'),
    water: d.waterUsedIn,
    silty: d.silty,
    method: d.method ?? '',
    owner: d.owner,
    notes: d.notes,
    segmentChanges: d.segmentChanges,
    fittingChanges: d.fittingChanges,
    addedDrains: d.addedDrains,
    known: d.engines,
    was: { lengthM: d.hullLengthM, tankLiters: d.domesticTankLiters ?? null },
  };
}

/** A sister is the same machinery under another name. */
export const asSister = (d: Description): Typed => ({
  ...fromDescription(d),
  name: '',
  hullId: '',
  owner: '',
  notes: '',
  details: {},
});
