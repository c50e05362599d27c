import { describe, expect, it } from 'vitest';
import type { Description } from '../api/client';
import { NOTHING, toDescription, withEngine, withLayout } from '../describe/typed';
import { layoutWords, machineryWords } from './boat-words';

const described = (layout: Description['layout'], count = 1) =>
  toDescription(withEngine(withLayout(NOTHING, layout), { count }));

describe('what drives a boat, in words', () => {
  it('names layout, fuel, cylinders and cooling', () => {
    expect(machineryWords(described('STERNDRIVE'))).toBe(
      'sterndrive · petrol, 8 cyl., raw water through the block',
    );
    expect(machineryWords(described('SAILDRIVE'))).toBe(
      'saildrive · diesel, 3 cyl., closed cooling',
    );
  });

  it('counts the engines', () => {
    expect(machineryWords(described('SHAFT', 2))).toMatch(/^twin shaft inboard/);
    expect(machineryWords(described('OUTBOARD', 3))).toMatch(/^triple outboard/);
  });

  it('says when there is none', () => {
    expect(machineryWords(described('NONE'))).toBe('no engine');
    expect(layoutWords('V_DRIVE')).toBe('V-drive inboard');
  });
});
