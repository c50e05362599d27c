import type { StoreLine } from '../api/client';
import { saidIn } from '../words/quantity';

/** "86 L", "3 pieces". */
export function amount(line: Pick<StoreLine, 'unit'>, quantity: number): string {
  const unit = line.unit === 'pieces' && quantity === 1 ? 'piece' : line.unit;
  return saidIn(unit, quantity);
}

/** "2 × 20 L". */
export function packageWords(line: StoreLine): string {
  return line.packageSize === 1 && line.unit === 'pieces'
    ? `${line.packages} ×`
    : `${line.packages} × ${amount(line, line.packageSize)}`;
}
