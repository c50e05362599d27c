import type { ComplaintView } from '../api/client';
import { TrendChart } from '../trend/trend-chart';

/** Where the gauge held, before and after a complaint was seen to. */
export function BeforeAndAfter({ complaint }: { complaint: ComplaintView }) {
  const { before, after, words } = complaint.curve;
  const points = [...before, ...after];
  return (
    <div className="mt-2 max-w-[560px]">
      <p className="m-0 text-[14.5px] font-semibold">{words}</p>
      {points.length > 1 && (
        <TrendChart
          line={{ kind: 'PLATEAU', words: 'where its gauge held', unit: '°C', points }}
          evidence={after.map((point) => point.at)}
        />
      )}
    </div>
  );
}
