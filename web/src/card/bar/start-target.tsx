import type { BoatView } from '../../api/client';
import { uuid } from '../../api/uuid';
import { startOf } from '../../asks/usual';
import { useEnter } from '../../enter/enter';
import { RefusedLine } from '../../parts/refused-line';
import { useRefused } from '../../parts/refused';
import { RedTagMark } from '../../tags/red-tags';
import { sentence } from '../../words/words';
import type { Bundle, Start } from './bundle';
import { goToAsk } from './go-to-ask';
import { readyWords } from './words';

interface StartProps {
  bundle: Bundle;
  start: Start;
  boat: BoatView;
  on: { card: string; step: string };
}

/** The start of an engine, a target of its own: with it goes what is made ready for it. */
export function StartTarget({ bundle, start, boat, on }: StartProps) {
  const { enter, holding } = useEnter(boat.id);
  const refused = useRefused([]);
  const ready = readyWords(bundle, boat);
  const first = bundle.alone[0];
  const go = () => {
    const tap = bundle.writes.length > 0 ? { tap: uuid() } : undefined;
    const before = bundle.writes.flatMap(({ entries }) => entries);
    return refused.attempt(() =>
      enter({
        entries: [
          ...before.map((entry) => ({ ...entry, ...on, ...tap })),
          { ...startOf(start), ...on },
        ],
        undo: start.kind === 'KICK' ? `Engine kicked for ${start.seconds} s` : 'Engine started',
      }),
    );
  };
  return (
    <div className="grid gap-1">
      <button
        type="button"
        data-bar={first ? 'waits' : 'starts'}
        className="border-verm bg-paper-2 min-h-[72px] w-full rounded-[20px] border-[3px] px-4 py-2 text-center"
        disabled={holding || start.stopped !== null}
        onClick={() => (first ? goToAsk(first) : void go())}
      >
        <span className="flex items-center justify-center gap-2 text-[20px] leading-tight font-bold">
          {start.stopped !== null && <RedTagMark size={24} />}
          {first ? `First: ${sentence(first.label)}` : sentence(start.label)}
        </span>
        {ready && !first && <span className="mt-0.5 block text-[14px] leading-tight">{ready}</span>}
      </button>
      {start.stopped !== null && (
        <p className="text-verm m-0 text-[14.5px] font-semibold">{start.stopped}</p>
      )}
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}
