import { sentence } from '../../words/words';
import { goToAsk } from '../bar/go-to-ask';
import type { Place, Where } from './places';

interface StepMapProps {
  where: Where;
  /** Of the circuit. */
  name: string;
}

const SCREEN = 354;
const AROUND = 22;
const TEXT = 15;
const LINE = 16;

/** This boat's own water path, cut to where the hands are; its places numbered in their order. */
export function StepMap({ where: { layout, places }, name }: StepMapProps) {
  const xs = places.flatMap(({ placed }) => [
    placed.x - placed.width / 2,
    placed.x + placed.width / 2,
  ]);
  const first = Math.min(...xs) - AROUND;
  const width = Math.max(SCREEN, Math.max(...xs) + AROUND - first);
  const left = first - Math.max(0, (width - (Math.max(...xs) + AROUND - first)) / 2);
  const scale = width / SCREEN;
  const shown = layout.placed.filter(
    ({ x, width: own }) => x + own / 2 > left && x - own / 2 < left + width,
  );
  const top = Math.min(...shown.map(({ y, height }) => y - height / 2)) - 18 * scale;
  const bottom =
    Math.max(...shown.map(({ y, height }) => y + height / 2), ...places.map(({ y }) => y)) +
    18 * scale;
  return (
    <svg
      viewBox={`${left} ${top} ${width} ${bottom - top}`}
      className="border-line bg-card mt-3 block w-full max-w-[620px] border-y"
      role="group"
      aria-label={`Where: ${name}`}
    >
      {layout.pipes.map(({ key, points }) => (
        <polyline
          key={key}
          points={points.map((point) => point.join(',')).join(' ')}
          fill="none"
          stroke="var(--color-line)"
          strokeWidth={7}
          strokeLinejoin="round"
        />
      ))}
      {shown.map((placed) => (
        <Segment
          key={placed.segment.key}
          placed={placed}
          here={places.some((place) => place.placed === placed)}
        />
      ))}
      {places.map((place) => (
        <Numbered key={place.number} place={place} scale={scale} />
      ))}
    </svg>
  );
}

/** A segment with its name where something is to be done; else a bead. */
function Segment({ placed, here }: { placed: Place['placed']; here: boolean }) {
  const { x, y, width, height, segment } = placed;
  const lines = here ? inTwo(segment.name) : [];
  return (
    <g>
      <rect
        x={x - width / 2}
        y={y - height / 2}
        width={width}
        height={height}
        rx={7}
        fill={here ? 'var(--color-paper-2)' : 'var(--color-line)'}
        stroke={here ? 'var(--color-ink)' : 'none'}
        strokeWidth={1.6}
      />
      {lines.map((line, i) => (
        <text
          key={line}
          x={x}
          y={y + 4 + (i - (lines.length - 1) / 2) * LINE}
          textAnchor="middle"
          fontSize={TEXT}
          fill="var(--color-ink)"
        >
          {line}
        </text>
      ))}
    </g>
  );
}

const LONGEST = 13;

/** A name in one line or two. */
function inTwo(name: string): string[] {
  if (name.length <= LONGEST) return [name];
  const words = name.split(' ');
  const first = words.slice(0, Math.ceil(words.length / 2)).join(' ');
  const second = words.slice(Math.ceil(words.length / 2)).join(' ');
  return second ? [first, second] : [first];
}

function Numbered({ place: { number, ask, x, y }, scale }: { place: Place; scale: number }) {
  const go = () => goToAsk(ask);
  const done = ask.answered;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${number}: ${sentence(ask.label)}`}
      className="cursor-pointer"
      onClick={go}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        go();
      }}
    >
      <circle cx={x} cy={y} r={28 * scale} fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r={12.5 * scale}
        fill={done ? 'var(--color-done-fill)' : 'var(--color-brass)'}
        stroke="var(--color-paper)"
        strokeWidth={2 * scale}
      />
      <text
        x={x}
        y={y + 5 * scale}
        textAnchor="middle"
        fontSize={15 * scale}
        fontWeight={800}
        fill="var(--color-on-brass)"
      >
        {number}
      </text>
    </g>
  );
}
