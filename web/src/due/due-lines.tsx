import type { DueLine, DueOfBoat } from '../api/client';
import { useEnter } from '../enter/enter';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { dueName, hasNoRecord, lastWords, whenWords } from './due-words';

interface LinesProps {
  of: DueOfBoat;
  lines: DueLine[];
  /** Whether whoever looks may want something done. */
  may: boolean;
}

/** What falls due on a boat, a line each; what nobody ever wrote down together in one. */
export function DueLines({ of, lines, may }: LinesProps) {
  const { enter, sending } = useEnter(of.boat);
  const refused = useRefused([]);
  const want = (line: DueLine) =>
    void refused.attempt(() =>
      enter({
        entries: [{ kind: 'DUE_PLANNED', engine: line.engine ?? undefined, item: line.item }],
        undo: `${dueName(line, of.severalEngines)} on the next visit`,
      }),
    );
  const unrecorded = lines.filter(hasNoRecord);
  return (
    <>
      {of.narrowing.length > 0 && (
        <p className="text-verm m-0 py-1 text-[14.5px] font-semibold">
          Raw-water path narrowing: descale or inspect.{' '}
          {of.narrowing.map(({ words }) => words).join(' ')}
        </p>
      )}
      <ul className="m-0 list-none p-0">
        {lines
          .filter((line) => !hasNoRecord(line))
          .map((line) => (
            <li
              key={`${line.engine} ${line.item}`}
              className="border-line flex flex-wrap items-baseline gap-x-4 border-b py-1.5 text-[14.5px]"
            >
              <span className="min-w-[180px] flex-1">
                <b>{dueName(line, of.severalEngines)}</b>
                <span className={isPressing(line) ? 'text-verm font-semibold' : ''}>
                  {' '}
                  · {line.standingWords}
                  {whenWords(line) && `, ${whenWords(line)}`}
                </span>
                <span className="text-soft block text-[13.5px]">
                  {line.why} {lastWords(line)}.
                </span>
              </span>
              {line.plannedBy ? (
                <span className="text-spruce text-[13.5px] font-semibold">
                  on the next visit, {line.plannedBy}
                </span>
              ) : (
                may && (
                  <button
                    type="button"
                    className="plain text-[13.5px]"
                    aria-label={`${dueName(line, of.severalEngines)}: do on next visit`}
                    disabled={sending}
                    onClick={() => want(line)}
                  >
                    do on next visit
                  </button>
                )
              )}
            </li>
          ))}
      </ul>
      {unrecorded.length > 0 && (
        <p className="text-soft m-0 py-1.5 text-[13.5px]">
          No record, so due: {unrecorded.map((line) => dueName(line, of.severalEngines)).join(', ')}
          .
        </p>
      )}
      <RefusedLine words={refused.elsewhere} />
    </>
  );
}

const isPressing = ({ standing }: DueLine) => standing === 'AT_ONCE' || standing === 'OVERDUE';
