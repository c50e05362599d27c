import { useDraft } from '../offline/draft';
import { typedNumber } from '../words/words';
import { typedSum } from './typed-sum';

/** A fuel tank while it is typed; `numbers` null while something is missing. */
export function useTank(key: string) {
  const [capacity, setCapacity] = useDraft(`fuel.${key}.capacity`, '100');
  const [gauge, setGauge] = useDraft(`fuel.${key}.gauge`, '50');
  const [unusable, setUnusable] = useDraft(`fuel.${key}.unusable`);
  const [burn, setBurn] = useDraft(`fuel.${key}.burn`, '4');
  const capacityLiters = typedNumber(capacity);
  const gaugePercent = typedNumber(gauge);
  const litersPerHour = typedSum(burn);
  const unusableLiters = unusable.trim() === '' ? undefined : typedNumber(unusable);
  const numbers =
    capacityLiters === null ||
    gaugePercent === null ||
    litersPerHour === null ||
    unusableLiters === null
      ? null
      : { capacityLiters, gaugePercent, unusableLiters, litersPerHour };
  return {
    capacity: { value: capacity, onType: setCapacity },
    gauge: { value: gauge, onType: setGauge },
    unusable: { value: unusable, onType: setUnusable },
    burn: { value: burn, onType: setBurn },
    numbers,
  };
}

export type TankTyped = ReturnType<typeof useTank>;
