import type { Result } from './go-no-go';

/** Go or no-go, and why; while something is open, how much. */
export function VerdictPlate({ result }: { result: Result }) {
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
      {!stops && open > 0 && (
        <p className="m-0 mt-1 text-[17px]">
          {open} {open === 1 ? 'thing' : 'things'} still to look at.
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
