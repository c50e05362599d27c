import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { GuideView } from '../api/client';
import { useEnter } from '../enter/enter';
import { guidesQuery } from '../queries/queries';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { GuidePath } from './guide-path';
import { TellWrong } from './tell-wrong';

interface GuidesProps {
  boat: string;
  /** The card and step it is looked at from, where there is one. */
  on?: { card: string; step: string };
  /** Key of the guide that is gone along at once, where it is known which. */
  only?: string;
  /** Where it was asked for already: open, and this is what closes it. */
  close?: () => void;
}

/** Something is wrong: which trouble, then a short path of looks. */
export function Guides({ boat, on, only, close: given }: GuidesProps) {
  const { data: guides = [] } = useQuery(guidesQuery);
  const { enter, sending } = useEnter(boat);
  const refused = useRefused([]);
  const [open, setOpen] = useState(given !== undefined);
  const [guide, setGuide] = useState<GuideView | null>(null);
  const say = (entry: Parameters<typeof enter>[0]['entries'][number]) =>
    refused.attempt(() => enter({ entries: [{ ...entry, ...on }] }));
  const atOnce = guides.filter(({ looks }) => looks.length === 0);
  const stepByStep = guides.filter(({ looks }) => looks.length > 0);
  const known = guides.find(({ key }) => key === only);
  if (only && !known) return null;
  const begin = () => {
    setGuide(known ?? null);
    setOpen(true);
  };
  if (!open) {
    return (
      <button type="button" className="btn" onClick={begin}>
        {known ? `Look step by step: ${known.title}` : 'Something is wrong'}
      </button>
    );
  }
  const close = () => {
    setGuide(null);
    setOpen(false);
    given?.();
  };
  return (
    <section
      aria-label="Something is wrong"
      className="border-brass grid gap-2.5 rounded-[4px_14px_14px_4px] border-[1.5px] p-3"
    >
      {guide && guide.looks.length === 0 ? (
        <TellWrong key={guide.key} guide={guide} boat={boat} on={on} />
      ) : guide ? (
        <GuidePath key={guide.key} guide={guide} say={say} sending={sending} />
      ) : (
        <>
          <h2 className="font-stencil text-[22px] font-bold">What is wrong?</h2>
          {atOnce.map((one) => (
            <button key={one.key} type="button" className="btn" onClick={() => setGuide(one)}>
              {one.title}
            </button>
          ))}
          <h3 className="text-soft mt-1 text-[15px]">Look for it step by step</h3>
          {stepByStep.map((one) => (
            <button key={one.key} type="button" className="btn" onClick={() => setGuide(one)}>
              {one.title}
            </button>
          ))}
        </>
      )}
      <RefusedLine words={refused.elsewhere} />
      <div>
        <button type="button" className="btn" onClick={close}>
          Cancel
        </button>
      </div>
    </section>
  );
}
