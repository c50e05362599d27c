import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { VisitPartView, VisitStepView } from '../api/client';
import { visitQuery } from '../queries/queries';
import { clock, sentence } from '../words/words';

/** The open cards of a lay-up as one visit: its phases on a line, what is next in bold. */
export function OneVisit({ boat }: { boat: string }) {
  const { data } = useQuery(visitQuery(boat));
  if (!data || data.length === 0) return null;
  const cards = [...new Set(data.map((part) => part.cardWords))];
  const next = data.flatMap(stepsOf).find(({ step }) => step.standing === 'OPEN');
  const phases = [...new Set(data.map((part) => part.phase))];
  return (
    <section aria-label="One visit" className="border-line border-t px-5 py-3">
      <h2 className="stencil text-[18px]">One visit</h2>
      <p className="text-soft m-0 mb-2 max-w-[70ch] text-[14px]">
        {sentence(cards.join(' and '))}, in the order in which they are done.
      </p>
      <ol className="m-0 list-none p-0">
        {phases.map((phase) => {
          const parts = data.filter((part) => part.phase === phase);
          const open = parts.some((part) => part.steps.some((s) => s.standing === 'OPEN'));
          return (
            <li
              key={phase}
              className="grid grid-cols-[22px_1fr] gap-x-3 sm:grid-cols-[22px_190px_1fr]"
            >
              <Knot done={!open} now={next?.part.phase === phase} />
              <h3 className={`m-0 pt-0.5 text-[15px] ${open ? 'font-bold' : 'text-soft'}`}>
                {parts[0]!.words}
              </h3>
              <ul className="col-start-2 m-0 list-none p-0 pb-3 text-[14.5px] sm:col-start-3">
                {parts.flatMap(stepsOf).map(({ part, step }) => (
                  <StepLine
                    key={`${part.card} ${step.key}`}
                    boat={boat}
                    part={part}
                    step={step}
                    next={step === next?.step}
                  />
                ))}
              </ul>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function stepsOf(part: VisitPartView) {
  return part.steps.map((step) => ({ part, step }));
}

interface LineProps {
  boat: string;
  part: VisitPartView;
  step: VisitStepView;
  next: boolean;
}

function StepLine({ boat, part, step, next }: LineProps) {
  const open = step.standing === 'OPEN';
  return (
    <li className={`py-px ${open ? '' : 'text-soft'}`}>
      <Link
        className={`plain ${next ? 'font-bold' : ''}`}
        to={`/boats/${boat}/cards/${part.card}#${step.key}`}
      >
        {step.title}
      </Link>
      <span className="text-soft"> · {part.cardWords}</span>
      {!open && (
        <span>
          {', '}
          {step.standing === 'DONE' ? 'done' : 'skipped'}
          {step.at && ` ${clock(step.at)}`}
          {step.by && ` by ${step.by}`}
        </span>
      )}
      {step.elsewhere && (
        <span className="block max-w-[64ch] pl-3 text-[13.5px]">
          {step.elsewhere.card && step.elsewhere.at && (
            <>
              {sentence(step.elsewhere.card)}, {clock(step.elsewhere.at)}.{' '}
            </>
          )}
          {step.elsewhere.words}
        </span>
      )}
    </li>
  );
}

/** A knot on the line of the visit: filled when its phase is over, ringed where it stands. */
function Knot({ done, now }: { done: boolean; now: boolean }) {
  return (
    <span aria-hidden="true" className="relative flex justify-center">
      <span className="bg-line absolute inset-y-0 w-0.5" />
      <svg width={22} height={22} viewBox="0 0 22 22" className="relative">
        {now && (
          <circle cx={11} cy={11} r={10} fill="none" stroke="var(--color-brass)" strokeWidth={2} />
        )}
        <circle
          cx={11}
          cy={11}
          r={6}
          fill={done ? 'var(--color-spruce)' : 'var(--color-paper)'}
          stroke={done ? 'var(--color-spruce)' : 'var(--color-ink)'}
          strokeWidth={2}
        />
      </svg>
    </span>
  );
}
