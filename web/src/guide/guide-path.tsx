import { useState } from 'react';
import type { GuideView, Said } from '../api/client';

type Answer = GuideView['looks'][number]['answers'][number];

interface PathProps {
  guide: GuideView;
  say: (entry: Said) => Promise<boolean>;
  sending: boolean;
}

/** One look after another; each answer is kept, the last says what is to be done. */
export function GuidePath({ guide, say, sending }: PathProps) {
  const [at, setAt] = useState(guide.looks[0]!.key);
  const [end, setEnd] = useState<Answer | null>(null);
  const [added, setAdded] = useState(false);
  const look = guide.looks.find(({ key }) => key === at)!;
  const answer = async (found: Answer) => {
    const kept = await say({
      kind: 'GUIDE_LOOKED',
      guide: guide.key,
      look: look.key,
      answer: found.key,
    });
    if (!kept) return;
    if (found.next) setAt(found.next);
    else setEnd(found);
  };
  const add = async () => {
    if (await say({ kind: 'WORK_ADDED', what: end!.work })) setAdded(true);
  };
  return (
    <>
      <h2 className="font-stencil text-[22px] font-bold">{guide.title}</h2>
      <p className="m-0 font-semibold">{guide.first}</p>
      <ul className="text-verm m-0 grid list-none gap-1 p-0 text-[15px]">
        {guide.hazards.map((hazard) => (
          <li key={hazard}>{hazard}</li>
        ))}
      </ul>
      {end ? (
        <div role="status" className="grid gap-2">
          <p className="m-0 text-[18px] font-semibold">{end.todo}</p>
          {end.work && !added && (
            <button
              type="button"
              className="btn btn-main"
              disabled={sending}
              onClick={() => void add()}
            >
              Add to its work: {end.work}
            </button>
          )}
          {added && <p className="text-spruce m-0 font-semibold">On the boat’s list of work.</p>}
        </div>
      ) : (
        <fieldset className="m-0 grid gap-2 border-0 p-0">
          <legend className="p-0 text-[19px] font-bold">{look.question}</legend>
          <p className="text-soft m-0">{look.how}</p>
          {look.answers.map((one) => (
            <button
              key={one.key}
              type="button"
              className="btn"
              disabled={sending}
              onClick={() => void answer(one)}
            >
              {one.words}
            </button>
          ))}
        </fieldset>
      )}
    </>
  );
}
