import type { DueLine, Position } from '../api/client';
import { dateOf, day, number, sentence } from '../words/words';

/** "Port engine: impeller" where there is more than one engine. */
export function dueName(line: Pick<DueLine, 'engine' | 'words'>, severalEngines: boolean): string {
  return severalEngines && line.engine
    ? `${sentence(engineName(line.engine))}: ${line.words}`
    : sentence(line.words);
}

const engineName = (engine: Position) =>
  engine === 'GENERATOR' ? 'generator' : `${engine.toLowerCase()} engine`;

/** When it falls due: "12 Apr 2031", "about Jul 2031 by its hours", "20 h over". */
export function whenWords(line: DueLine): string {
  const hours = line.hoursLeft ?? null;
  if (hours !== null && hours <= 0) return `${number(-hours, 0)} h over`;
  if (line.on == null) return hours === null ? '' : `in ${number(hours, 0)} h`;
  const date = day(dateOf(line.on));
  return line.estimated ? `about ${date}, in ${number(hours ?? 0, 0)} h` : date;
}

/** What has no record is said together: one line of a boat, not ten. */
export const hasNoRecord = (line: DueLine) =>
  line.standing === 'NO_RECORD' && line.plannedBy == null && line.why.startsWith('Nobody');

export function lastWords(line: DueLine): string {
  if (line.lastAt == null) return 'No record';
  const hours = line.lastHours == null ? '' : ` at ${number(line.lastHours, 0)} h`;
  return `Last ${day(dateOf(line.lastAt))}${hours}`;
}
