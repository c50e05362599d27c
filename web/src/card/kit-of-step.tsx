import { useQuery } from '@tanstack/react-query';
import type { BoatView, CardView, StepKit, StepView } from '../api/client';
import { kitOfCardQuery } from '../queries/queries';
import { usePiece } from '../kit/use-piece';
import { RefusedLine } from '../parts/refused-line';
import { useMay } from '../parts/session';
import { sentence } from '../words/words';

interface KitProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
}

/** The yard's own pieces this step wants: the one that fits first, and who has it. */
export function KitOfStep({ card, boat, step }: KitProps) {
  const { data = [] } = useQuery(kitOfCardQuery(boat.id, card.id));
  const wanted = data.filter((one) => one.step === step.key && one.pieces.length > 0);
  if (wanted.length === 0) return null;
  return (
    <section aria-label="Kit" className="mt-4 grid max-w-[66ch] gap-2">
      {wanted.map((one) => (
        <div key={one.kind}>
          <h2 className="text-soft m-0 text-[14.5px]">{sentence(one.words)}</h2>
          <ul className="m-0 list-none p-0">
            {one.pieces.map((piece) => (
              <PieceLine key={piece.id} piece={piece} of={one} boat={boat.id} />
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

interface LineProps {
  piece: StepKit['pieces'][number];
  of: StepKit;
  boat: string;
}

function PieceLine({ piece, of, boat }: LineProps) {
  const may = useMay();
  const { busy, refused, take, rinse, fits } = usePiece(piece.id);
  const mine = piece.holder === may.name;
  return (
    <li className="border-line flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b py-1.5">
      <span className="min-w-44 flex-1">
        <b>{piece.name}</b>
        <span className="text-soft block text-[14px]">
          {[
            piece.size,
            of.kind === 'TANK' ? '' : piece.fits ? 'fits here' : 'nobody tried it here',
            piece.carriesFluid && !piece.caution ? piece.carriedWords : '',
            piece.holder && !mine ? `${piece.holder} has it` : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
        {piece.caution && (
          <span className={piece.redLine ? 'text-(--color-hurt-ink) font-bold' : 'text-brass'}>
            {piece.caution}
          </span>
        )}
      </span>
      {may.work && (
        <span className="flex flex-wrap gap-2">
          {piece.caution && (
            <button type="button" className="btn" disabled={busy} onClick={rinse}>
              It is rinsed
            </button>
          )}
          {(mine || !piece.holder) && (
            <button
              type="button"
              className="btn"
              aria-pressed={mine}
              disabled={busy}
              onClick={() => take(!mine)}
            >
              {mine ? 'I have it' : 'Take it'}
            </button>
          )}
          {of.kind !== 'TANK' && piece.fits === null && (
            <>
              <button
                type="button"
                className="btn"
                disabled={busy}
                onClick={() => fits(boat, of.circuit, true)}
              >
                It fits
              </button>
              <button
                type="button"
                className="btn"
                disabled={busy}
                onClick={() => fits(boat, of.circuit, false)}
              >
                It does not
              </button>
            </>
          )}
        </span>
      )}
      <RefusedLine words={refused} />
    </li>
  );
}
