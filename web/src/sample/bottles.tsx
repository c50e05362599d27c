import type { PointView } from '../api/client';
import { isShort } from '../parts/short';
import { percent, sentence } from '../words/words';

interface BottlesProps {
  points: PointView[];
  chosen: string;
  choose: (point: string) => void;
}

const STRONG: [number, number, number] = [190, 92, 108];
const WATER: [number, number, number] = [225, 238, 246];

/** How a bottle looks: paler the more water is in it. Only the number says how strong it is. */
function tint(kept: number): string {
  const part = Math.max(0, Math.min(1, kept));
  const mixed = WATER.map((from, i) => Math.round(from + (STRONG[i]! - from) * part));
  return `rgb(${mixed.join(' ')})`;
}

/** The jug and the sample bottles side by side. */
export function Bottles({ points, chosen, choose }: BottlesProps) {
  const jug = points.find((point) => point.jugReading != null);
  return (
    <div className="flex flex-wrap items-start gap-2">
      <figure className="m-0 w-[104px] pt-2 text-center">
        <svg
          viewBox="0 0 80 96"
          width={70}
          height={84}
          aria-hidden="true"
          className="mx-auto block"
        >
          <path
            d="M22 6 h22 v12 l16 12 v54 a6 6 0 0 1 -6 6 H18 a6 6 0 0 1 -6 -6 V32 l10 -14 z"
            fill={jug ? tint(1) : 'var(--color-card)'}
            stroke="var(--color-ink)"
            strokeWidth={1.8}
          />
          <path d="M60 38 h10 v24 h-10" fill="none" stroke="var(--color-ink)" strokeWidth={1.8} />
        </svg>
        <figcaption className="text-[13.5px]">
          <b className="block">Jug</b>
          {jug?.jugMassFraction != null ? percent(jug.jugMassFraction) : 'not read'}
        </figcaption>
      </figure>
      {points.map((point) => {
        const kept = point.verdict?.strengthKept;
        const short = isShort(point);
        return (
          <button
            key={point.key}
            type="button"
            aria-pressed={point.key === chosen}
            onClick={() => choose(point.key)}
            className={`w-[138px] rounded-[3px_12px_12px_3px] border-[1.5px] px-1 pt-2 pb-1.5 text-center ${point.key === chosen ? 'border-ink bg-card' : 'border-transparent'}`}
          >
            <svg
              viewBox="0 0 60 84"
              width={60}
              height={84}
              aria-hidden="true"
              className="mx-auto block"
            >
              <path
                d="M22 4 h16 v12 c8 4 12 8 12 16 v42 a6 6 0 0 1 -6 6 H16 a6 6 0 0 1 -6 -6 V32 c0 -8 4 -12 12 -16 z"
                fill={kept == null ? 'var(--color-card)' : tint(kept)}
                stroke={short ? 'var(--color-verm)' : 'var(--color-ink)'}
                strokeWidth={short ? 2.6 : 1.7}
                strokeDasharray={kept == null ? '4 3' : undefined}
              />
            </svg>
            <span className="block text-[13.5px]">
              <b className="block">{sentence(point.name)}</b>
              <span className={short ? 'text-verm font-bold' : ''}>
                {point.couldNot != null
                  ? 'not sampled'
                  : point.massFraction == null
                    ? point.reading == null
                      ? 'not read'
                      : 'read'
                    : percent(point.massFraction)}
              </span>
            </span>
          </button>
        );
      })}
    </div>
  );
}
