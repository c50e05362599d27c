import type { CircuitView, FittingView } from '../api/client';
import { percent } from '../words/words';
import { celsius, liters } from '../words/quantity';
import { pathSegments } from '../path/path-segments';

const CONTENT = { WATER: 'water', EMPTY: 'empty', ANTIFREEZE: 'antifreeze' };

/** The same facts as the drawing, as a table. */
export function PathTable({
  circuit,
  fittings,
}: {
  circuit: CircuitView;
  fittings: FittingView[];
}) {
  const byKey = new Map(fittings.map((fitting) => [fitting.key, fitting]));
  const contents = new Map(pathSegments(circuit.path).map((s) => [s.key, CONTENT[s.content]]));
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-[14px]">
        <caption className="sr-only">Low points of {circuit.name}</caption>
        <thead>
          <tr className="stencil text-soft text-left text-[13.5px]">
            {[
              'Low point',
              'Volume',
              'Holds',
              'Opens by',
              'Seen',
              'Measured',
              'Predicted',
              'Freeze · burst',
              'Verdict',
            ].map((head) => (
              <th key={head} scope="col" className="px-2 py-1.5 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {circuit.points.map((point) => (
            <tr key={point.key} className="border-line border-t">
              <th scope="row" className="px-2 py-1.5 text-left font-semibold">
                {point.name}
              </th>
              <td className="px-2 py-1.5">{liters(point.liters)}</td>
              <td className="px-2 py-1.5">{contents.get(point.segment)}</td>
              <td className="px-2 py-1.5">
                {point.opens
                  ? `${byKey.get(point.opens)?.name} ${byKey.get(point.opens)?.stateWords}`
                  : 'nothing to open'}
              </td>
              <td className="px-2 py-1.5">{point.seenWords ?? '–'}</td>
              <td className="px-2 py-1.5">
                {point.massFraction == null ? '–' : percent(point.massFraction)}
              </td>
              <td className="px-2 py-1.5">
                {point.predictedMassFraction == null ? '–' : percent(point.predictedMassFraction)}
              </td>
              <td className="px-2 py-1.5">
                {point.verdict?.freezePointC == null
                  ? '–'
                  : `${celsius(point.verdict.freezePointC)} · ${point.verdict.burstIsFloor ? 'at or below ' : ''}${celsius(point.verdict.burstPointC!)}`}
              </td>
              <td className="px-2 py-1.5">
                {point.verdict?.outcome.toLowerCase().replaceAll('_', ' ') ??
                  (point.required ? 'not sampled' : 'not asked for')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
