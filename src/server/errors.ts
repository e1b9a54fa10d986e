/** A request that cannot be done. `detail` says what to do, in words a teacher understands. */
export class Problem extends Error {
  override name = 'Problem';
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    /** Further fields of the answer, such as how long to wait. */
    readonly extra: Readonly<Record<string, unknown>> = {},
  ) {
    super(`${title}: ${detail}`);
  }
}

export const badInput = (detail: string) => new Problem(400, 'That cannot be used', detail);
export const notSignedIn = (detail = 'Sign in again, then go on: nothing is lost.') =>
  new Problem(401, 'You are signed out', detail);
/** Also for what belongs to somebody else: nobody learns that it exists. */
export const notFound = (what: string) =>
  new Problem(
    404,
    'Not found',
    `${what} does not exist any more, or is not yours. Go back and choose again.`,
  );
export const conflict = (detail: string) => new Problem(409, 'Already there', detail);
export const tooMany = (seconds: number, detail: string) =>
  new Problem(429, 'Too many tries', detail, { retryAfter: seconds });
