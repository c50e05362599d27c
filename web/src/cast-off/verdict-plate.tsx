import type { Result } from './go-no-go';

interface PlateProps {
  result: Result;
  /** It was kept like this, and nothing was answered since. */
  kept: boolean;
}

const MOST_NAMED = 3;

/** Go or no-go, and why; while something is open, what, or how much. */
export function VerdictPlate({ result, kept }: PlateProps) {
  const { go, stops, reasons, open } = result;
  const tone = stops ? 'border-verm' : go ? 'border-spruce' : 'border-brass';
  return (
    <div
      role="status"
      className={`rounded-[4px_16px_16px_4px] border-[3px] p-4 ${tone}`}
      aria-label="May we go"
    >
      <p className="font-stencil m-0 text-[44px] leading-none font-bold uppercase">
        {stops ? 'No-go' : go ? 'Go' : 'Not yet'}
      </p>
      {kept && <p className="m-0 mt-1 text-[17px]">This round is kept.</p>}
      {!stops && open.length > 0 && (
        <p className="m-0 mt-1 text-[17px]">
          {open.length <= MOST_NAMED
            ? `Still to look at: ${open.join(', ')}.`
            : `${open.length} things still to look at.`}
        </p>
      )}
      {reasons.length > 0 && (
        <ul className="m-0 mt-2 grid list-none gap-1.5 p-0 text-[16px]">
          {reasons.map(({ call, words }) => (
            <li
              key={words}
              className={`border-l-[5px] pl-3 ${call === 'STOP' ? 'border-verm font-bold' : 'border-brass'}`}
            >
              {words}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
