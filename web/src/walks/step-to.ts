interface Box {
  left: number;
  top: number;
  width: number;
  height: number;
}

const middle = (box: Box) => [box.left + box.width / 2, box.top + box.height / 2] as const;

/** The next place an arrow key carries a stop to, the nearest in its direction. */
export function stepTo<T extends Box>(arrow: string, from: Box, places: T[]): T | null {
  const [x, y] = middle(from);
  let best: T | null = null;
  let least = Infinity;
  for (const place of places) {
    const [px, py] = middle(place);
    const [dx, dy] = [px - x, py - y];
    const sideways = arrow === 'ArrowLeft' || arrow === 'ArrowRight';
    const ahead = sideways ? dx : dy;
    const forward = arrow === 'ArrowRight' || arrow === 'ArrowDown' ? ahead : -ahead;
    // Along a walk it stays in its row; across, any place of the next row will do.
    const astray = Math.abs(sideways ? dy : dx);
    if (forward < 4 || (sideways && astray > place.height / 2)) continue;
    const far = forward + (sideways ? 3 * astray : astray / 3);
    if (far < least) [best, least] = [place, far];
  }
  return best;
}
