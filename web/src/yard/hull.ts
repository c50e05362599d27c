/** How wide a hull of this kind is for its length. */
const BEAM_FOR_LENGTH = 0.34;

/** Outline of a hull seen from above, bow up, its stern's middle at the origin. Same unit as given. */
export function hullPath(length: number): string {
  const half = (length * BEAM_FOR_LENGTH) / 2;
  const shoulder = length * 0.52;
  return [
    `M${-half * 0.86} 0`,
    `C${-half} ${-length * 0.2} ${-half} ${-shoulder * 0.8} ${-half * 0.94} ${-shoulder}`,
    `C${-half * 0.8} ${-length * 0.8} ${-half * 0.3} ${-length * 0.94} 0 ${-length}`,
    `C${half * 0.3} ${-length * 0.94} ${half * 0.8} ${-length * 0.8} ${half * 0.94} ${-shoulder}`,
    `C${half} ${-shoulder * 0.8} ${half} ${-length * 0.2} ${half * 0.86} 0`,
    'Z',
  ].join(' ');
}

export const beamOf = (length: number) => length * BEAM_FOR_LENGTH;
