import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import type { BoatLine, Protection, YardPlan } from '../api/client';
import { ProtectionShape, protectionWords } from '../parts/protection';
import { useOnAPhone } from '../device/on-a-phone';
import { RedTagShape } from '../tags/red-tags';
import { leftWords } from '../words/days';
import { beamOf, hullPath } from './hull';

/** Pixels of the drawing's own grid for a meter of yard. */
const PX = 12;

type Area = YardPlan['areas'][number];
type Berth = YardPlan['berths'][number];

const HULL_FILLS: Partial<Record<Protection, string>> = {
  WET: '#e1ecf5',
  UNKNOWN: '#e1ecf5',
  HELD: '#f6e0db',
};

interface PlanProps {
  plan: YardPlan;
  boats: BoatLine[];
  visible: (boat: BoatLine) => boolean;
  /** Days left until a boat's frost deadline, by boat; missing when it has none. */
  left?: Map<string, number>;
  /** On the walk of who looks. */
  mine?: ReadonlySet<string>;
}

/** The yard as it is walked, every hull to scale at its berth. */
export function YardPlanDrawing({ plan, boats, visible, left, mine }: PlanProps) {
  const phone = useOnAPhone();
  const frame = useRef<HTMLDivElement>(null);
  const boatAt = new Map(boats.filter((boat) => boat.berth).map((boat) => [boat.berth, boat]));
  const adrift = boats.filter((boat) => !boat.berth && visible(boat));
  const dock = plan.areas.find((area) => area.kind === 'DOCK');
  const first = plan.berths.find((berth) => mine?.has(boatAt.get(berth.id)?.id ?? ''));
  const [firstX, firstY] = first ? [first.xM * PX, first.yM * PX] : [0, 0];
  // On a phone it is as large as it can be read and is pushed along: one's own boats are in sight first.
  useEffect(() => {
    const box = frame.current;
    if (phone && box) box.scrollTo(firstX - box.clientWidth / 2, firstY - box.clientHeight / 2);
  }, [phone, firstX, firstY]);
  return (
    <div className="flex flex-1 flex-col">
      <div
        ref={frame}
        className={phone ? 'h-[62dvh] touch-pan-x touch-pan-y overflow-auto' : 'contents'}
      >
        <svg
          viewBox={`0 0 ${plan.widthM * PX} ${plan.heightM * PX}`}
          style={phone ? { width: plan.widthM * PX, height: plan.heightM * PX } : undefined}
          className={phone ? 'block' : 'max-h-[calc(100dvh-250px)] w-full flex-1 overflow-visible'}
          role="group"
          aria-label="Plan of the yard"
        >
          {dock && (
            <Water from={dock.yM * PX} width={plan.widthM * PX} height={plan.heightM * PX} />
          )}
          {plan.areas.map((area) => (
            <AreaDrawing
              key={area.id}
              area={area}
              berths={plan.berths.filter((b) => b.areaId === area.id)}
            />
          ))}
          {plan.berths.map((berth) => (
            <Place key={berth.id} berth={berth} taken={boatAt.has(berth.id)} />
          ))}
          {plan.berths.map((berth) => {
            const boat = boatAt.get(berth.id);
            return (
              boat && (
                <Hull
                  key={boat.id}
                  boat={boat}
                  berth={berth}
                  dimmed={!visible(boat)}
                  left={left?.get(boat.id)}
                  mine={mine?.has(boat.id) ?? false}
                />
              )
            );
          })}
        </svg>
      </div>
      {adrift.length > 0 && (
        <p className="border-line m-0 border-t px-5 py-2 text-[14px]">
          Without a berth: <Names boats={adrift} />
        </p>
      )}
    </div>
  );
}

function Names({ boats }: { boats: BoatLine[] }) {
  const navigate = useNavigate();
  return boats.map((boat, i) => (
    <span key={boat.id}>
      {i > 0 && ', '}
      <a
        href={`/boats/${boat.id}`}
        className="plain"
        onClick={(event) => {
          event.preventDefault();
          void navigate(`/boats/${boat.id}`);
        }}
      >
        {boat.name}
      </a>
    </span>
  ));
}

function Water({ from, width, height }: { from: number; width: number; height: number }) {
  const shore = from + 6;
  return (
    <g aria-hidden="true">
      <path
        d={`M-600 ${shore + 8} H0 C${width * 0.2} ${shore - 10} ${width * 0.35} ${shore + 16} ${width * 0.55} ${shore} S${width * 0.85} ${shore - 8} ${width} ${shore + 8} H${width + 600} V${height + 400} H-600Z`}
        fill="#dbe6ea"
      />
      {[0.12, 0.34, 0.58, 0.8].map((part, i) => (
        <path
          key={part}
          d={`M${width * part} ${height - 18 - (i % 2) * 22} q10 -7 20 0 t20 0`}
          fill="none"
          stroke="#a9c0c9"
          strokeWidth={1.4}
        />
      ))}
    </g>
  );
}

function AreaDrawing({ area, berths }: { area: Area; berths: Berth[] }) {
  const x = area.xM * PX;
  const y = area.yM * PX;
  const width = area.widthM * PX;
  const height = area.heightM * PX;
  const lines = [...new Map(berths.map((berth) => [berth.line, berth.yM * PX])).entries()];
  return (
    <g>
      {area.kind === 'SHED' && (
        <rect
          x={x}
          y={y}
          width={width}
          height={height}
          fill="#fbfaf6"
          stroke="var(--color-ink)"
          strokeWidth={2.2}
        />
      )}
      <text x={x + 12} y={y + 21} className="stencil" fontSize={17} fill="var(--color-ink)">
        {area.name.toUpperCase()}
      </text>
      {lines.map(([line, at]) => (
        <g key={line}>
          <text
            x={x + 14}
            y={at - 34}
            className="font-stencil"
            fontWeight={700}
            fontSize={28}
            fill="var(--color-brass)"
          >
            {line}
          </text>
          {area.kind === 'DOCK' ? (
            <rect x={x + 34} y={at + 3} width={width - 44} height={7} fill="var(--color-ink)" />
          ) : (
            <rect x={x + 34} y={at + 3} width={width - 44} height={6} fill="var(--color-line)" />
          )}
        </g>
      ))}
    </g>
  );
}

function Place({ berth, taken }: { berth: Berth; taken: boolean }) {
  return (
    <g transform={`translate(${berth.xM * PX} ${berth.yM * PX})`} aria-hidden="true">
      {!taken && (
        <path
          d="M-13 -4 V-18 M13 -4 V-18 M-13 -50 V-62 M13 -50 V-62"
          stroke="#c3bcab"
          strokeWidth={1.5}
        />
      )}
      <text
        y={22}
        textAnchor="middle"
        className="font-stencil"
        fontWeight={600}
        fontSize={12.5}
        fill="var(--color-soft)"
      >
        {berth.name}
      </text>
    </g>
  );
}

interface HullProps {
  boat: BoatLine;
  berth: Berth;
  dimmed: boolean;
  left: number | undefined;
  mine: boolean;
}

/** Marked on the plan from this many days before its deadline on. */
const SOON = 14;

function Hull({ boat, berth, dimmed, left, mine }: HullProps) {
  const navigate = useNavigate();
  const length = boat.hullLengthM * PX;
  const danger = boat.protection === 'HELD' || boat.decisionKind === 'PLUG_MISSING';
  const safe = boat.protection === 'PROVEN' || boat.protection === 'DRAINED';
  const to = `/boats/${boat.id}`;
  const soon = left !== undefined && left <= SOON;
  const loose =
    boat.decisionKind === 'PLUG_MISSING'
      ? ', a plug is missing'
      : boat.decisionKind === 'RED_TAG'
        ? ', red tag'
        : '';
  return (
    <>
      {/* What it adds to its name is a description by every browser here. */}
      {/* eslint-disable-next-line jsx-a11y/role-supports-aria-props */}
      <a
        href={to}
        aria-label={`${boat.name}, ${berth.name}, ${protectionWords(boat.protection)}${loose}${mine ? ', on your walk' : ''}`}
        aria-description={soon ? `frost deadline: ${leftWords(left)}` : undefined}
        className="group cursor-pointer outline-none"
        tabIndex={dimmed ? -1 : 0}
        onClick={(event) => {
          event.preventDefault();
          void navigate(to);
        }}
      >
        <g transform={`translate(${berth.xM * PX} ${berth.yM * PX})`} opacity={dimmed ? 0.18 : 1}>
          <path
            d={hullPath(length + 9)}
            transform="translate(0 4)"
            fill="none"
            stroke="var(--color-brass)"
            strokeWidth={3}
            className={
              mine ? '' : 'opacity-0 group-hover:opacity-60 group-focus-visible:opacity-100'
            }
          />
          <path
            d={hullPath(length)}
            fill={HULL_FILLS[boat.protection] ?? 'var(--color-card)'}
            stroke={danger ? 'var(--color-verm)' : 'var(--color-ink)'}
            strokeWidth={danger ? 2.2 : 1.3}
          />
          {safe && <CoverFolds length={length} />}
          <g transform={`translate(0 ${-length * (soon ? 0.4 : 0.36)})`}>
            <ProtectionShape of={boat.protection} scale={1.15} />
          </g>
          {boat.decisionKind === 'RED_TAG' && (
            <g transform={`translate(${beamOf(length) * 0.5} ${-length * 0.72}) scale(1.15)`}>
              <RedTagShape />
            </g>
          )}
          {boat.decisionKind === 'PLUG_MISSING' && (
            <g transform={`translate(${beamOf(length) * 0.5} ${-length * 0.66})`}>
              <circle
                r={6.5}
                fill="var(--color-card)"
                stroke="var(--color-verm)"
                strokeWidth={1.6}
                strokeDasharray="3 2"
              />
            </g>
          )}
          <text
            y={-length - 5}
            textAnchor="middle"
            fontSize={boat.decisionKind ? 12.5 : 11.5}
            fontWeight={boat.decisionKind ? 700 : 400}
            fill={boat.decisionKind ? 'var(--color-ink)' : 'var(--color-soft)'}
          >
            {boat.name}
          </text>
        </g>
      </a>
      {soon && (
        <text
          aria-hidden="true"
          className="font-stencil pointer-events-none"
          transform={`translate(${berth.xM * PX} ${berth.yM * PX})`}
          opacity={dimmed ? 0.18 : 1}
          y={-3}
          textAnchor="middle"
          fontWeight={700}
          fontSize={Math.min(15, length * 0.17)}
          fill={left <= 2 ? 'var(--color-verm)' : 'var(--color-ink)'}
        >
          {left <= 0 ? 'NOW' : `${left} d`}
        </text>
      )}
    </>
  );
}

/** The folds of a cover: laid up and safe. */
function CoverFolds({ length }: { length: number }) {
  const half = (beamOf(length) / 2) * 0.8;
  return (
    <g stroke="#cfc8b8" strokeWidth={1}>
      {[0.12, 0.24, 0.52, 0.64].map((part) => (
        <path key={part} d={`M${-half} ${-length * part} L${half} ${-length * part - 6}`} />
      ))}
    </g>
  );
}
