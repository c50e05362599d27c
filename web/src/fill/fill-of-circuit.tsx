import { useCallback, useLayoutEffect, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { BoatView, CircuitView, Forecast } from '../api/client';
import type { Tried } from '../queries/queries';
import { forecastQuery, shelfQuery } from '../queries/queries';
import { Refusal, reasonOf } from '../api/refusal';
import { pathSegments } from '../path/path-segments';
import { Choice } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { percent } from '../words/words';
import { celsius, liters, numberIn } from '../words/quantity';
import { CeilingWords } from '../sample/ceiling-words';
import { Copyable } from '../parts/copyable';
import { FillChart } from './fill-chart';
import { FilledPath } from './filled-path';
import { Guards } from '../mix/guards';
import { usePouring } from './use-pouring';

const USUAL_TANK_L = 19;
const LEAST_TRIED_L = 20;
const PATHS_TRIED = 2.5;

interface FillOfCircuitProps {
  boat: BoatView;
  circuit: CircuitView;
}

/** What is tried on one circuit, and what it would leave. */
export function FillOfCircuit({ boat, circuit }: FillOfCircuitProps) {
  const { data: shelf } = useQuery(shelfQuery);
  const products = shelf?.products.filter((p) => p.base === 'PG' && p.massFraction != null) ?? [];
  const [chosen, setProduct] = useState<string | null>(null);
  const product =
    products.find((p) => p.id === chosen) ??
    products.find((p) => p.name === circuit.product) ??
    products.find((p) => p.ceiling.outcome == null) ??
    products[0];
  const [method, setMethod] = useState<Tried['method']>(
    circuit.filledBy === 'POUR' ? 'POUR' : 'DRAW',
  );
  const [thermostatOpen, setThermostatOpen] = useState(true);
  const [notDrained, setNotDrained] = useState<string[]>([]);
  const massFraction = product?.massFraction ?? 0;
  const { data: forecast, error } = useQuery({
    ...forecastQuery(boat.id, circuit.key, {
      liters: Math.max(LEAST_TRIED_L, Math.ceil(circuit.liters * PATHS_TRIED)),
      massFraction,
      method,
      thermostatOpen,
      notDrained: method === 'DRAW_UNDRAINED' ? [] : notDrained,
    }),
    enabled: product !== undefined,
  });
  const atField = (field: string) =>
    error instanceof Refusal && error.field === field ? reasonOf(error) : null;
  const drained = circuit.points.filter((point) => point.empties.length > 0);
  const gated = pathSegments(circuit.path).some((segment) => segment.gated);
  if (shelf && !product) {
    return (
      <p className="m-0 w-full">
        No antifreeze of known strength is on the shelf. The coordinator adds it under Settings.
      </p>
    );
  }
  return (
    <>
      <div className="w-52">
        <Choice label="Product" value={product?.id ?? ''} onChoose={setProduct}>
          {products.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}, {percent(p.massFraction!)}
            </option>
          ))}
        </Choice>
      </div>
      <div className="w-52">
        <Choice
          label="How"
          value={method}
          onChoose={(value) => setMethod(value as Tried['method'])}
          error={atField('method')}
        >
          <option value="POUR">poured into its hoses</option>
          <option value="DRAW">drawn, drained before</option>
          <option value="DRAW_UNDRAINED">drawn, not drained</option>
        </Choice>
      </div>
      {gated && method !== 'POUR' && (
        <label className="flex min-h-[38px] items-center gap-2 text-[14.5px]">
          <input
            type="checkbox"
            className="size-5"
            checked={thermostatOpen}
            onChange={(event) => setThermostatOpen(event.target.checked)}
          />
          thermostat open
        </label>
      )}
      {product && (
        <div className="w-full">
          <CeilingWords product={product} />
        </div>
      )}
      {method !== 'DRAW_UNDRAINED' && drained.length > 0 && (
        <fieldset className="m-0 flex w-full flex-wrap gap-x-4 gap-y-1 border-0 p-0 text-[14px]">
          <legend className="text-soft float-left mr-3 p-0">Does not run:</legend>
          {drained.map((point) => (
            <label key={point.key} className="flex items-center gap-1.5">
              <input
                type="checkbox"
                className="size-4"
                checked={point.empties.every((key) => notDrained.includes(key))}
                onChange={(event) =>
                  setNotDrained(without(notDrained, point.empties, event.target.checked))
                }
              />
              {point.name}
            </label>
          ))}
        </fieldset>
      )}
      <RefusedLine words={error && !atField('method') ? reasonOf(error) : null} />
      {forecast && !error && <Shown circuit={circuit} forecast={forecast} product={massFraction} />}
    </>
  );
}

function without(before: string[], keys: string[], add: boolean): string[] {
  const others = before.filter((key) => !keys.includes(key));
  return add ? [...others, ...keys] : others;
}

interface ShownProps {
  circuit: CircuitView;
  forecast: Forecast;
  product: number;
}

/** The drawing, the slider and the numbers. The server has already worked out every position. */
function Shown({ circuit, forecast, product }: ShownProps) {
  const begun = performance.now();
  const [asked, setAt] = useState(USUAL_TANK_L);
  const at = Math.min(asked, forecast.liters);
  useLayoutEffect(() => {
    performance.measure('fill look', { start: begun });
  });
  const go = useCallback((to: number) => setAt(to), []);
  const { pouring, start, stop } = usePouring(forecast.liters, at, go);
  const last = forecast.looks.length - 1;
  const look = forecast.looks[Math.round((at / forecast.liters) * last)]!;
  const names = new Map(pathSegments(circuit.path).map(({ key, name }) => [key, name]));
  const needed = forecast.neededMassFraction;
  return (
    <div className="grid w-full gap-x-6 lg:grid-cols-[1fr_330px]">
      <div className="min-w-0">
        <FilledPath circuit={circuit} look={look} needed={needed} product={product} />
        <div className="border-line flex items-center gap-4 border-y py-2">
          <button type="button" className="btn w-24" onClick={pouring ? stop : start}>
            {pouring ? 'Stop' : 'Let it in'}
          </button>
          <input
            type="range"
            aria-label="Liters gone in"
            aria-valuetext={liters(at)}
            className="flex-1"
            min={0}
            max={forecast.liters}
            step={forecast.liters / last}
            value={at}
            onChange={(event) => setAt(Number(event.target.value))}
          />
          <span className="font-stencil w-20 text-right text-[24px] font-semibold">
            {liters(at)}
          </span>
        </div>
        <FillChart
          forecast={forecast}
          product={product}
          names={names}
          at={at}
          weakest={look.weakest}
        />
      </div>
      <aside aria-label="What it leaves" className="grid content-start gap-3 pt-2">
        <Reach forecast={forecast} />
        <div>
          <h2 className="stencil text-[17px]">With {liters(at)}</h2>
          <p className="m-0 text-[14.5px]">
            Weakest: <b>{names.get(look.weakest)}</b>. Catch{' '}
            <Copyable value={look.exhaustLiters} shown={liters(look.exhaustLiters)} /> at the
            exhaust.
          </p>
          <Weakest look={look} />
        </div>
        <table className="w-full border-collapse text-[13.5px]">
          <thead>
            <tr className="text-soft text-left">
              <th scope="col" className="py-0.5 font-semibold">
                Segment
              </th>
              <th scope="col" className="py-0.5 text-right font-semibold">
                Full
              </th>
              <th scope="col" className="py-0.5 text-right font-semibold">
                By mass
              </th>
              <th scope="col" className="py-0.5 text-right font-semibold">
                Freeze · burst
              </th>
            </tr>
          </thead>
          <tbody>
            {look.segments.map((segment) => (
              <tr key={segment.name} className="border-line border-t">
                <th scope="row" className="py-0.5 text-left font-normal">
                  {names.get(segment.name)}
                </th>
                <td className="py-0.5 text-right">
                  <Copyable value={segment.level * 100} shown={percent(segment.level)} />
                </td>
                <td className="py-0.5 text-right">
                  <Copyable
                    value={segment.lowestCellMassFraction * 100}
                    shown={percent(segment.lowestCellMassFraction)}
                  />
                </td>
                <td className="py-0.5 text-right whitespace-nowrap">
                  <Copyable
                    value={segment.freezePointC}
                    shown={numberIn('°C', segment.freezePointC, -1)}
                  />
                  {' · '}
                  <Copyable
                    value={segment.burstPointC}
                    shown={`${segment.burstIsFloor ? '≤ ' : ''}${celsius(Math.round(segment.burstPointC))}`}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </aside>
    </div>
  );
}

/** How much it takes, or why it never comes to be enough. */
function Reach({ forecast }: { forecast: Forecast }) {
  const { litersToReach, litersToReachReason, neededMassFraction } = forecast;
  return (
    <div role="status">
      <h2 className="stencil text-[17px]">Until it is enough</h2>
      {litersToReach != null ? (
        <p className="m-0 text-[14.5px]">
          <Copyable
            value={litersToReach}
            shown={liters(litersToReach)}
            className="font-stencil text-[24px] leading-none font-semibold"
          />{' '}
          until every segment is full and {percent(neededMassFraction!)} by mass.
        </p>
      ) : (
        <p className="text-verm m-0 text-[14.5px] font-semibold">
          Never: {litersToReachReason ?? 'no mixture reaches the frost standard'}.
        </p>
      )}
    </div>
  );
}

function Weakest({ look }: { look: Forecast['looks'][0] }) {
  const segment = look.segments.find((s) => s.name === look.weakest);
  if (!segment) return null;
  return segment.level > 0.999 ? (
    <Guards mixture={segment} />
  ) : (
    <p className="text-amber m-0 text-[14.5px] font-semibold">
      It is {percent(segment.level)} full: what stands in it says little yet.
    </p>
  );
}
