import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { StoreLine } from '../api/client';
import { storesQuery } from '../queries/queries';
import { Choice } from '../parts/field';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { day, sentence } from '../words/words';
import { CountFile } from './count-file';
import { ShelfOfItem } from './shelf-of-item';
import { amount, packageWords } from './stores-words';
import { UseStrip } from './use-strip';

/** What do I have to order? Equipment, when it runs out, and in how many packages. */
export function Stores() {
  const may = useMay();
  const [days, setDays] = useState('30');
  const [open, setOpen] = useState<string | null>(null);
  const { data, error, refetch } = useQuery(storesQuery(Number(days)));
  if (!data) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="the stores" />
    );
  }
  const order = data.lines.filter(({ packages }) => packages > 0);
  return (
    <main className="mx-auto grid w-full max-w-[1160px] flex-1 content-start gap-5 px-5 py-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
          Stores
        </h1>
        <div className="w-56 print:hidden">
          <Choice label="Look ahead" value={days} onChoose={setDays}>
            <option value="14">14 days</option>
            <option value="30">30 days</option>
            <option value="60">60 days</option>
            <option value="180">half a year</option>
          </Choice>
        </div>
      </div>
      <section
        aria-label="To order"
        className="border-brass grid gap-1.5 rounded-[4px_14px_14px_4px] border-2 px-4 py-3"
      >
        <h2 className="stencil text-[20px]">To order</h2>
        {order.length === 0 ? (
          <p className="m-0">Nothing to order.</p>
        ) : (
          <ul className="m-0 list-none p-0">
            {order.map((line) => (
              <li key={line.item} className="py-0.5">
                <b>{packageWords(line)}</b> {line.name}
                {line.runsOut && (
                  <span className="text-verm"> · not enough from {day(line.runsOut)}</span>
                )}
              </li>
            ))}
          </ul>
        )}
        <p className="m-0 flex flex-wrap gap-x-4 text-[14.5px] print:hidden">
          <a className="plain" href={`/api/stores/order.csv?days=${days}`} download>
            the order as a file
          </a>
          <a className="plain" href="/api/stores/stock.csv" download>
            the shelf as a file
          </a>
          <Link className="plain" to="/kit">
            tanks, adapters, muffs
          </Link>
        </p>
        {data.plannedWith && (
          <p className="text-soft m-0 text-[13.5px]">
            Boats still to be filled are counted with {data.plannedWith}, the fluid used last; work
            nobody has planned counts at the end of the {days} days.
          </p>
        )}
      </section>
      <ul className="m-0 list-none p-0">
        {data.lines.filter(isShown).map((line) => (
          <Item
            key={line.item}
            line={line}
            from={data.today}
            days={data.days}
            open={open === line.item}
            toggle={() => setOpen(open === line.item ? null : line.item)}
            may={may}
          />
        ))}
      </ul>
      {may.work && <CountFile />}
    </main>
  );
}

/** What nobody keeps and nothing takes would only be in the way. */
const isShown = (line: StoreLine) => line.everCounted || line.needed > 0 || line.shelves.length > 0;

interface ItemProps {
  line: StoreLine;
  from: string;
  days: number;
  open: boolean;
  toggle: () => void;
  may: ReturnType<typeof useMay>;
}

function Item({ line, from, days, open, toggle, may }: ItemProps) {
  return (
    <li className="border-line border-b py-2">
      <button
        type="button"
        aria-expanded={open}
        className="grid w-full grid-cols-[1fr_auto] items-center gap-x-5 gap-y-1 border-0 bg-transparent p-0 text-left md:grid-cols-[230px_110px_1fr_190px]"
        onClick={toggle}
      >
        <b>{sentence(line.name)}</b>
        <span className={`text-right ${line.stock < 0 ? 'text-verm font-bold' : ''}`}>
          {line.everCounted ? (
            amount(line, line.stock)
          ) : (
            <span className="text-soft">not counted</span>
          )}
        </span>
        <UseStrip line={line} from={from} days={days} />
        <span className="text-[14px]">
          {line.runsOut ? (
            <b className="text-verm">runs out {day(line.runsOut)}</b>
          ) : line.needed > 0 ? (
            <span className="text-spruce font-semibold">enough</span>
          ) : (
            <span className="text-soft">not needed</span>
          )}
          {line.needed > 0 && (
            <span className="text-soft"> · needs {amount(line, line.needed)}</span>
          )}
        </span>
      </button>
      {open && <ShelfOfItem line={line} mayCount={may.work} mayOrder={may.runYard} />}
    </li>
  );
}
