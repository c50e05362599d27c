import { useDraft } from '../offline/draft';
import { typedNumber } from '../words/words';
import { typedSum } from './typed-sum';
import { typedIn } from '../words/typed-quantity';
import { aboutIn, keyIn } from '../words/quantity';

/** A fuel tank while it is typed; `numbers` null while something is missing. */
export function useTank(key: string) {
  const [capacity, setCapacity] = useDraft(keyIn('L', `fuel.${key}.capacity`), aboutIn('L', 100));
  const [gauge, setGauge] = useDraft(`fuel.${key}.gauge`, '50');
  const [unusable, setUnusable] = useDraft(keyIn('L', `fuel.${key}.unusable`));
  const [burn, setBurn] = useDraft(keyIn('L/h', `fuel.${key}.burn`), aboutIn('L/h', 4));
  const capacityLiters = typedIn('L', capacity);
  const gaugePercent = typedNumber(gauge);
  const litersPerHour = typedSum('L/h', burn);
  const unusableLiters = unusable.trim() === '' ? undefined : typedIn('L', unusable);
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
