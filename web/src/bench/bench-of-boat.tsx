import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { BoatView, CircuitView, PointView } from '../api/client';
import { boatQuery, shelfQuery, yardQuery } from '../queries/queries';
import { Copyable } from '../parts/copyable';
import { SampleWith } from '../sample/sample-with';
import { ProtectionMark, protectionTone, protectionWords } from '../parts/protection';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { percent, sentence } from '../words/words';
import { celsius, numberIn } from '../words/quantity';
import { Countersign } from '../sample/countersign';
import { Bottles } from '../sample/bottles';
import { Curve } from '../sample/curve';
import { JugForm } from '../sample/jug-form';
import { PolicyWords } from '../sample/policy-words';
import { SampleForm } from '../sample/sample-form';
import { VerdictWords } from '../sample/verdict-words';

/** Is this boat's sample good? Jug beside samples, the curve with the readings, the verdict in words. */
export function BenchOfBoat() {
  const { boatId = '' } = useParams();
  const { data: boat, error, isPending, refetch } = useQuery(boatQuery(boatId));
  if (isPending) return <Loading what="the samples" />;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  return <Circuits key={boat.id} boat={boat} />;
}

const FILLED = ['FILLED', 'HELD', 'PROVEN'];

/** One circuit at a time; those that wait for their samples first. */
function Circuits({ boat }: { boat: BoatView }) {
  const sampled = boat.circuits.filter(
    (c) => c.points.some((p) => p.required) && c.kind !== 'COOLANT',
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const waiting =
    sampled.find((c) => c.protection === 'HELD') ??
    sampled.find((c) => c.protection === 'FILLED') ??
    sampled.find((c) => FILLED.includes(c.protection)) ??
    sampled[0];
  const circuit = sampled.find((c) => c.key === chosen) ?? waiting;
  if (!circuit) {
    return <p className="m-5">Nothing on this boat is filled with antifreeze.</p>;
  }
  return (
    <>
      {sampled.length > 1 && (
        <nav
          aria-label="Circuits"
          className="border-line flex flex-wrap gap-1 border-b px-5 py-1.5"
        >
          {sampled.map((c) => (
            <button
              key={c.key}
              type="button"
              aria-pressed={c.key === circuit.key}
              className="aria-pressed:border-ink aria-pressed:bg-card flex min-h-8 items-center gap-1.5 rounded-[3px_9px_9px_3px] border-[1.25px] border-transparent px-2.5 text-[14px]"
              onClick={() => setChosen(c.key)}
            >
              <ProtectionMark of={c.protection} />
              {sentence(c.name)}
            </button>
          ))}
        </nav>
      )}
      <Samples key={circuit.key} boat={boat} circuit={circuit} />
    </>
  );
}

function Samples({ boat, circuit }: { boat: BoatView; circuit: CircuitView }) {
  const may = useMay();
  const { data: yard } = useQuery(yardQuery);
  const { data: shelf } = useQuery(shelfQuery);
  const product = shelf?.products.find((p) => p.name === circuit.product);
  const points = circuit.points.filter((point) => point.required);
  const worst =
    points.find((p) => p.verdict?.outcome === 'HELD') ??
    points.find((p) => !p.verdict) ??
    points[0]!;
  const [chosen, setChosen] = useState<string | null>(null);
  const point = points.find((p) => p.key === chosen) ?? worst;
  const need = yard ? yard.designLowC - yard.marginK : null;
  const filled = FILLED.includes(circuit.protection);
  return (
    <main className="grid flex-1 content-start lg:grid-cols-[1fr_380px]">
      <div className="border-line bg-paper-2 flex flex-wrap items-center gap-x-6 gap-y-1 border-b px-5 py-2.5 lg:col-span-2">
        <h1 className="font-stencil text-[30px] leading-none font-bold uppercase">
          <Link to={`/boats/${boat.id}`} className="text-ink no-underline hover:underline">
            {boat.description.name}
          </Link>
        </h1>
        <p className="text-soft m-0 text-[14px]">
          {circuit.name} · {boat.berthName}
          {circuit.lot && ` · ${circuit.product}, lot ${circuit.lot}`}
          {yard && (
            <>
              <br />
              <PolicyWords yard={yard} />
            </>
          )}
        </p>
        <span className="ml-auto flex items-center gap-2" role="status" aria-label="Protection">
          <ProtectionMark of={circuit.protection} size={22} />
          <b className={`stencil text-[19px] ${protectionTone(circuit.protection)}`}>
            {protectionWords(circuit.protection)}
          </b>
        </span>
      </div>
      <section aria-label="Readings" className="border-line min-w-0 px-5 py-3 lg:border-r">
        {circuit.awaitsCountersign && <Countersign boat={boat.id} circuit={circuit} />}
        {circuit.countersignedBy && (
          <p className="text-soft m-0 text-[14px]">Countersigned by {circuit.countersignedBy}.</p>
        )}
        <Bottles points={points} chosen={point.key} choose={setChosen} />
        <Curve
          points={points}
          chosen={point.key}
          product={product?.massFraction ?? null}
          needC={need}
          policy={yard?.policy ?? 'BURST'}
        />
      </section>
      <aside aria-label="The sample" className="px-5 py-3">
        <h2 className="stencil text-[20px]">{sentence(point.name)}</h2>
        <Numbers point={point} />
        <div className="mt-2 text-[15px]">
          <VerdictWords point={point} />
          {point.parting && <p className="text-amber m-0 mt-1.5">{point.parting}</p>}
        </div>
        <p className="m-0 mt-2 text-[14.5px]">
          <Link className="plain" to={`/bench/fill?boat=${boat.id}&circuit=${circuit.key}`}>
            Try what a fill leaves
          </Link>
        </p>
        {!filled && (
          <p className="text-soft mt-4">
            There is nothing to sample: it is {protectionWords(circuit.protection)}.
          </p>
        )}
        {filled && may.work && (
          <>
            <SampleWith instrument filledWith={circuit.lot} />
            <h2 className="stencil mt-4 text-[17px]">Jug</h2>
            <JugForm boat={boat} again={points.some((p) => p.jugReading != null)} />
            <h2 className="stencil mt-4 text-[17px]">Sample, {point.name}</h2>
            <SampleForm key={point.key} boat={boat} point={point} />
          </>
        )}
      </aside>
    </main>
  );
}

function Numbers({ point }: { point: PointView }) {
  const { verdict } = point;
  const rows: [name: string, value: number, shown: string][] = [];
  const part = (name: string, value: number | null | undefined) => {
    if (value != null) rows.push([name, value * 100, percent(value)]);
  };
  if (point.reading != null) {
    rows.push([
      'Reading',
      point.reading,
      `${numberIn(point.unit ?? '', point.reading)} with ${point.instrument}`,
    ]);
    rows.push(['Sample at', point.temperatureC!, celsius(point.temperatureC!)]);
  }
  part('Glycol by mass', point.massFraction);
  part('Predicted from the log', point.predictedMassFraction);
  part('Strength kept', verdict?.strengthKept);
  if (verdict?.freezePointC != null) {
    const burst = verdict.burstPointC!;
    rows.push(['Freeze point, at worst', verdict.freezePointC, celsius(verdict.freezePointC)]);
    rows.push([
      'Burst point, at worst',
      burst,
      `${verdict.burstIsFloor ? 'at or below ' : ''}${celsius(burst)}`,
    ]);
  }
  part('Needed by mass', verdict?.neededMassFraction);
  if (rows.length === 0) return null;
  return (
    <dl className="m-0 mt-1 grid grid-cols-[auto_1fr] gap-x-4 text-[14.5px]">
      {rows.map(([name, value, shown]) => (
        <div key={name} className="contents">
          <dt className="text-soft">{name}</dt>
          <dd className="m-0">
            <Copyable value={value} shown={shown} />
          </dd>
        </div>
      ))}
    </dl>
  );
}
