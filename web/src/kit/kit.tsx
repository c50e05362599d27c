import { useQuery } from '@tanstack/react-query';
import type { KitPiece } from '../api/client';
import { kitQuery } from '../queries/queries';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { clock, sentence } from '../words/words';
import { RefusedLine } from '../parts/refused-line';
import { AddPiece } from './add-piece';
import { usePiece } from './use-piece';

/** Which piece fits which boat, what went through it last, and who has it? */
export function Kit() {
  const may = useMay();
  const { data, error, refetch } = useQuery(kitQuery);
  if (!data) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="the kit" />
    );
  }
  return (
    <main className="mx-auto grid w-full max-w-[1160px] flex-1 content-start gap-5 px-5 py-4">
      <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
        Kit
      </h1>
      <p className="text-soft m-0 max-w-[70ch] text-[14.5px]">
        What the yard made for its boats. A card names the piece that fits; whoever takes a tank has
        what goes through it written down, and acid that was not rinsed out stops antifreeze.
      </p>
      {data.pieces.length === 0 && <p className="m-0">Nothing hangs here yet.</p>}
      <ul className="m-0 list-none p-0">
        {data.pieces.map((piece) => (
          <Piece key={piece.id} piece={piece} may={may} />
        ))}
      </ul>
      {may.runYard && <AddPiece kinds={data.kinds} />}
    </main>
  );
}

function Piece({ piece, may }: { piece: KitPiece; may: ReturnType<typeof useMay> }) {
  const { busy, refused, take, rinse, remove } = usePiece(piece.id);
  const fits = piece.fits.filter((one) => one.fits);
  const not = piece.fits.filter((one) => !one.fits);
  const acid = piece.carried === 'ACID';
  return (
    <li className="border-line grid gap-x-5 gap-y-1 border-b py-2.5 sm:grid-cols-[1fr_1fr_auto]">
      <div>
        <b className="text-[17px]">{piece.name}</b>
        <span className="text-soft block text-[14px]">
          {sentence(piece.kindWords)}
          {piece.size && `, ${piece.size}`}
        </span>
      </div>
      <div className="text-[14.5px]">
        {piece.carriesFluid && (
          <span className={`block ${acid ? 'text-verm font-semibold' : ''}`}>
            {piece.carried === 'RINSED' ? 'Rinsed' : `Carried ${piece.carriedWords}, not rinsed`}
            {piece.carriedAt && ` · ${piece.carriedBy}, ${clock(piece.carriedAt)}`}
          </span>
        )}
        {fits.length > 0 && (
          <span className="block">Fits {fits.map((one) => one.boatName).join(', ')}</span>
        )}
        {not.length > 0 && (
          <span className="text-soft block">
            Not on {not.map((one) => one.boatName).join(', ')}
          </span>
        )}
        <span className="text-soft block">
          {piece.holder ? `${piece.holder} has it` : 'on its hook'}
        </span>
      </div>
      <div className="flex flex-wrap items-center gap-2">
        {may.work && piece.carriesFluid && piece.carried !== 'RINSED' && (
          <button
            type="button"
            className="btn"
            disabled={busy}
            aria-label={`${piece.name} is rinsed`}
            onClick={rinse}
          >
            It is rinsed
          </button>
        )}
        {may.work && (!piece.holder || piece.holder === may.name || may.runYard) && (
          <button
            type="button"
            className="btn"
            disabled={busy}
            aria-label={piece.holder ? `Hang ${piece.name} up` : `Take ${piece.name}`}
            onClick={() => take(!piece.holder)}
          >
            {piece.holder ? 'Hang it up' : 'Take it'}
          </button>
        )}
        {may.runYard && !piece.holder && (
          <button
            type="button"
            className="plain text-[14px]"
            disabled={busy}
            aria-label={`Strike ${piece.name}`}
            onClick={remove}
          >
            strike it
          </button>
        )}
      </div>
      <RefusedLine words={refused} className="sm:col-span-3" />
    </li>
  );
}
