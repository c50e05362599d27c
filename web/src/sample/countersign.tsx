import { useEnter } from '../enter/enter';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { useMay } from '../parts/session';

interface CountersignProps {
  boat: string;
  circuit: { key: string; name: string; sampledBy: string[] };
}

/** All samples pass and the yard asks for a second pair of eyes. */
export function Countersign({ boat, circuit }: CountersignProps) {
  const may = useMay();
  const { enter, sending } = useEnter(boat);
  const refused = useRefused([]);
  const took = circuit.sampledBy.join(' and ');
  const own = circuit.sampledBy.includes(may.name);
  const sign = () =>
    void refused.attempt(() =>
      enter({
        entries: [{ kind: 'COUNTERSIGNED', circuit: circuit.key }],
        undo: `Countersigned, ${circuit.name}`,
      }),
    );
  return (
    <div className="flex flex-wrap items-center gap-3 py-1.5 text-[14px]">
      {may.work && !own && (
        <button type="button" className="btn btn-main" disabled={sending} onClick={sign}>
          Countersign
        </button>
      )}
      <span>
        All samples pass. {took} took them;{' '}
        {own ? 'a second person has to countersign.' : 'look at the bottles, then countersign.'}
      </span>
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}
