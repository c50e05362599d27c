import { useState } from 'react';
import type { BoatView, ConditionView, Position, Said } from '../api/client';
import { useEnter } from '../enter/enter';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';
import { CallWords } from './call-words';
import { FindingPicture } from './finding-picture';
import type { Place } from './place';

interface SeeProps {
  boat: Pick<BoatView, 'id'>;
  engine: Position | null;
  condition: ConditionView;
  /** What was found last, or null. */
  found: string | null;
  place: Place;
  may: boolean;
  /** Without its name and frame, where those stand around it. */
  bare?: boolean;
  /** What a finding is entered as; where nothing is said, as the condition of an engine. */
  entryOf?: (finding: string) => Said;
}

/** Something that is looked at: what was found is one tap, by picture and words. */
export function SeeCondition({
  boat,
  engine,
  condition,
  found,
  place,
  may,
  bare = false,
  entryOf = (finding) => ({
    kind: 'CONDITION_SEEN',
    engine: engine ?? undefined,
    condition: condition.key,
    finding,
  }),
}: SeeProps) {
  const { enter, holding } = useEnter(boat.id);
  const refused = useRefused([]);
  const [again, setAgain] = useState(false);
  const finding = condition.findings.find(({ key }) => key === found);
  const say = async (key: string, words: string) => {
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ ...entryOf(key), ...place }],
        undo: `${sentence(condition.name)}: ${words}`,
      }),
    );
    if (ok) setAgain(false);
  };
  const choosing = may && (!finding || again);
  return (
    <div
      role="group"
      aria-label={sentence(condition.name)}
      className={
        bare
          ? 'grid gap-2'
          : `grid gap-2 rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${finding ? 'border-(--color-done)' : 'border-line'}`
      }
    >
      <div className="flex flex-wrap items-center gap-3">
        <span className="min-w-36 flex-1">
          {!bare && <b>{sentence(condition.name)}</b>}
          {condition.how && <span className="text-soft block text-[14.5px]">{condition.how}</span>}
        </span>
        {finding && !choosing && (
          <span className="flex items-center gap-2">
            <FindingPicture condition={condition.key} finding={finding.key} />
            {finding.words}
          </span>
        )}
        {finding && may && !again && (
          <button
            type="button"
            className="btn"
            aria-label={`${sentence(condition.name)}: look again`}
            onClick={() => setAgain(true)}
          >
            Again
          </button>
        )}
      </div>
      {choosing && (
        <div className="grid gap-2 sm:grid-cols-2">
          {condition.findings.map(({ key, words }) => (
            <button
              key={key}
              type="button"
              className="btn justify-start text-left"
              disabled={holding}
              onClick={() => void say(key, words)}
            >
              <FindingPicture condition={condition.key} finding={key} />
              {sentence(words)}
            </button>
          ))}
        </div>
      )}
      {finding && <CallWords call={finding.call} words={finding.todo} />}
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}
