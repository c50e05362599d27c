import { describe, expect, it } from 'vitest';
import {
  NOTHING,
  NO_DETAILS,
  asSister,
  fromDescription,
  toDescription,
  toDraft,
  withEngine,
  withLayout,
} from './typed';

describe('a description while it is typed', () => {
  const twin = {
    ...withEngine(withLayout({ ...NOTHING, name: 'Halcyon', length: '11,4' }, 'SHAFT'), {
      count: 2,
    }),
    answers: { GENERATOR: 'YES' as const },
    details: {
      PORT: { ...NO_DETAILS, hours: '812', year: '2014', oilLiters: '', coolantLiters: '' },
    },
  };

  it('puts two engines at port and starboard, and the generator after them', () => {
    const described = toDescription(twin);
    expect(described.engines.map((e) => e.position)).toEqual(['PORT', 'STARBOARD', 'GENERATOR']);
    expect(described.hullLengthM).toBe(11.4);
    expect(described.engines[0]!.details.hours).toBe(812);
    expect(described.engines[1]!.details.hours).toBeNull();
  });

  it('comes back as it was typed', () => {
    expect(toDescription(fromDescription(toDescription(twin)))).toEqual(toDescription(twin));
  });

  it('is drawn before it is complete', () => {
    const draft = toDraft(withLayout(NOTHING, 'JET'));
    expect(draft.name).toBe('This boat');
    expect(draft.hullLengthM).toBeGreaterThan(0);
    expect(draft.engines).toHaveLength(1);
  });

  it('forgets changes that belonged to another kind of engine', () => {
    const changed = {
      ...twin,
      segmentChanges: [{ circuit: 'port-engine', segment: 'muffler', liters: 32, gone: false }],
    };
    expect(withEngine(changed, { cooling: 'RAW_WATER' }).segmentChanges).toEqual([]);
    expect(withLayout(changed, 'SAILDRIVE').kind).toBe('SAIL');
  });

  it('gives a sister the machinery but not the name', () => {
    const sister = asSister(toDescription(twin));
    expect(sister.name).toBe('');
    expect(sister.count).toBe(2);
    expect(sister.answers.GENERATOR).toBe('YES');
  });
});
