import { useEffect, useMemo, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import type { BoatView, CardView, NewEntry, Procedure } from '../api/client';
import { Collecting } from '../enter/collecting';
import { boatQuery, cardQuery, cardToOpenQuery } from '../queries/queries';
import { reasonOf } from '../api/refusal';
import { SampleWith } from '../sample/sample-with';
import type { WaitingEntry } from '../offline/database';
import { useLine } from '../offline/device';
import { provisional } from '../offline/provisional';
import { Field } from '../parts/field';
import { useMay } from '../parts/session';
import { Loading, Trouble as Failed } from '../parts/states';
import { useUsing } from '../parts/using';
import { typedNumber } from '../words/words';
import { yardNow } from '../time/yard-clock';
import { yardMoment } from '../words/yard-moment';
import { useKeptSheet } from './kept-sheet';
import { PaperStep } from './paper-step';
import { opening, sendSheet, sendZeroCheck } from './send-sheet';
import { EMPTY, timed, without } from './sheet';
import type { Trouble } from './sheet';

/** A card that was worked through on paper, typed in as one sheet. */
export function PaperSheet() {
  const { boatId = '', procedure = '' } = useParams();
  const may = useMay();
  const card = useQuery(cardToOpenQuery(boatId, procedure as Procedure));
  const boat = useQuery(boatQuery(boatId));
  if (!card.data || !boat.data) {
    const error = card.error ?? boat.error;
    return error ? (
      <Failed error={error} again={() => void Promise.all([card.refetch(), boat.refetch()])} />
    ) : (
      <Loading what="the sheet" />
    );
  }
  if (!may.work) {
    return (
      <main className="px-5 py-6">
        <p className="m-0">Whoever did the work types it in: a technician or the coordinator.</p>
      </main>
    );
  }
  return <SheetShown key={card.data.id} card={card.data} boat={boat.data} />;
}

function SheetShown({ card, boat }: { card: CardView; boat: BoatView }) {
  const { name } = useMay();
  const [search] = useSearchParams();
  const printed = search.get('printed') ?? '';
  const [sheet, change] = useKeptSheet(`${name}.${card.id}`, {
    printed,
    day: printed.slice(0, 10),
  });
  const { waiting } = useLine();
  const { instrument } = useUsing();
  const queries = useQueryClient();
  useEffect(() => {
    // Entries are judged here by the card they are on.
    queries.setQueryData(cardQuery(boat.id, card.id).queryKey, card);
  }, [queries, boat.id, card]);
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  const [sending, setSending] = useState(false);
  const [kept, setKept] = useState<number | null>(null);

  const held = useMemo<WaitingEntry[]>(
    () => sheet.entries.map((entry, seq) => ({ seq, person: name, boat: boat.id, entry })),
    [sheet.entries, name, boat.id],
  );
  const collects = useMemo(
    () => ({
      held,
      take: (entries: NewEntry[]) => {
        setKept(null);
        change((before) => ({ ...before, entries: [...before.entries, ...entries] }));
      },
    }),
    [held, change],
  );
  const shown = provisional(card, boat, [...waiting, ...held]);
  const measures = card.steps.some((step) =>
    step.asks.some(({ kind }) => kind === 'JUG' || kind === 'SAMPLE' || kind === 'COOLANT'),
  );
  const fills = card.steps.some((step) => step.asks.some(({ kind }) => kind === 'FILL'));

  /** First, so that what was read after it is judged by it; false where it has to be put right. */
  const zeroChecked = async () => {
    const { reading, at: time } = sheet.zero;
    if (reading.trim() === '') return true;
    const value = typedNumber(reading);
    const checkedAt = yardMoment(sheet.day, time);
    const reason =
      value === null
        ? 'Enter what clean water read, like 0.'
        : checkedAt === null
          ? 'Say when it was checked.'
          : instrument === ''
            ? 'Say first which instrument it was.'
            : null;
    if (reason) {
      setTrouble({ at: 'zero', reason });
      return false;
    }
    try {
      await sendZeroCheck(queries, instrument, value!, checkedAt!);
      change((before) => ({ ...before, zero: EMPTY.zero }));
      return true;
    } catch (error) {
      setTrouble({ at: 'zero', reason: reasonOf(error) });
      return false;
    }
  };

  const send = async () => {
    const entries = timed(
      sheet,
      card.steps.map(({ key }) => key),
      yardNow(),
    );
    if (!Array.isArray(entries)) {
      setTrouble(entries);
      document.getElementById(`paper-${entries.at}`)?.scrollIntoView({ block: 'start' });
      return;
    }
    setTrouble(null);
    setSending(true);
    try {
      if (!(await zeroChecked())) return;
      const opened = card.openedBy === '' ? [opening(card, entries[0]!)] : [];
      const sent = await sendSheet(queries, boat.id, [...opened, ...entries]);
      const lines = sent.kept.filter((id) => id !== card.id);
      const notOpened = sent.refused[card.id];
      if (notOpened) setTrouble({ at: 'send', reason: notOpened });
      change((before) => ({ ...without(before, sent.kept), refused: sent.refused }));
      setKept(lines.length);
    } catch (error) {
      setTrouble({ at: 'send', reason: reasonOf(error) });
    } finally {
      setSending(false);
    }
  };

  const at = (key: string) => (trouble?.at === key ? trouble.reason : null);
  const refused = Object.keys(sheet.refused).length;
  return (
    <Collecting.Provider value={collects}>
      <main className="mx-auto w-full max-w-[960px] flex-1 px-5 pt-4 pb-32">
        <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
          {card.boatName}: {card.procedureWords}
        </h1>
        <p className="m-0 mt-2 max-w-[70ch]">
          As it stands on paper. What the paper leaves blank stays blank here: nobody looked at it.
          Your name goes into the record, so type in what you did yourself, and note it at the step
          where somebody else did it.
        </p>
        <div className="mt-4 grid max-w-[640px] gap-4 sm:grid-cols-2">
          <div id="paper-printed">
            <Field
              label="The card was printed"
              type="datetime-local"
              value={sheet.printed}
              onType={(printedAt) => change((before) => ({ ...before, printed: printedAt }))}
              error={at('printed')}
              hint="it stands at its head"
            />
          </div>
          <div id="paper-day">
            <Field
              label="The work began on"
              type="date"
              value={sheet.day}
              onType={(day) => change((before) => ({ ...before, day }))}
              error={at('day')}
            />
          </div>
        </div>
        {(measures || fills) && (
          <SampleWith
            instrument={measures}
            filledWith={boat.circuits.find((circuit) => circuit.lot)?.lot ?? null}
          />
        )}
        {measures && (
          <div id="paper-zero" className="mt-3 grid max-w-[640px] gap-4 sm:grid-cols-2">
            <Field
              label="Zero check on clean water read"
              inputMode="decimal"
              value={sheet.zero.reading}
              onType={(reading) =>
                change((before) => ({ ...before, zero: { ...before.zero, reading } }))
              }
              error={at('zero')}
              hint="where one was made on paper that day"
            />
            <Field
              label="Checked at"
              type="time"
              value={sheet.zero.at}
              onType={(time) =>
                change((before) => ({ ...before, zero: { ...before.zero, at: time } }))
              }
            />
          </div>
        )}
        {shown.card.steps.map((step, i) => (
          <PaperStep
            key={step.key}
            {...shown}
            number={i + 1}
            step={step}
            settledBefore={card.steps[i]!.standing !== 'OPEN'}
            sheet={sheet}
            change={change}
            trouble={at(step.key)}
          />
        ))}
      </main>
      <div className="bg-paper border-line fixed inset-x-0 bottom-0 z-20 border-t px-5 py-2.5">
        <div className="mx-auto flex max-w-[960px] flex-wrap items-center gap-x-5 gap-y-2">
          <p role="status" className="m-0 flex-1">
            {sentWords(kept, refused)}
            {sheet.entries.length > 0 &&
              ` ${sheet.entries.length} ${sheet.entries.length === 1 ? 'line' : 'lines'} on the sheet, kept on this device.`}
          </p>
          {trouble && (
            <p role="alert" className="field-error m-0">
              {trouble.at === 'send' ? trouble.reason : `Not sent: ${trouble.reason}`}
            </p>
          )}
          <Link className="btn" to={`/boats/${boat.id}`}>
            To the boat
          </Link>
          <button
            type="button"
            className="btn btn-main"
            disabled={sending || sheet.entries.length === 0}
            onClick={() => void send()}
          >
            Enter the sheet
          </button>
        </div>
      </div>
    </Collecting.Provider>
  );
}

function sentWords(kept: number | null, refused: number): string {
  if (kept === null) return '';
  const entered = `${kept} ${kept === 1 ? 'line is' : 'lines are'} in the record.`;
  return refused === 0
    ? entered
    : `${entered} ${refused} ${refused === 1 ? 'was' : 'were'} refused; why stands at each.`;
}
