import type { ReactNode } from 'react';
import type { Portion } from './vessel';
import { Vessel } from './vessel';
import { Copyable } from '../parts/copyable';
import { liters } from '../words/quantity';

interface SheetProps {
  title: string;
  more: string;
  children: ReactNode;
}

/** One calculation: what is asked above, what comes out below. */
export function Sheet({ title, more, children }: SheetProps) {
  return (
    <section aria-label={title} className="grid content-start gap-3">
      <div>
        <h2 className="stencil text-[19px]">{title}</h2>
        <p className="text-soft m-0 text-[14px]">{more}</p>
      </div>
      {children}
    </section>
  );
}

interface OutcomeProps {
  portions: Portion[];
  children?: ReactNode;
}

/** What to pour together, drawn and in numbers. */
export function Outcome({ portions, children }: OutcomeProps) {
  return (
    <div className="border-ink border-t-[1.5px] pt-3" aria-live="polite">
      <div className="flex items-center gap-4">
        <Vessel portions={portions} />
        <dl className="m-0 grid gap-1.5">
          {[...portions].reverse().map((portion) => (
            <div key={portion.name}>
              <dt className="text-soft text-[13.5px]">{portion.name}</dt>
              <dd className="m-0">
                <Copyable
                  value={portion.liters}
                  shown={liters(portion.liters)}
                  className="font-stencil text-[24px] leading-none font-semibold"
                />
              </dd>
            </div>
          ))}
        </dl>
      </div>
      {children && <div className="mt-2.5 grid gap-1.5">{children}</div>}
    </div>
  );
}
