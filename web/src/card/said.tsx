import type { StepView } from '../api/client';
import type { SaidShown } from '../offline/provisional';
import { clock } from '../words/words';
import { CallWords } from '../reading/call-words';
import { PhotoShown } from '../place/photo-shown';

/** What was said at a step: notes, photos, and what readings come to. */
export function Said({ step, boat }: { step: StepView; boat: string }) {
  const shown: SaidShown[] = step.said.filter(
    (said) => said.kind === 'NOTED' || said.judgement || said.photo,
  );
  if (shown.length === 0) return null;
  return (
    <ul className="m-0 mt-4 grid list-none gap-1 p-0 text-[15.5px]">
      {shown.map((said) => (
        <li key={said.id} className="border-line border-l-[3px] pl-3">
          {said.words}
          {said.photo && <PhotoShown boat={boat} photo={said.photo} words={said.words} />}
          {said.judgement && <CallWords call={said.call ?? 'GOOD'} words={said.judgement} />}
          <span className="text-soft text-[14px]">
            {' '}
            {said.person}, {clock(said.at)}
            {said.waiting && ' · waits to go up'}
            {said.waiting && said.judgement && ', judged by this device until then'}
          </span>
        </li>
      ))}
    </ul>
  );
}
