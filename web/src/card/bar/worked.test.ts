import { beforeEach, describe, expect, it } from 'vitest';
import { forgetDrafts } from '../../offline/draft';
import { accountFor, isShownNow, workedSeconds } from './worked';

const T = 1_000_000_000_000;
const at = (seconds: number) => T + seconds * 1000;

beforeEach(forgetDrafts);

describe('how long a step can have been worked on', () => {
  it('counts from when the card was first shown, whatever is shown between', () => {
    isShownNow('card', at(0));
    isShownNow('card', at(100));
    expect(workedSeconds('card', at(150))).toBe(150);
  });

  it('gives what a step takes at least to that step, and the rest to the next', () => {
    isShownNow('card', at(0));
    accountFor('card', 180, at(500));
    expect(workedSeconds('card', at(500))).toBe(320);
    accountFor('card', 900, at(500));
    expect(workedSeconds('card', at(500))).toBe(0);
  });

  it('has it again where a tap was taken back, and no more than it was', () => {
    isShownNow('card', at(0));
    accountFor('card', 180, at(500))();
    expect(workedSeconds('card', at(505))).toBe(505);
    const giveBack = accountFor('other', 180, at(600));
    giveBack();
    expect(workedSeconds('other', at(602))).toBe(2);
  });

  it('begins anew where a clock was set back', () => {
    isShownNow('card', at(0));
    expect(workedSeconds('card', at(-500))).toBe(0);
  });

  it('knows one card from another', () => {
    isShownNow('one', at(0));
    expect(workedSeconds('other', at(90))).toBe(0);
  });
});
