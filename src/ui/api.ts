/** What went wrong with a request, in words for the person at the screen. */
export interface ApiProblem {
  /** 0: no connection. */
  readonly status: number;
  readonly detail: string;
  readonly errors?: readonly { field: string; detail: string }[];
}

export type Result<T> =
  | { readonly ok: true; readonly data: T }
  | { readonly ok: false; readonly problem: ApiProblem };

const OFFLINE =
  'No connection to the application. What you typed is still here: try again in a moment.';

/** Sends a request and reads the answer. Never throws: a failure is a problem with a sentence. */
export async function send<T>(method: string, url: string, body?: unknown): Promise<Result<T>> {
  try {
    const init: RequestInit = { method };
    if (body !== undefined) {
      init.body = JSON.stringify(body);
      init.headers = { 'content-type': 'application/json' };
    }
    const response = await fetch(url, init);
    const data = (await response.json().catch(() => null)) as T;
    if (response.ok) return { ok: true, data };
    const problem = data as { detail?: string; message?: string } | null;
    const detail =
      problem?.detail ?? problem?.message ?? 'The application could not do that. Try again.';
    return { ok: false, problem: { ...problem, status: response.status, detail } };
  } catch {
    return { ok: false, problem: { status: 0, detail: OFFLINE } };
  }
}
