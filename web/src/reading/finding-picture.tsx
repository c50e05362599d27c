import type { ReactNode } from 'react';

/** What some findings look like, drawn: a drop of oil, a glass, a belt's edge. */
const PICTURES: Record<string, ReactNode> = {
  'oil-look/amber': drop('#d59a2c'),
  'oil-look/dark': drop('#3a2a1c'),
  'oil-look/milky': drop(
    '#c9b699',
    <path d="M16 30 q6 -5 12 0 t9 -2" fill="none" stroke="#efe6d6" strokeWidth={3} />,
  ),
  'oil-look/metal': drop('#6b5330', flakes('#e8edf0')),
  'oil-look/thin': (
    <>
      <ellipse cx={26} cy={38} rx={21} ry={6} fill="#b88a3d" />
      <ellipse cx={26} cy={37} rx={14} ry={3} fill="none" stroke="#7fb2d9" strokeWidth={2} />
      <path d="M26 6 v18" stroke="#b88a3d" strokeWidth={3} strokeDasharray="5 4" />
    </>
  ),
  'gear-oil-look/clear': drop('#8fae6a'),
  'gear-oil-look/dark': drop('#2f2619'),
  'gear-oil-look/milky': drop(
    '#cfcbb4',
    <path d="M16 30 q6 -5 12 0 t9 -2" fill="none" stroke="#f2efe2" strokeWidth={3} />,
  ),
  'gear-oil-look/metal': drop('#6e6a45', flakes('#e8edf0')),
  'coolant-look/as-filled': glass('#4f9f8e'),
  'coolant-look/other-color': glass('#8a6a3b'),
  'coolant-look/clear': glass('#dfe9ec'),
  'coolant-look/oily': glass('#4f9f8e', <ellipse cx={26} cy={19} rx={9} ry={3} fill="#2b2118" />),
};

function drop(color: string, more?: ReactNode) {
  return (
    <>
      <path
        d="M26 5 C33 17 42 24 42 33 A16 14 0 0 1 10 33 C10 24 19 17 26 5 Z"
        fill={color}
        stroke="var(--color-soft)"
        strokeWidth={1.5}
      />
      {more}
    </>
  );
}

function flakes(color: string) {
  return [
    [18, 32],
    [27, 26],
    [33, 35],
    [24, 38],
  ].map(([x, y]) => <path key={x} d={`M${x} ${y} l4 -2 l-1 4 z`} fill={color} />);
}

function glass(color: string, more?: ReactNode) {
  return (
    <>
      <path d="M14 18 h24 l-3 26 h-18 z" fill={color} />
      <path d="M12 6 h28 l-4 40 h-20 z" fill="none" stroke="currentColor" strokeWidth={2} />
      {more}
    </>
  );
}

/** The picture of a finding, or nothing where words say it better. */
export function FindingPicture({ condition, finding }: { condition: string; finding: string }) {
  const picture = PICTURES[`${condition}/${finding}`];
  return picture ? (
    <svg width={44} height={44} viewBox="0 0 52 52" aria-hidden="true" className="shrink-0">
      {picture}
    </svg>
  ) : null;
}
