import type { AskView } from '../api/client';

/** What a step asks for, as a test needs it. */
export function ask(kind: AskView['kind'], over: Partial<AskView> = {}): AskView {
  return {
    kind,
    label: 'the ask',
    answered: false,
    restsOnStanding: false,
    limits: null,
    fitting: null,
    to: null,
    lowPoint: null,
    liters: null,
    start: null,
    seconds: null,
    limit: null,
    unit: null,
    against: null,
    school: null,
    condition: null,
    instead: null,
    found: null,
    missing: null,
    circuit: null,
    pourPoint: null,
    watch: null,
    engine: null,
    basis: null,
    segments: null,
    circuits: null,
    inService: null,
    item: null,
    accessory: null,
    dose: null,
    ...over,
  };
}
