import type { CircuitView, FittingView, PointView } from '../api/client';
import { Drain, HoseEnd, Leg, Lid, Seacock, Tag, Thermostat, ThroughHull } from './marks';
import { COMPACT, ROOMY, pathLayout } from '../path/path-layout';
import type { PathLayout, Placed } from '../path/path-layout';
import { PipeLine } from '../path/pipe-line';
import { SegmentBox } from './segment-box';

interface WaterPathProps {
  circuit: CircuitView;
  fittings: FittingView[];
  chosen: string | null;
  choose: (fitting: string) => void;
  /** Several circuits share the screen. */
  small?: boolean;
  editSegment?: ((segment: string) => void) | undefined;
}

/** A circuit drawn from intake to exhaust, as it stands: contents, fittings, measured strength. */
export function WaterPath(props: WaterPathProps) {
  const { circuit, fittings, small = false, editSegment } = props;
  const drive = fittings.find((f) => f.kind === 'DRIVE' && f.circuit === circuit.key);
  const layout = pathLayout(circuit.path, small ? COMPACT : ROOMY, drive !== undefined);
  return (
    <svg
      viewBox={`0 ${layout.top} ${layout.width} ${layout.height}`}
      className={small ? 'w-full' : 'w-full min-w-[700px]'}
      style={small ? { maxWidth: layout.width * 1.12 } : undefined}
      role="group"
      aria-label={`Water path: ${circuit.name}`}
    >
      {layout.pipes.map((pipe) => (
        <PipeLine key={pipe.key} points={pipe.points} small={small} />
      ))}
      <Ends layout={layout} {...props} />
      {layout.placed.map((placed) => (
        <SegmentBox
          key={placed.segment.key}
          placed={placed}
          circuit={circuit}
          small={small}
          edit={editSegment}
        />
      ))}
      {layout.split && <Thermostat at={layout.split} small={small} />}
      <Hoses layout={layout} {...props} />
      <Drains layout={layout} {...props} />
      <OnSegments layout={layout} {...props} />
    </svg>
  );
}

type PartProps = WaterPathProps & { layout: PathLayout };

function marked({ chosen, choose }: WaterPathProps, fitting: FittingView) {
  return { fitting, chosen: chosen === fitting.key, choose };
}

/** Where the water comes in and goes out, with what shuts either. */
function Ends(props: PartProps) {
  const { layout, circuit, fittings, small = false } = props;
  const own = fittings.filter((f) => f.circuit === circuit.key);
  const [x, y] = layout.inlet;
  const drive = own.find((f) => f.kind === 'DRIVE');
  const [seacock, outlet] = own.filter((f) => f.kind === 'SEACOCK');
  const cover = own.find((f) => f.kind === 'EXHAUST_COVER');
  // A saildrive's tap stands on its leg, above the passages the sea stays in.
  const first = layout.placed[0];
  const tapX = first?.segment.kind === 'LEG' ? first.x + first.width / 2 + 10 : x - 6;
  const [outX, outY] = layout.outlets.at(-1) ?? [0, 0];
  return (
    <>
      {drive ? (
        <Leg x={x} y={y} small={small} {...marked(props, drive)} />
      ) : (
        circuit.overboard && <ThroughHull at={[seacock && tapX < x ? x : x + 28, y]} />
      )}
      {seacock && !drive && <Seacock x={tapX} y={y} {...marked(props, seacock)} />}
      {outlet && <Seacock x={outX - 18} y={outY} {...marked(props, outlet)} />}
      {circuit.overboard &&
        layout.outlets.map(([ox, oy], i) => (
          <text
            key={i}
            x={ox + 4}
            y={oy + 20}
            textAnchor="end"
            fontSize={11.5}
            fill="var(--color-soft)"
          >
            overboard
          </text>
        ))}
      {cover && <Lid x={outX - 4} y={outY - 10} width={18} label="" {...marked(props, cover)} />}
    </>
  );
}

function segmentOfHose(hose: FittingView, { circuit }: WaterPathProps, placed: Placed[]) {
  if (hose.key.endsWith('pump-hose')) {
    const pump = placed.find((p) => p.segment.kind === 'PUMP');
    if (pump) return pump;
  }
  const key =
    circuit.hoses.find((h) => h.fitting === hose.key)?.segment ??
    circuit.points.find((p) => p.opens === hose.key)?.segment;
  return placed.find((p) => p.segment.key === key);
}

function Hoses(props: PartProps) {
  const { layout, circuit, fittings } = props;
  const exchanger = layout.placed.find((p) => p.segment.kind === 'EXCHANGER');
  const outlet = fittings.find((f) => f.kind === 'OUTLET_HOSE' && f.circuit === circuit.key);
  const ends = fittings
    .filter((f) => f.kind === 'HOSE_END' && (f.circuit === circuit.key || f.circuit === null))
    .map((hose) => {
      const at = segmentOfHose(hose, props, layout.placed);
      return (
        at && (
          <HoseEnd key={hose.key} x={at.x - at.width / 2 - 10} y={at.y} {...marked(props, hose)} />
        )
      );
    });
  return (
    <>
      {ends}
      {outlet && exchanger && (
        <HoseEnd
          x={exchanger.x + exchanger.width / 2 + 10}
          y={exchanger.y}
          {...marked(props, outlet)}
        />
      )}
    </>
  );
}

const DRAINS = new Set(['DRAIN_PLUG', 'PETCOCK', 'THREADED_SENSOR', 'FLUSH_PORT', 'TEE_PLUG']);

function Drains(props: PartProps) {
  const { layout, circuit, fittings, small = false } = props;
  const byKey = new Map(fittings.map((fitting) => [fitting.key, fitting]));
  const seen = new Map<string, number>();
  const opened = circuit.points.filter(
    (p) => p.opens && DRAINS.has(byKey.get(p.opens)?.kind ?? ''),
  );
  return opened.map((point: PointView) => {
    const fitting = byKey.get(point.opens!)!;
    const placed = layout.placed.find((p) => p.segment.key === point.segment);
    if (!placed) return null;
    const beside = seen.get(point.segment) ?? 0;
    seen.set(point.segment, beside + 1);
    const shared = opened.filter((p) => p.opens === point.opens).length > 1;
    return (
      <Drain
        key={point.key}
        x={placed.x + beside * 30 - (beside ? 0 : sharesSegment(opened, point) ? 14 : 0)}
        y={placed.y + placed.height / 2}
        point={point}
        shared={shared}
        small={small}
        {...marked(props, fitting)}
      />
    );
  });
}

const sharesSegment = (points: PointView[], point: PointView) =>
  points.filter((p) => p.segment === point.segment).length > 1;

/** Lids, baskets and tags that stand on a segment. */
function OnSegments(props: PartProps) {
  const { layout, circuit, fittings } = props;
  const own = fittings.filter((f) => f.circuit === circuit.key);
  const of = (kind: FittingView['kind']) => own.find((f) => f.kind === kind);
  const strainer = layout.placed.find((p) => p.segment.kind === 'STRAINER');
  const pump = layout.placed.find((p) => p.segment.kind === 'PUMP') ?? layout.placed[0];
  const lid = of('STRAINER_LID');
  const basket = of('STRAINER_BASKET');
  const ring = of('STRAINER_SEAL');
  const feed = of('FEED');
  const impeller = of('IMPELLER');
  const [inX, inY] = layout.inlet;
  const tee = of('TEE_PLUG') ?? of('FLUSH_CAP');
  return (
    <>
      {strainer && lid && (
        <Lid
          x={strainer.x}
          y={strainer.y - strainer.height / 2 - 4}
          width={strainer.width * 0.6}
          label="off"
          {...marked(props, lid)}
        />
      )}
      {strainer && basket?.looseEnd && (
        <Lid
          x={strainer.x}
          y={strainer.y + strainer.height / 2 + 8}
          width={20}
          label="basket out"
          {...marked(props, basket)}
        />
      )}
      {strainer && ring?.looseEnd && (
        <Lid
          x={strainer.x}
          y={strainer.y + strainer.height / 2 + 22}
          width={20}
          label="ring missing"
          {...marked(props, ring)}
        />
      )}
      {pump && feed && feed.state !== 'NONE' && (
        <Tag x={inX} y={inY + 34} words={`fed: ${feed.stateWords}`} {...marked(props, feed)} />
      )}
      {pump && impeller?.looseEnd && (
        <Tag
          x={pump.x}
          y={pump.y + pump.height / 2 + 12}
          words="impeller out"
          {...marked(props, impeller)}
        />
      )}
      {tee && <Lid x={inX + 14} y={inY - 9} width={12} label="out" {...marked(props, tee)} />}
    </>
  );
}
