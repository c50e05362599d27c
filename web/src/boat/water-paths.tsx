import { useLayoutEffect, useState } from 'react';
import type { CircuitView, FittingView } from '../api/client';
import { ProtectionMark, protectionTone, protectionWords } from '../parts/protection';
import { sentence } from '../words/words';
import { celsius, liters } from '../words/quantity';
import { COMPACT, pathLayout } from '../path/path-layout';
import { PathTable } from './path-table';
import { WaterPath } from './water-path';

interface WaterPathsProps {
  circuits: CircuitView[];
  fittings: FittingView[];
  chosen: string | null;
  choose: (fitting: string) => void;
  editSegment?: ((circuit: string, segment: string) => void) | undefined;
  /** Nothing has happened yet: no protection is said. */
  draft?: boolean;
}

/** Segments that nothing tells of, by name. */
const NAMED = 3;

const WIDE = 500;

/** All circuits of a boat side by side, engines first; one alone has the room to itself. */
export function WaterPaths(props: WaterPathsProps) {
  const begun = performance.now();
  useLayoutEffect(() => {
    performance.measure('water paths', { start: begun });
  });
  const { circuits } = props;
  const drawn = circuits.filter((c) => c.path.length > 0 && c.kind !== 'COOLANT');
  const small = drawn.filter((c) => c.kind === 'RAW_WATER').length > 1 || drawn.length > 3;
  return (
    <div className="grid gap-x-5 px-5 pt-2 lg:grid-cols-2">
      {drawn.map((circuit) => (
        <Circuit
          key={circuit.key}
          {...props}
          circuit={circuit}
          coolant={circuits.find((c) => c.kind === 'COOLANT' && c.engine === circuit.engine)}
          small={small || circuit.kind !== 'RAW_WATER'}
        />
      ))}
      <Undrawn circuits={circuits.filter((c) => c.path.length === 0)} />
    </div>
  );
}

/** What cannot be drawn: nobody has said whether it is there, or it holds no water. */
function Undrawn({ circuits }: { circuits: CircuitView[] }) {
  const unanswered = circuits.filter((c) => c.kind === 'UNANSWERED' && c.protection === 'UNKNOWN');
  const dry = circuits.filter((c) => c.kind !== 'UNANSWERED');
  if (unanswered.length + dry.length === 0) return null;
  return (
    <section aria-label="Without a drawing" className="grid gap-1 py-2 text-[14px] lg:col-span-2">
      {unanswered.length > 0 && (
        <p className="m-0 flex items-start gap-2">
          <span className="mt-1">
            <ProtectionMark of="UNKNOWN" />
          </span>
          <span>
            Unknown whether it has{' '}
            <b className="font-semibold">{unanswered.map((c) => c.name).join(', ')}</b>: treated as
            wet.
          </span>
        </p>
      )}
      {dry.map((circuit) => (
        <p key={circuit.key} className="m-0 flex items-center gap-2">
          <ProtectionMark of={circuit.protection} />
          {sentence(circuit.name)}: {protectionWords(circuit.protection)}
        </p>
      ))}
    </section>
  );
}

interface CircuitProps extends WaterPathsProps {
  circuit: CircuitView;
  coolant: CircuitView | undefined;
  small: boolean;
}

function Circuit({
  circuit,
  coolant,
  small,
  fittings,
  chosen,
  choose,
  editSegment,
  draft,
}: CircuitProps) {
  const [table, setTable] = useState(false);
  const own = fittings.filter((fitting) => fitting.circuit === circuit.key);
  const wide = !small || pathLayout(circuit.path, COMPACT, false).width > WIDE;
  return (
    <section
      aria-label={sentence(circuit.name)}
      className={`min-w-0 pt-1.5 ${wide ? 'lg:col-span-2' : ''}`}
    >
      <div className="flex flex-wrap items-center gap-x-2.5">
        <h2 className="stencil text-[18px]">{circuit.name}</h2>
        {!draft && (
          <span
            className={`flex items-center gap-1.5 text-[13.5px] font-bold ${protectionTone(circuit.protection)}`}
          >
            <ProtectionMark of={circuit.protection} />
            {protectionWords(circuit.protection)}
          </span>
        )}
        <span className="text-soft text-[13px]">{about(circuit)}</span>
        {coolant && <Coolant coolant={coolant} draft={draft} />}
        {!draft && (
          <button
            type="button"
            className="plain ml-auto text-[13px]"
            aria-expanded={table}
            aria-label={`${sentence(circuit.name)} as a table`}
            onClick={() => setTable(!table)}
          >
            as a table
          </button>
        )}
      </div>
      {circuit.unreached && (
        <p className="text-verm m-0 max-w-[70ch] text-[14px] font-semibold">{circuit.unreached}</p>
      )}
      <Unsettled words={circuit.unsettled} />
      <div className="overflow-x-auto">
        <WaterPath
          circuit={circuit}
          fittings={own}
          chosen={chosen}
          choose={choose}
          small={small}
          editSegment={editSegment && ((segment) => editSegment(circuit.key, segment))}
        />
      </div>
      {table && <PathTable circuit={circuit} fittings={fittings} />}
    </section>
  );
}

function about(circuit: CircuitView): string {
  const fill =
    circuit.lot &&
    `${liters(circuit.litersUsed)} of ${circuit.product}, lot ${circuit.lot}, ${circuit.filledBy === 'DRAW' ? 'drawn' : 'poured'}`;
  return [liters(circuit.liters), fill].filter(Boolean).join(' · ');
}

function Coolant({ coolant, draft }: { coolant: CircuitView; draft: boolean | undefined }) {
  return (
    <span className="text-[13px]">
      coolant {liters(coolant.liters)}
      {!draft && (
        <>
          {' · '}
          <b className={`font-semibold ${protectionTone(coolant.protection)}`}>
            {protectionWords(coolant.protection)}
          </b>
          {coolant.coolant && `, freezes at ${celsius(coolant.coolant.reading)}`}
        </>
      )}
    </span>
  );
}

/** What keeps good samples from proving a circuit: segments that nothing tells of. */
function Unsettled({ words }: { words: string[] }) {
  if (words.length === 0) return null;
  const more = words.length - NAMED;
  return (
    <ul className="text-brass m-0 max-w-[80ch] list-none p-0 text-[14px] font-semibold">
      {words.slice(0, NAMED).map((one) => (
        <li key={one}>{one}</li>
      ))}
      {more > 0 && <li>and {more} more</li>}
    </ul>
  );
}
