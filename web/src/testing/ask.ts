import type { AskOf, AskView, NewEntry } from '../api/client';

type Answer = AskView['answers'][number][number];
type Own<Kind extends AskView['kind']> = Omit<
  AskOf<Kind>,
  'kind' | 'label' | 'answered' | 'given' | 'bundled' | 'answers' | 'standsAgainst'
>;

const NOTHING_TO_FIND = { key: '', name: '', how: '', findings: [] };
const ANY_NUMBER: AskOf<'READ'>['limits'] = {
  how: '',
  goodLow: 0,
  goodHigh: 0,
  possibleLow: 0,
  possibleHigh: 0,
  whenGood: '',
  whenLow: '',
  callLow: 'MEND',
  whenHigh: '',
  callHigh: 'MEND',
  stopFrom: null,
  whenStop: null,
  sets: null,
  against: null,
};

const OWN: { [Kind in AskView['kind']]: Own<Kind> } = {
  SET: { restsOnStanding: false, fitting: '', to: 'IN' },
  OPEN: { lowPoint: '', fitting: null, to: null, liters: 1, trouble: null },
  ENGINE: { start: true, engine: null, basis: 'FED', stopped: null },
  KICK: { engine: null, stopped: null, seconds: 3 },
  READ: {
    engine: null,
    limit: '',
    unit: '',
    limits: ANY_NUMBER,
    against: null,
    school: null,
    instead: null,
    last: null,
  },
  SEE: { engine: null, condition: NOTHING_TO_FIND, found: null },
  PIECES: { engine: null, missing: 0 },
  FILL: { circuit: '', pourPoint: null, liters: 1, watch: '' },
  CATCH: { circuit: '', liters: 1 },
  DISINFECT: { circuit: '', dose: { tankLiters: null, mgPerLiter: 50, mostMgPerLiter: 100 } },
  PICK: { engine: null, item: '' },
  DESCALE: { circuit: '', segments: [], liters: 1 },
  COUNT: {},
  JUG: { circuit: '' },
  SAMPLE: { lowPoint: '', fitting: null },
  COOLANT: { circuit: '' },
  FROST: { circuit: '', condition: NOTHING_TO_FIND, found: null },
  SERVICE: { engine: null, item: '' },
  OIL: { engine: null },
  REMEDY: { engine: null, cause: 'WATER_IN_CYLINDERS', remedy: 'plugs-out' },
  PHOTO: {},
  COMPLAINTS: { engines: [{ engine: 'CENTER', words: 'engine' }], complaints: [] },
  GIVE_UP: { circuit: 'engine', protection: 'PROVEN' },
  ABOARD: { accessory: 'WASHDOWN' },
  LOOK: { circuits: [], inService: true },
  NOTE: {},
  AFLOAT: {},
};

/** What a step asks for, as a test needs it. */
export function ask<Kind extends AskView['kind']>(
  kind: Kind,
  over: Partial<AskOf<Kind>> = {},
): AskOf<Kind> {
  return {
    kind,
    label: 'the ask',
    answered: false,
    given: null,
    bundled: false,
    answers: [],
    standsAgainst: [],
    ...OWN[kind],
    ...over,
  } as unknown as AskOf<Kind>;
}

/** What an entry has to say: its kind, and these in its fields; null where one may be left out. */
export function wanted(
  kind: NewEntry['kind'],
  fields: Record<string, string | boolean | null | (string | null)[]> = {},
): Answer {
  return {
    kind,
    matches: Object.entries(fields).map(([field, value]) => {
      const among = Array.isArray(value) ? value : [value];
      return {
        field,
        among: among.filter((one) => one !== null).map(String),
        orMissing: among.includes(null),
        atLeast: null,
      };
    }),
  };
}
