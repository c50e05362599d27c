import { useState } from 'react';
import type { CircuitView, FittingView } from '../api/client';
import { ProtectionMark, protectionTone, protectionWords } from '../parts/protection';
import { celsius, liters, sentence } from '../parts/words';
import { COMPACT, layOutPath } from './path-layout';
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

const WIDE = 500;

/** All circuits of a boat side by side, engines first; one alone has the room to itself. */
export function WaterPaths(props: WaterPathsProps) {
  const { circuits } = props;
  const drawn = circuits.filter((c) => c.path.length > 0 && c.kind !== 'COOLANT');
  const small = drawn.filter((c) => c.kind === 'RAW_WATER').length > 1 || drawn.length > 3;
  const said = circuits.filter((c) => c.path.length === 0);
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
      {said.length > 0 && (
        <section aria-label="Without a drawing" className="py-2 lg:col-span-2">
          <ul className="m-0 flex list-none flex-wrap gap-x-5 gap-y-1 p-0 text-[14px]">
            {said.map((circuit) => (
              <li key={circuit.key} className="flex items-center gap-2">
                <ProtectionMark of={circuit.protection} />
                {sentence(circuit.name)}:{' '}
                {circuit.kind === 'UNANSWERED'
                  ? 'nobody has said whether it has one'
                  : protectionWords(circuit.protection)}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
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
  const wide = !small || layOutPath(circuit.path, COMPACT).width > WIDE;
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
      <div className="overflow-x-auto">
        <WaterPath
          circuit={circuit}
          fittings={fittings}
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
