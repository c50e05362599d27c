import { keys } from '../api/keys';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api } from '../api/client';
import { boatDatesQuery } from '../queries/queries';
import { shortDay } from '../words/days';
import { Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { RefusedLine } from '../parts/refused-line';

/** From when on this boat may be worked on, and until when its owner was promised it. */
export function BoatDates({ boat, mayChange }: { boat: string; mayChange: boolean }) {
  const { data: dates } = useQuery(boatDatesQuery(boat));
  const [open, setOpen] = useState(false);
  if (!dates) return null;
  return (
    <section aria-label="Dates" className="grid gap-1.5 text-[14px]">
      <h2 className="stencil text-[18px]">Dates</h2>
      <p className="m-0">
        {dates.releaseOn ? `Ours from ${shortDay(dates.releaseOn)}` : 'Ours to work on'}
        {dates.promisedOn
          ? `, work promised by ${shortDay(dates.promisedOn)}.`
          : '; no date promised for the work.'}{' '}
        {dates.launchOn && (
          <>
            Launch promised for {shortDay(dates.launchOn)}:{' '}
            <Link className="plain" to={`/launch/${boat}`}>
              ready to launch?
            </Link>{' '}
          </>
        )}
        {mayChange && (
          <button type="button" className="plain" onClick={() => setOpen(!open)}>
            change
          </button>
        )}
      </p>
      {open && (
        <DatesForm
          boat={boat}
          release={dates.releaseOn ?? ''}
          promised={dates.promisedOn ?? ''}
          launch={dates.launchOn ?? ''}
          done={() => setOpen(false)}
        />
      )}
    </section>
  );
}

interface FormProps {
  boat: string;
  release: string;
  promised: string;
  launch: string;
  done: () => void;
}

function DatesForm({ boat, done, ...shown }: FormProps) {
  // As they were when this was opened: what others change meanwhile is not undone by saving.
  const [{ release, promised, launch }] = useState(shown);
  const queries = useQueryClient();
  const [releaseOn, setReleaseOn] = useState(release);
  const [promisedOn, setPromisedOn] = useState(promised);
  const [launchOn, setLaunchOn] = useState(launch);
  const refused = useRefused(['releaseOn', 'promisedOn', 'launchOn']);
  const save = () =>
    refused.attempt(async () => {
      await api.PUT('/api/walks/boats/{id}/dates', {
        params: { path: { id: boat } },
        body: {
          was: {
            releaseOn: release || null,
            promisedOn: promised || null,
            launchOn: launch || null,
          },
          now: {
            releaseOn: releaseOn || null,
            promisedOn: promisedOn || null,
            launchOn: launchOn || null,
          },
        },
      });
      await queries.invalidateQueries({ queryKey: keys.plans });
      void queries.invalidateQueries({ queryKey: keys.boats });
      done();
    });
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field
        label="May be worked on from"
        type="date"
        value={releaseOn}
        onType={setReleaseOn}
        error={refused.at('releaseOn')}
      />
      <Field
        label="Promised by"
        type="date"
        value={promisedOn}
        onType={setPromisedOn}
        error={refused.at('promisedOn')}
      />
      <Field
        label="Afloat by"
        type="date"
        value={launchOn}
        onType={setLaunchOn}
        error={refused.at('launchOn')}
      />
      <button type="submit" className="btn btn-main justify-self-start">
        Save
      </button>
      <RefusedLine words={refused.elsewhere} />
    </form>
  );
}
