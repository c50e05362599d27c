import type { Units } from '../words/units';
import { METRIC, US } from '../words/units';
import { Choice } from '../parts/field';

const KINDS: { kind: keyof Units; label: string; metric: string; us: string }[] = [
  { kind: 'temperature', label: 'Temperatures', metric: '°C', us: '°F' },
  { kind: 'volume', label: 'Volumes', metric: 'L, mL', us: 'gal, fl oz' },
  { kind: 'length', label: 'Lengths', metric: 'm, mm', us: 'ft, in' },
  { kind: 'pressure', label: 'Pressures', metric: 'kPa', us: 'psi' },
];

interface PickerProps {
  legend: string;
  units: Units;
  choose: (units: Units) => void;
}

/** Metric or US, all at once or each kind by itself. */
export function UnitsPicker({ legend, units, choose }: PickerProps) {
  return (
    <fieldset data-units className="m-0 border-0 p-0">
      <legend className="mb-1 p-0 text-[14px] font-semibold">{legend}</legend>
      <div className="grid grid-cols-2 gap-2">
        {KINDS.map(({ kind, label, metric, us }) => (
          <Choice
            key={kind}
            label={label}
            value={units[kind]}
            onChoose={(value) => choose({ ...units, [kind]: value })}
          >
            <option value="METRIC">{metric}</option>
            <option value="US">{us}</option>
          </Choice>
        ))}
      </div>
      <div className="mt-2 flex gap-4">
        <button type="button" className="plain min-h-9" onClick={() => choose(METRIC)}>
          all metric
        </button>
        <button type="button" className="plain min-h-9" onClick={() => choose(US)}>
          all US
        </button>
      </div>
    </fieldset>
  );
}
