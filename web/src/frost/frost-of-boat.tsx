import { useQuery } from '@tanstack/react-query';
import type { BoatFrostView, Protection } from '../api/client';
import { boatFrostQuery } from '../queries/queries';
import { isSafe } from '../parts/fleet-standing';
import { useMay } from '../parts/session';
import { sentence } from '../words/words';
import { SeeCondition } from '../reading/see-condition';
import { daysBetween, daysOf, leftWords, shortDay } from '../words/days';

interface FrostProps {
  boat: string;
  protection: Protection;
}

/** By when this boat must be dealt with, what goes first, and what would change that. */
export function FrostOfBoat({ boat, protection }: FrostProps) {
  const { data: frost } = useQuery(boatFrostQuery(boat));
  const may = useMay();
  if (!frost || (!frost.ready && frost.feared.length === 0)) return null;
  const feared = <Feared boat={boat} feared={frost.feared} may={may.work} />;
  if (!frost.ready) {
    return (
      <section aria-label="Frost" className="grid gap-1.5 text-[14px]">
        <h2 className="stencil text-[18px]">Frost</h2>
        {feared}
      </section>
    );
  }
  if (frost.circuits.length === 0) {
    return (
      <section aria-label="Frost" className="text-[14px]">
        <h2 className="stencil text-[18px]">Frost</h2>
        {feared}
        <p className="m-0">Nothing in it can freeze at the temperatures on record.</p>
      </section>
    );
  }
  const left = frost.deadline ? daysBetween(frost.today, frost.deadline) : null;
  return (
    <section aria-label="Frost" className="grid gap-1.5 text-[14px]">
      <h2 className="stencil text-[18px]">Frost</h2>
      {feared}
      {frost.deadline ? (
        <p className="m-0">
          Do it by{' '}
          <b className={left! <= 2 ? 'text-verm' : ''}>
            {shortDay(frost.deadline)}, {leftWords(left!)}
          </b>
          , as it stands {frost.stands}.{' '}
          {frost.evenOdds && `50 % chance of damage by ${shortDay(frost.evenOdds)}.`}
        </p>
      ) : (
        <p className="m-0">
          No frost damage expected in the next {frost.share.length} days, as long as it stands{' '}
          {frost.stands}
          {isSafe(protection) ? '.' : '. It is still wet: winterize it before it is moved.'}
        </p>
      )}
      <ul className="m-0 list-none p-0">
        {frost.circuits
          .filter((circuit) => circuit.deadline)
          .sort((a, b) => a.deadline!.localeCompare(b.deadline!))
          .slice(0, 5)
          .map((circuit) => (
            <li key={circuit.circuit} className="border-line flex justify-between gap-2 border-t">
              <span>
                {sentence(circuit.name)}
                {circuit.firstToGo && circuit.firstToGo !== circuit.name && (
                  <span className="text-soft"> · {circuit.firstToGo} first</span>
                )}
              </span>
              <span className="whitespace-nowrap">{shortDay(circuit.deadline!)}</span>
            </li>
          ))}
      </ul>
      {frost.whatIfs.length > 0 && (
        <ul aria-label="What would change it" className="text-soft m-0 list-none p-0 text-[13.5px]">
          {frost.whatIfs.map((whatIf) => (
            <li key={whatIf.change}>
              {sentence(whatIf.words)}:{' '}
              <b className="text-ink">
                {whatIf.deadline
                  ? `${shortDay(whatIf.deadline)}${gained(whatIf.gainedDays)}`
                  : 'no deadline'}
              </b>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

interface FearedProps {
  boat: string;
  feared: BoatFrostView['feared'];
  may: boolean;
}

/** Circuits frost may have broken: why, and what is found there is one tap. */
function Feared({ boat, feared, may }: FearedProps) {
  return feared.map(({ circuit, words, look }) => (
    <div key={circuit} className="grid gap-1.5">
      <p className="text-verm m-0 font-semibold">{words}</p>
      <SeeCondition
        boat={{ id: boat }}
        engine={null}
        condition={look}
        found={null}
        place={{}}
        may={may}
        entryOf={(finding) => ({ kind: 'FROST_LOOKED', circuit, finding })}
      />
    </div>
  ));
}

function gained(days: number | null): string {
  if (days === null) return '';
  if (days === 0) return ', no gain';
  return days > 0 ? `, ${daysOf(days)} more` : `, ${-days} days less`;
}
