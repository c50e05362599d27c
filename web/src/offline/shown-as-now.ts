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

/** What is called otherwise since. */
const CALLED: Readonly<Record<string, string>> = { hurts: 'hazards' };

const OVERBOARD = ['RAW_WATER', 'AIR_CONDITIONING', 'WASHDOWN', 'LIVE_WELL'];

/** What follows from what was there. */
function followed(kept: Fields): Fields {
  const circuit = 'litersUsed' in kept && 'points' in kept;
  return circuit ? { overboard: OVERBOARD.includes(String(kept['kind'])) } : {};
}

/**
 * What a device kept under an earlier version, in the shape of this one: it may have no signal for
 * days after it got the new screens.
 */
export function shownAsNow(kept: unknown): unknown {
  if (Array.isArray(kept)) return kept.map(shownAsNow);
  if (kept === null || typeof kept !== 'object') return kept;
  const fields: Fields = followed(kept as Fields);
  for (const [known, added] of ADDED) {
    if (known.every((name) => name in kept)) Object.assign(fields, added);
  }
  for (const [name, value] of Object.entries(kept)) {
    fields[CALLED[name] ?? name] = shownAsNow(value);
  }
  return fields;
}
