import { keys } from '../api/keys';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { CheckView } from '../api/client';
import { weatherQuery } from '../queries/queries';
import { useRefused } from '../parts/refused';
import { RefusedLine } from '../parts/refused-line';
import { clock, day } from '../words/words';
import { Section } from '../parts/section';

type Problem = CheckView['problems'][number];
type Kind = Problem['kind'];
type Way = Problem['waysOut'][number]['way'];

interface Chosen {
  byRow: Record<string, Way>;
  forAll: Partial<Record<Kind, Way>>;
}

const NOTHING: Chosen = { byRow: {}, forAll: {} };

const KIND_WORDS: Record<Kind, string> = {
  UNREADABLE: 'rows that cannot be read',
  MIN_ABOVE_MAX: 'rows with the minimum above the maximum',
  LOOKS_FAHRENHEIT: 'rows that look like Fahrenheit',
  FILE_LOOKS_FAHRENHEIT: 'the file',
  DUPLICATE: 'days that are there twice',
  GAP: 'gaps',
};

/** Where the site's weather comes from, and past winters from a file. */
export function WeatherSection() {
  const queries = useQueryClient();
  const { data: weather } = useQuery(weatherQuery);
  const refused = useRefused([]);
  const [file, setFile] = useState<{ name: string; csv: string } | null>(null);
  const [chosen, setChosen] = useState<Chosen>(NOTHING);
  const [check, setCheck] = useState<CheckView | null>(null);
  const [done, setDone] = useState('');

  const look = (csv: string, ways: Chosen) =>
    refused.attempt(async () => {
      setDone('');
      setCheck(await got(api.POST('/api/weather/days/check', { body: { csv, chosen: ways } })));
    });
  const take = async (picked: File | undefined) => {
    if (!picked) return;
    const csv = await picked.text();
    setFile({ name: picked.name, csv });
    setChosen(NOTHING);
    setCheck(null);
    await look(csv, NOTHING);
  };
  const choose = (ways: Chosen) => {
    setChosen(ways);
    if (file) void look(file.csv, ways);
  };
  const keep = () =>
    refused.attempt(async () => {
      const kept = await got(api.PUT('/api/weather/days', { body: { csv: file!.csv, chosen } }));
      queries.setQueryData(weatherQuery.queryKey, kept);
      await queries.invalidateQueries({ queryKey: keys.frost });
      setFile(null);
      setCheck(null);
      setDone('Kept. The frost clock goes by it now.');
    });
  const refresh = () =>
    refused.attempt(async () => {
      queries.setQueryData(weatherQuery.queryKey, await got(api.POST('/api/weather/refresh')));
      await queries.invalidateQueries({ queryKey: keys.frost });
      setDone('The forecast is fresh.');
    });

  return (
    <Section title="Weather" more="Past winters and the forecast set the frost clock.">
      {weather && (
        <p className="m-0 text-[14.5px]">
          {weather.pastDays > 0
            ? `On record: ${day(weather.pastFirst!)} to ${day(weather.pastLast!)}.`
            : 'No past winters on record yet.'}{' '}
          {weather.fetchedAt
            ? `Forecast: ${weather.source}${weather.simulated ? ' (simulated)' : ''}, ${clock(weather.fetchedAt)}.`
            : 'No forecast.'}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-4 text-[14.5px]">
        {weather?.canRefresh && (
          <button type="button" className="btn" onClick={() => void refresh()}>
            Ask for the forecast now
          </button>
        )}
        <a className="plain" href="/api/weather/days.csv" download>
          past winters as CSV
        </a>
      </div>
      <label className="border-line bg-card grid cursor-pointer gap-1 rounded-[3px_14px_14px_3px] border-[1.5px] border-dashed p-3 text-[14.5px] has-focus-visible:outline-2">
        <span>
          <b>{file ? file.name : 'Bring days in from a CSV file'}</b>{' '}
          <span className="text-soft">
            date, tmin_c, tmax_c; days before today replace the past winters, later ones the
            forecast
          </span>
        </span>
        <input
          type="file"
          className="sr-only"
          accept=".csv,text/csv"
          aria-label="CSV file of days"
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      {check && (
        <div className="grid gap-2 text-[14.5px]">
          <p role="status" className="m-0">
            {check.rows} rows
            {check.problemCount === 0
              ? `, ${check.days} days, nothing left to settle.`
              : `; ${check.problemCount} to settle before any of it is kept.`}
          </p>
          <Problems check={check} chosen={chosen} choose={choose} />
          {check.problemCount === 0 && (
            <div>
              <button type="button" className="btn btn-main" onClick={() => void keep()}>
                Keep these days
              </button>
            </div>
          )}
        </div>
      )}
      <RefusedLine words={refused.elsewhere} />
      <span aria-live="polite" className="text-spruce text-[14px] font-semibold">
        {done}
      </span>
    </Section>
  );
}

interface ProblemsProps {
  check: CheckView;
  chosen: Chosen;
  choose: (ways: Chosen) => void;
}

function Problems({ check, chosen, choose }: ProblemsProps) {
  const kinds = [...new Set(check.problems.map((problem) => problem.kind))];
  return (
    <ul className="m-0 grid list-none gap-2 p-0">
      {kinds.map((kind) => {
        const ofKind = check.problems.filter((problem) => problem.kind === kind);
        const first = ofKind[0]!;
        return (
          <li key={kind} className="border-line grid gap-1 border-t pt-2">
            {ofKind.length > 1 && (
              <WayOut
                label={`All ${ofKind.length} ${KIND_WORDS[kind]}`}
                problem={first}
                pick={(way) => choose({ ...chosen, forAll: { ...chosen.forAll, [kind]: way } })}
              />
            )}
            {ofKind.slice(0, 12).map((problem) => (
              <WayOut
                key={problem.row}
                label={`${problem.row > 0 ? `Row ${problem.row}: ` : ''}${problem.words}`}
                problem={problem}
                pick={(way) =>
                  choose({ ...chosen, byRow: { ...chosen.byRow, [problem.row]: way } })
                }
              />
            ))}
            {ofKind.length > 12 && (
              <span className="text-soft">and {ofKind.length - 12} more like these</span>
            )}
          </li>
        );
      })}
    </ul>
  );
}

interface WayOutProps {
  label: string;
  problem: Problem;
  pick: (way: Way) => void;
}

function WayOut({ label, problem, pick }: WayOutProps) {
  return (
    <div role="group" aria-label={label}>
      <span>{label} </span>
      {problem.waysOut.map(({ way, words }, i) => (
        <span key={way}>
          {i > 0 && ' · '}
          <button type="button" className="plain" onClick={() => pick(way)}>
            {words}
          </button>
        </span>
      ))}
    </div>
  );
}
