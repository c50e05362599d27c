import { reasonOf } from '../api/refusal';

/** While something is fetched. */
export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="text-soft m-0 p-8">
      Fetching {what} …
    </p>
  );
}

/** When it could not be fetched: why, and a way on. */
export function Trouble({ error, again }: { error: unknown; again: () => void }) {
  return (
    <div role="alert" className="grid max-w-xl gap-3 p-8">
      <h2 className="stencil text-verm text-xl">This could not be shown</h2>
      <p className="m-0">{reasonOf(error)}</p>
      <div>
        <button type="button" className="btn" onClick={again}>
          Try again
        </button>
      </div>
    </div>
  );
}
