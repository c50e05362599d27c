/** What the server refused: which field, and why in plain words. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly field: string | null,
    reason: string,
    /** Whether the application itself said why; what stands between may refuse as well. */
    readonly saidWhy = true,
  ) {
    super(reason);
    this.name = 'Refusal';
  }
}

/** Makes a refusal of a problem document; anything else becomes one without a field. */
export function refusalOf(status: number, body: unknown): Refusal {
  if (typeof body === 'object' && body !== null) {
    const problem = body as { field?: unknown; detail?: unknown };
    const field = typeof problem.field === 'string' ? problem.field : null;
    if (typeof problem.detail === 'string') return new Refusal(status, field, problem.detail);
  }
  return new Refusal(status, null, `The server could not do this (${status}).`, false);
}

export function reasonOf(error: unknown): string {
  if (error instanceof Refusal) return error.message;
  return 'No answer from the server. What you entered is still here; try again.';
}
