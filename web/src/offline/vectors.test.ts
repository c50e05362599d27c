import { describe, expect, it } from 'vitest';
import type { AskOf, AskView, CastOffRound, NewEntry } from '../api/client';
import { goNoGo, keyOf } from '../cast-off/go-no-go';
import type { Answers } from '../cast-off/go-no-go';
import { mgPerLiterOf, millilitersFor } from '../asks/dose';
import answerVectors from '../testing/vectors/answers.json';
import doseVectors from '../testing/vectors/doses.json';
import readingVectors from '../testing/vectors/readings.json';
import roundVectors from '../testing/vectors/rounds.json';
import sampleVectors from '../testing/vectors/samples.json';
import { ask } from '../testing/ask';
import { answers } from './answers';
import { readingHere, sampleHere } from './judge-here';

/** Each file is written by core's side of the same test. */
describe('what core answers', () => {
  it('is what a device comes to: does this entry answer that?', () => {
    for (const { answers: wanted, entry, given } of answerVectors) {
      const asked = { ...ask('NOTE'), answers: wanted } as AskView;
      expect(answers(asked, entry as unknown as NewEntry), JSON.stringify({ wanted, entry })).toBe(
        given,
      );
    }
  });

  it('is what a device says of a reading', () => {
    for (const { limits, unit, value, against, call, words } of readingVectors) {
      const of = { limits: limits as AskOf<'READ'>['limits'], unit };
      expect(readingHere(of, value, against), `${limits.how} ${value} ${unit}`).toEqual({
        call,
        words,
      });
    }
  });

  it('is what a device works out of chlorine', () => {
    for (const { tankLiters, percent, mgPerLiter, milliliters, twiceGives } of doseVectors) {
      expect(millilitersFor(tankLiters, mgPerLiter, percent)).toBeCloseTo(milliliters, 9);
      expect(mgPerLiterOf(2 * milliliters, tankLiters, percent)).toBeCloseTo(twiceGives, 9);
    }
  });

  it('is what a device says of a sample', () => {
    for (const { table, samples } of sampleVectors) {
      for (const { jug, reading, temperatureC, proves } of samples) {
        const sample = { lot: table.lot, instrument: table.instrument, reading, temperatureC };
        const here = sampleHere([table], jug, sample);
        expect(here?.good, `${jug} ${reading} ${temperatureC}`).toBe(proves);
      }
    }
  });

  it('is go, or no-go, as a device says', () => {
    for (const { round, found, fuel, go, reasons, open } of roundVectors) {
      const of = round as unknown as CastOffRound;
      const checks = of.parts.flatMap((part) => part.checks);
      const said: Answers = {};
      found.forEach((one, i) => {
        if (one) {
          said[keyOf(checks[i]!)] = {
            state: one.state ?? undefined,
            finding: one.finding ?? undefined,
            value: one.value ?? undefined,
            against: one.against ?? undefined,
          };
        }
      });
      const came = goNoGo(of, said, fuel ? [] : null);
      expect({ ...came, open: came.open.length }).toMatchObject({ go, reasons, open });
    }
  });
});
