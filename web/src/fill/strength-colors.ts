const WATER: [number, number, number] = [190, 214, 234];
const SHORT: [number, number, number] = [239, 214, 160];
const ENOUGH: [number, number, number] = [176, 207, 189];
const STRONG: [number, number, number] = [108, 162, 138];

function between(a: [number, number, number], b: [number, number, number], part: number): string {
  const mixed = a.map((from, i) => Math.round(from + (b[i]! - from) * part));
  return `rgb(${mixed.join(' ')})`;
}

/**
 * From water over too weak to strong enough, with a step where it becomes enough: the eye sees which
 * side of the need a segment is on. Without a need, by the product alone.
 */
export function strengthColor(massFraction: number, needed: number | null, product: number) {
  const enough = needed ?? product;
  if (massFraction < enough) {
    return between(WATER, SHORT, Math.max(0, massFraction / enough));
  }
  const room = Math.max(product - enough, 1e-6);
  return between(ENOUGH, STRONG, Math.min(1, (massFraction - enough) / room));
}
