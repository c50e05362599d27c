import { useMemo } from 'react';
import { useQuery } from '@tanstack/react-query';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { Mixture, PointView, YardView } from '../api/client';
import { curveQuery } from '../queries/queries';
import { percent, sentence } from '../words/words';
import { celsius, saidIn } from '../words/quantity';
import { ticksIn } from '../words/ticks';

const W = 860;
const H = 400;
const COLDEST_C = -54;
const EDGE = { left: 58, right: 20, top: 14, bottom: 44 };

interface CurveProps {
  points: PointView[];
  chosen: string;
  /** Glycol by mass in the product as it is labelled; drawn until its jug has been read. */
  product: number | null;
  needC: number | null;
  policy: YardView['policy'];
}

/** Freeze and burst curves with the readings on the one that the policy judges by. */
export function Curve({ points, chosen, product, needC, policy }: CurveProps) {
  const { data: curve } = useQuery(curveQuery('PG'));
  const x = useMemo(() => scaleLinear([0, 0.6], [EDGE.left, W - EDGE.right]), []);
  const y = useMemo(() => scaleLinear([2, COLDEST_C], [EDGE.top, H - EDGE.bottom]), []);
  if (!curve) return <div className="h-[400px]" />;
  const path = (pick: (mixture: Mixture) => number) =>
    line<Mixture>()
      .x((m) => x(m.massFraction))
      .y((m) => y(pick(m)))(curve) ?? '';
  const measured = curve.filter((m) => !m.burstIsFloor);
  const burst =
    line<Mixture>()
      .x((m) => x(m.massFraction))
      .y((m) => y(m.burstPointC))(measured) ?? '';
  const floorFrom = curve.find((m) => m.burstIsFloor);
  const byBurst = policy !== 'FREEZE';
  const jug = points.find((p) => p.jugMassFraction != null)?.jugMassFraction;
  const from = jug ?? product;
  return (
    <figure className="m-0 mt-2">
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full"
        role="img"
        aria-label={`Freeze and burst curves of propylene glycol with ${points.filter((p) => p.massFraction != null).length} readings`}
      >
        {ticksIn('°C', [COLDEST_C, 0], 6).map((t) => (
          <g key={t}>
            <path d={`M${EDGE.left} ${y(t)} H${W - EDGE.right}`} stroke="var(--color-line)" />
            <text
              x={EDGE.left - 8}
              y={y(t) + 4}
              textAnchor="end"
              fontSize={12.5}
              fill="var(--color-soft)"
            >
              {saidIn('°C', t, -1)}
            </text>
          </g>
        ))}
        {[0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6].map((w) => (
          <g key={w}>
            <path d={`M${x(w)} ${EDGE.top} V${H - EDGE.bottom}`} stroke="var(--color-line)" />
            <text
              x={x(w)}
              y={H - EDGE.bottom + 18}
              textAnchor="middle"
              fontSize={12.5}
              fill="var(--color-soft)"
            >
              {percent(w)}
            </text>
          </g>
        ))}
        <text
          x={W - EDGE.right}
          y={H - 8}
          textAnchor="end"
          fontSize={12.5}
          fill="var(--color-soft)"
        >
          propylene glycol by mass
        </text>
        <path
          d={path((m) => m.freezePointC)}
          fill="none"
          stroke="var(--color-ice)"
          strokeWidth={2.4}
        />
        <path d={burst} fill="none" stroke="var(--color-ink)" strokeWidth={2.4} />
        {floorFrom && (
          <path
            d={`M${x(floorFrom.massFraction)} ${y(-51)} H${x(0.6)}`}
            stroke="var(--color-ink)"
            strokeWidth={1.6}
            strokeDasharray="2 5"
          />
        )}
        <text x={x(0.475)} y={y(-27)} fontSize={13} fontWeight={700} fill="var(--color-ice)">
          freeze point
        </text>
        <text x={x(0.115)} y={y(-17)} fontSize={13} fontWeight={700} textAnchor="end">
          burst point
        </text>
        <text x={x(0.6)} y={y(-51) - 6} fontSize={12} textAnchor="end" fill="var(--color-soft)">
          burst at or below {celsius(-51)}
        </text>
        {needC != null && (
          <g>
            <path
              d={`M${EDGE.left} ${y(needC)} H${W - EDGE.right}`}
              stroke="var(--color-verm)"
              strokeWidth={1.6}
              strokeDasharray="7 4"
            />
            <text
              x={EDGE.left + 6}
              y={y(needC) - 5}
              fontSize={12.5}
              fontWeight={700}
              fill="var(--color-verm)"
            >
              needed: {byBurst ? (policy === 'LABEL' ? 'label' : 'burst') : 'freeze'}{' '}
              {celsius(needC)}
            </text>
          </g>
        )}
        {from != null && from <= 0.6 && (
          <g>
            <path
              d={`M${x(from)} ${EDGE.top} V${H - EDGE.bottom}`}
              stroke="var(--color-brass)"
              strokeWidth={2}
              strokeDasharray="3 3"
            />
            <text
              x={x(from) + 6}
              y={EDGE.top + 12}
              fontSize={12.5}
              fontWeight={700}
              fill="var(--color-brass)"
            >
              {jug != null ? 'jug' : 'product'} {percent(from)}
            </text>
          </g>
        )}
        {points.map((point) => {
          const { verdict } = point;
          if (verdict?.worstCaseMassFraction == null) return null;
          const at = byBurst ? verdict.burstPointC! : verdict.freezePointC!;
          const short = verdict.outcome === 'HELD' || verdict.outcome === 'CHANGE_PRODUCT';
          const cx = x(verdict.worstCaseMassFraction);
          const cy = y(at);
          return (
            <g key={point.key}>
              {point.key === chosen && (
                <circle
                  cx={cx}
                  cy={cy}
                  r={12}
                  fill="none"
                  stroke="var(--color-brass)"
                  strokeWidth={2.4}
                />
              )}
              {short ? (
                <rect x={cx - 6} y={cy - 6} width={12} height={12} fill="var(--color-verm)" />
              ) : (
                <circle
                  cx={cx}
                  cy={cy}
                  r={6}
                  fill="var(--color-spruce)"
                  stroke="var(--color-card)"
                />
              )}
              {point.key === chosen && (
                <text
                  x={cx + 18}
                  y={cy - 8}
                  fontSize={13}
                  fontWeight={700}
                  paintOrder="stroke"
                  stroke="var(--color-paper)"
                  strokeWidth={4}
                >
                  {sentence(point.name)}: {byBurst ? 'burst' : 'freeze'}{' '}
                  {verdict.burstIsFloor && byBurst ? 'at or below ' : ''}
                  {celsius(at)}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <figcaption className="text-soft text-[13px]">
        Readings stand where they are at worst: moved toward weak by the instrument's accuracy.
        Burst by the glycol makers' guide, freeze by the published table.
      </figcaption>
    </figure>
  );
}
