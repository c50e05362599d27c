import { describe, expect, it } from 'vitest';
import type { InstrumentView } from '../api/client';
import { typedReading } from './below-zero';

const glass = (scale: string) => ({ scale }) as InstrumentView;

describe('what is typed off a scale', () => {
  it('that shows freeze points is below zero, with its sign or without', () => {
    expect(typedReading('19', glass('PG_FREEZE'))).toBe(-19);
    expect(typedReading('−19,5', glass('EG_FREEZE'))).toBe(-19.5);
  });

  it('leaves what clean water reads, and other scales, as they are', () => {
    expect(typedReading('0.2', glass('PG_FREEZE'))).toBe(0.2);
    expect(typedReading('32', glass('BRIX'))).toBe(32);
    expect(typedReading('eighteen', glass('PG_FREEZE'))).toBeNull();
    expect(typedReading('19', undefined)).toBe(19);
  });
});
