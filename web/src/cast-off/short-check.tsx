import { useState } from 'react';
import type { CastOffRound, RoundCheck, RoundPart } from '../api/client';
import { Row } from '../asks/row';
import { sentence } from '../words/words';
import { Check } from './checks';
import { isAnswered, keyOf, standingOf } from './go-no-go';
import type { Answers, Found } from './go-no-go';

/** What is looked at from one place, on one screen. */
export interface Screen {
  title: string;
  parts: RoundPart[];
}

const TITLES = { STOPPED: 'Engines stopped', HELM: 'At the helm' };

/** Engines stopped is one screen, the helm one, each engine that is started one. */
export function screensOf(round: CastOffRound): Screen[] {
  const still = (['STOPPED', 'HELM'] as const).map((phase) => ({
    title: TITLES[phase],
    parts: round.parts.filter((part) => part.phase === phase),
  }));
  const running = round.parts
    .filter(({ phase }) => phase === 'RUNNING')
    .map((part) => ({ title: part.title, parts: [part] }));
  return [...still, ...running].filter(({ parts }) => parts.length > 0);
}

/** What is said of a check that is as it should be; null for a number. */
export function usualFound({ ask }: RoundCheck): Found | null {
  if (ask.kind === 'SET') return { state: ask.to };
  return ask.kind === 'SEE' ? { finding: ask.condition.findings[0]!.key } : null;
}

/** More are counted; their lines stand above. */
const MOST_NAMED = 7;

interface ShortCheckProps {
  round: CastOffRound;
  answers: Answers;
  answer: (key: string, found: Found | undefined) => void;
  answerAll: (found: Answers) => void;
}

/** The short check: a screen at a time, one tap where all is as it should be. */
export function ShortCheck({ round, answers, answer, answerAll }: ShortCheckProps) {
  const screens = screensOf(round);
  const isDone = ({ parts }: Screen) => parts.every((part) => isAnswered(part, answers));
  const next = screens.findIndex((screen) => !isDone(screen));
  const [picked, setPicked] = useState<number | null>(null);
  const at = picked ?? (next < 0 ? screens.length - 1 : next);
  const screen = screens[at];
  if (!screen) return null;
  const checks = screen.parts.flatMap((part) => part.checks);
  const left = checks.filter((check) => standingOf(check, answers[keyOf(check)]) === null);
  const numbers = left.filter((check) => usualFound(check) === null);
  const writes = left.filter((check) => usualFound(check) !== null);
  const otherwise = checks.filter((check) => {
    const standing = standingOf(check, answers[keyOf(check)]);
    return standing !== null && standing.call !== 'GOOD';
  });
  const tap = () => {
    answerAll(Object.fromEntries(writes.map((check) => [keyOf(check), usualFound(check)!])));
    setPicked(null);
  };
  return (
    <div className="grid gap-4">
      <ol className="m-0 flex list-none flex-wrap gap-2 p-0" aria-label="Where you are">
        {screens.map((one, i) => (
          <li key={one.title}>
            <button
              type="button"
              className={`btn ${i === at ? 'bg-ink! text-paper!' : ''}`}
              aria-current={i === at ? 'step' : undefined}
              // Nothing is started before all above it was looked at.
              disabled={next >= 0 && i > next}
              onClick={() => setPicked(i)}
            >
              {one.title}
              {isDone(one) && ' ✓'}
            </button>
          </li>
        ))}
      </ol>
      {screen.parts.map((part) => (
        <section key={part.key} aria-label={part.title} className="grid gap-2">
          <h3 className="text-[17px] font-bold">{part.title}</h3>
          <p className="text-soft m-0 text-[15px]">{part.how}</p>
          {part.hazards.map((words) => (
            <p key={words} className="border-verm m-0 border-l-[5px] pl-3 font-semibold">
              {words}
            </p>
          ))}
          {part.checks.map((check) => (
            <CheckRow
              key={keyOf(check)}
              check={check}
              found={answers[keyOf(check)]}
              say={(found) => answer(keyOf(check), found)}
            />
          ))}
        </section>
      ))}
      {left.length > 0 && (
        <button
          type="button"
          data-bar={writes.length > 0 ? 'writes' : 'waits'}
          className="border-spruce bg-spruce sticky bottom-2 min-h-[68px] rounded-[4px_20px_20px_4px] border-2 px-4 py-2 text-white disabled:opacity-100"
          disabled={writes.length === 0}
          onClick={tap}
        >
          <span className="block text-[18px] leading-tight font-bold">
            {writes.length === 0
              ? `Then: ${sentence(numbers.map(({ ask }) => ask.label).join(', '))}`
              : otherwise.length > 0
                ? 'All else as it should be'
                : 'All as it should be'}
          </span>
          <span className="mt-0.5 block text-[14px] leading-tight">
            {writes.length > MOST_NAMED
              ? `${writes.length} things, each as its line says`
              : sentence(writes.map(usualWords).join(' · '))}
          </span>
        </button>
      )}
    </div>
  );
}

function usualWords({ ask }: RoundCheck): string {
  return ask.kind === 'SEE'
    ? `${ask.condition.name} ${ask.condition.findings[0]!.words}`
    : ask.label;
}

interface CheckRowProps {
  check: RoundCheck;
  found: Found | undefined;
  say: (found: Found | undefined) => void;
}

function CheckRow({ check, found, say }: CheckRowProps) {
  const { ask } = check;
  if (ask.kind === 'READ') return <Check check={check} found={found} say={say} />;
  const standing = standingOf(check, found);
  const label = ask.kind === 'SEE' ? ask.condition.name : ask.label;
  const seen =
    ask.kind === 'SEE'
      ? ask.condition.findings.find(({ key }) => key === found?.finding)?.words
      : found?.state === ask.to
        ? 'as it should be'
        : check.otherwiseWords;
  return (
    <Row
      label={label}
      beside={standing ? '' : ask.kind === 'SEE' ? (ask.condition.findings[0]?.words ?? '') : ''}
      answer={standing ? (seen ?? '') : null}
      tone={!standing ? 'open' : standing.call === 'GOOD' ? 'done' : 'bad'}
      unfolded={standing !== null && standing.call !== 'GOOD'}
    >
      <Check check={check} found={found} say={say} />
    </Row>
  );
}
