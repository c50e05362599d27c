import type { Description, EngineDescription } from '../api/client';

const LAYOUTS: Record<Description['layout'], string> = {
  STERNDRIVE: 'sterndrive',
  V_DRIVE: 'V-drive inboard',
  SHAFT: 'shaft inboard',
  SAILDRIVE: 'saildrive',
  OUTBOARD: 'outboard',
  JET: 'jet drive',
  NONE: 'no engine',
};

const COOLINGS: Record<EngineDescription['cooling'], string> = {
  RAW_WATER: 'raw water through the block',
  CLOSED: 'closed cooling',
  AIR: 'cooled by air',
};

const COUNTS = ['', '', 'twin ', 'triple '];

export const layoutWords = (layout: Description['layout']) => LAYOUTS[layout];

/** "Twin shaft inboard · diesel, 6 cylinders, closed cooling". */
export function machineryWords(d: Description): string {
  const driving = d.engines.filter((engine) => engine.position !== 'GENERATOR');
  const engine = driving[0];
  if (!engine) return layoutWords(d.layout);
  const kind = `${COUNTS[driving.length] ?? ''}${layoutWords(d.layout)}`;
  return `${kind} · ${engine.fuel.toLowerCase()}, ${engine.cylinders} cyl., ${COOLINGS[engine.cooling]}`;
}
