import { useQuery } from '@tanstack/react-query';
import type { PackingLine } from '../api/client';
import { useDraft } from '../offline/draft';
import { packingQuery } from '../queries/queries';
import { Tick } from '../parts/tick';
import { sentence } from '../words/words';
import { liters } from '../words/quantity';

const HEADS: Record<PackingLine['kind'], string> = {
  KIT: 'Kit',
  FLUID: 'Fluids',
  PART: 'Parts',
  TOOL: 'Tools',
};
const KINDS = Object.keys(HEADS) as PackingLine['kind'][];

/** What is carried in the morning, for all that is open; what is packed is ticked on this device. */
export function Packing({ date, boats }: { date: string; boats: number }) {
  const { data = [] } = useQuery(packingQuery(date));
  const [packed, setPacked] = useDraft(`packed.${date}`);
  const ticked = new Set(packed.split('\n').filter(Boolean));
  if (data.length === 0) return null;
  const left = data.filter(({ words }) => !ticked.has(words)).length;
  const toggle = (words: string) => {
    const now = new Set(ticked);
    if (!now.delete(words)) now.add(words);
    setPacked([...now].join('\n'));
  };
  return (
    <details className="border-line bg-card rounded-[3px_14px_14px_3px] border-[1.5px] px-4">
      <summary className="min-h-14 cursor-pointer content-center">
        <b>To carry</b>{' '}
        <span className="text-soft">
          {left === 0 ? 'all packed' : `${left} of ${data.length} still to pack`}
        </span>
      </summary>
      {KINDS.map((kind) => {
        const lines = data.filter((line) => line.kind === kind);
        return (
          lines.length > 0 && (
            <section key={kind} aria-label={HEADS[kind]} className="pb-2">
              <h2 className="stencil text-soft m-0 text-[15px]">{HEADS[kind]}</h2>
              <ul className="m-0 list-none p-0">
                {lines.map((line) => (
                  <li key={line.words}>
                    <button
                      type="button"
                      className="flex min-h-14 w-full items-center gap-3 text-left"
                      aria-pressed={ticked.has(line.words)}
                      onClick={() => toggle(line.words)}
                    >
                      <Tick done={ticked.has(line.words)} />
                      <span className="min-w-0 flex-1">
                        <b>
                          {line.liters !== null && `${liters(line.liters)} `}
                          {line.liters === null ? sentence(line.words) : line.words}
                        </b>
                        <span className="text-soft block text-[14px] leading-tight">
                          {line.boats.length === boats && boats > 1
                            ? 'for every boat'
                            : line.boats.join(', ')}
                        </span>
                      </span>
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          )
        );
      })}
    </details>
  );
}
