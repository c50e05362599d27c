import { scaleLinear } from 'd3-scale';
import { fromTheirs, inTheirs } from './quantity';

/** Where an axis is marked: at round numbers of the reader's unit, as values of the metric one. */
export const ticksIn = (sign: string, domain: number[], count: number) =>
  scaleLinear(domain.map((end) => inTheirs(sign, end)))
    .ticks(count)
    .map((tick) => fromTheirs(sign, tick));
