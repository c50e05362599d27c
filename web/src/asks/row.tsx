import { useContext, useEffect, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { Collecting } from '../enter/collecting';
import { PhotoHere } from '../place/photo-here';
import { NumberHere } from '../place/place';
import { sentence } from '../words/words';

interface RowProps {
  label: string;
  /** Where it is and with what; how it stands. */
  beside: string;
  /** What it gave trouble with before. */
  trouble?: string | null;
  /** How it was answered; null while it was not. */
  answer: string | null;
  tone: 'open' | 'done' | 'bad';
  /** Open from the beginning: it has to be answered by itself. */
  unfolded: boolean;
  children: ReactNode;
}

const EDGES = { open: 'border-line', done: 'border-(--color-done)', bad: 'border-brass' };

/** One thing a step asks for in a line; its few answers when it is touched. */
export function Row({ label, beside, trouble, answer, tone, unfolded, children }: RowProps) {
  const [touched, setTouched] = useState<boolean | null>(null);
  // Answered, it folds again by itself.
  const [answeredWhen, setAnsweredWhen] = useState(answer);
  if (answer !== answeredWhen) {
    setAnsweredWhen(answer);
    setTouched(null);
  }
  // What is typed in from paper is typed thing by thing.
  const sheet = useContext(Collecting);
  const open = touched ?? ((unfolded || sheet !== null) && (answer === null || tone === 'bad'));
  const place = useRef<HTMLElement>(null);
  // Its answers are not hidden behind the foot of the step.
  useEffect(() => {
    if (touched) place.current?.scrollIntoView({ block: 'nearest' });
  }, [touched]);
  return (
    <section
      ref={place}
      aria-label={sentence(label)}
      className={`border-l-[5px] ${EDGES[tone]} bg-card scroll-mt-4 scroll-mb-[270px] rounded-[0_14px_14px_0]`}
    >
      <div className="flex">
        <button
          type="button"
          className="flex min-h-[62px] min-w-0 flex-1 items-center gap-3 px-3 py-1.5 text-left"
          aria-expanded={open}
          onClick={() => setTouched(!open)}
        >
          <NumberHere />
          <span className="min-w-0 flex-1">
            <b className="block text-[17px] leading-tight">{sentence(label)}</b>
            {beside && <span className="text-soft block text-[14px] leading-tight">{beside}</span>}
            {trouble && (
              <span className="text-brass block text-[14px] leading-tight font-semibold">
                {trouble}
              </span>
            )}
          </span>
          {answer !== null && (
            <span
              className={`max-w-[44%] text-right text-[15px] leading-tight font-semibold ${tone === 'bad' ? 'text-brass' : 'text-spruce'}`}
            >
              {answer}
            </span>
          )}
          <span aria-hidden="true" className="text-soft w-4 text-center text-[20px]">
            {open ? '–' : '+'}
          </span>
        </button>
        <PhotoHere />
      </div>
      {open && <div className="grid gap-2 px-3 pb-3">{children}</div>}
    </section>
  );
}
