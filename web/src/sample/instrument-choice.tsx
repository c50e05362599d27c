import { useEffect } from 'react';
import { Link } from 'react-router';
import type { ShelfView } from '../api/client';
import { Choice } from '../parts/field';
import { useUsing } from '../parts/using';
import { ago } from '../words/words';
import { numberIn, offIn } from '../words/quantity';

/** What it is read with; whether that can be trusted now is said before anything is typed. */
export function InstrumentChoice({ shelf }: { shelf: ShelfView }) {
  const { instrument: used, chooseInstrument } = useUsing();
  const glass = shelf.instruments.find((i) => i.id === used);
  // An instrument that can be trusted now is the likely choice.
  useEffect(() => {
    const likely = shelf.instruments.find((i) => i.trusted && i.scale === 'PG_FREEZE');
    if (!glass && likely) chooseInstrument(likely.id);
  }, [glass, shelf, chooseInstrument]);
  return (
    <div>
      <Choice
        label="Read with"
        value={glass ? used : ''}
        onChoose={chooseInstrument}
        error={
          glass && !glass.trusted
            ? 'No zero check on clean water that counts today: readings would have to be taken again.'
            : null
        }
        hint={
          glass?.zeroCheckedAt
            ? `${glass.scaleWords}, ±${offIn(glass.unit, glass.accuracy)}; water read ${numberIn(glass.unit, glass.zeroReading!)}, ${ago(glass.zeroCheckedAt)}`
            : undefined
        }
      >
        <option value="">choose</option>
        {shelf.instruments.map((i) => (
          <option key={i.id} value={i.id}>
            {i.name}
            {i.kind === 'SIMULATED_DIGITAL' ? ' (simulated)' : ''}
          </option>
        ))}
      </Choice>
      {glass && !glass.trusted && (
        <Link to="/bench" className="plain text-[15px]">
          Check it on the Bench
        </Link>
      )}
    </div>
  );
}
