type Fields = Record<string, unknown>;

/** What was added to an answer since, by the fields it is known by: an older one did without. */
const ADDED: readonly [known: readonly string[], added: Fields][] = [
  [['description', 'circuits', 'contradicted'], { tags: [], learned: [] }],
  [['procedureWords', 'steps', 'gauges'], { tags: [] }],
  [['task', 'workers', 'procedure'], { tags: [] }],
  [['standing', 'lastRound', 'flush'], { tags: [], complaints: [] }],
  [['procedure', 'words', 'choices'], { takesSome: false }],
  [['waitsFor', 'asks', 'said'], { elsewhere: null }],
  [['standsAgainst', 'basis'], { stopped: null }],
  [['standsAgainst', 'seconds'], { stopped: null }],
  [['whenGood', 'callHigh'], { stopFrom: null, whenStop: null, sets: null }],
];

/**
 * What a device kept under an earlier version, in the shape of this one: it may have no signal for
 * days after it got the new screens.
 */
export function shownAsNow(kept: unknown): unknown {
  if (Array.isArray(kept)) return kept.map(shownAsNow);
  if (kept === null || typeof kept !== 'object') return kept;
  const fields: Fields = {};
  for (const [known, added] of ADDED) {
    if (known.every((name) => name in kept)) Object.assign(fields, added);
  }
  for (const [name, value] of Object.entries(kept)) fields[name] = shownAsNow(value);
  return fields;
}
