import { useState } from 'react';
import type { RedTagView } from '../api/client';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock, sentence } from '../words/words';

/** A filled tag on a string, its hole above: nothing else in the yard looks so. */
export function RedTagMark({ size = 18 }: { size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="-10 -12 20 24"
      aria-hidden="true"
      className="inline-block shrink-0"
    >
      <RedTagShape />
    </svg>
  );
}

/** The same, to be drawn where it hangs; its string begins at the origin's top. */
export function RedTagShape() {
  return (
    <>
      <path d="M0 -11 V-5" stroke="var(--color-verm)" strokeWidth={1.6} />
      <path d="M-7 -1 L-3 -6 H3 L7 -1 V11 H-7 Z" fill="var(--color-verm)" />
      <circle cx={0} cy={-2.2} r={1.7} fill="var(--color-card)" />
      <path d="M-3.6 4 H3.6" stroke="var(--color-card)" strokeWidth={2} />
    </>
  );
}

/** What was found, and what lifts it: for whoever only has to know. */
export function RedTagLines({ tags }: { tags: readonly RedTagView[] }) {
  if (tags.length === 0) return null;
  return (
    <ul aria-label="Red tags" className="m-0 grid list-none gap-2 p-0">
      {tags.map((tag) => (
        <li key={nameOf(tag)} className="flex gap-2.5">
          <RedTagMark size={22} />
          <TagWords tag={tag} />
        </li>
      ))}
    </ul>
  );
}

interface TagsProps {
  tags: readonly RedTagView[];
  boat: string;
  mayWork: boolean;
  mayLift: boolean;
}

/** The stops that stand, with what is recorded against each. */
export function RedTags({ tags, boat, mayWork, mayLift }: TagsProps) {
  if (tags.length === 0) return null;
  return (
    <section aria-label="Red tags" className="grid gap-3">
      {tags.map((tag) => (
        <div
          key={nameOf(tag)}
          className="border-verm bg-card rounded-[3px_12px_12px_3px] border-2 p-3"
        >
          <div className="flex gap-2.5">
            <RedTagMark size={26} />
            <TagWords tag={tag} />
          </div>
          {mayWork && <Remedies tag={tag} boat={boat} />}
          {mayLift && tag.liftable && <Lift tag={tag} boat={boat} />}
        </div>
      ))}
    </section>
  );
}

function TagWords({ tag }: { tag: RedTagView }) {
  return (
    <div className="min-w-0 text-[14.5px]">
      <p className="text-verm m-0 font-bold">{tag.words}</p>
      <p className="text-soft m-0 text-[13.5px]">
        {tag.found} · {tag.by}, {clock(tag.at)}
      </p>
      {tag.remedied && (
        <p className="m-0 text-[13.5px]">
          {sentence(tag.remedied)}: {tag.remediedBy}
        </p>
      )}
      <p className="m-0">{tag.lifts}</p>
    </div>
  );
}

function Remedies({ tag, boat }: { tag: RedTagView; boat: string }) {
  const { enter, sending } = useEnter(boat);
  const refused = useRefused([]);
  return (
    <div className="mt-2 grid gap-2">
      {tag.remedies.map((remedy) => (
        <button
          key={remedy.key}
          type="button"
          className="btn h-auto w-full py-2 text-left whitespace-normal"
          disabled={sending}
          onClick={() =>
            void refused.attempt(() =>
              enter({
                entries: [
                  {
                    kind: 'TAG_REMEDIED',
                    engine: tag.engine,
                    cause: tag.cause,
                    remedy: remedy.key,
                  },
                ],
                undo: sentence(remedy.words),
              }),
            )
          }
        >
          Done: {remedy.words}
        </button>
      ))}
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}

function Lift({ tag, boat }: { tag: RedTagView; boat: string }) {
  const { enter, sending } = useEnter(boat);
  const [open, setOpen] = useState(false);
  const [reason, setReason, clear] = useDraft(`lift.${boat}.${nameOf(tag)}`);
  const refused = useRefused(['reason']);
  if (!open) {
    return (
      <button type="button" className="plain mt-2 text-[14px]" onClick={() => setOpen(true)}>
        lift it without that, with a reason
      </button>
    );
  }
  const lift = async () => {
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ kind: 'TAG_LIFTED', engine: tag.engine, cause: tag.cause, reason }],
        undo: 'Red tag lifted',
      }),
    );
    if (ok) clear();
  };
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void lift();
      }}
    >
      <div className="min-w-44 flex-1">
        <Field
          label="Why may it run all the same?"
          value={reason}
          onType={setReason}
          error={refused.at('reason') ?? refused.elsewhere}
        />
      </div>
      <button type="submit" className="btn" disabled={sending}>
        Lift the tag
      </button>
    </form>
  );
}

const nameOf = (tag: RedTagView) => `${tag.cause} ${tag.engine ?? ''} ${tag.found}`;
