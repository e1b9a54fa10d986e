import { type SubmitEvent, useState } from 'react';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';

/** A teacher signs in and goes on where they were. */
export function SignIn({ back }: { back: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const submit = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    const form = Object.fromEntries(new FormData(event.currentTarget));
    const result = await send('POST', '/api/auth/sign-in/email', form);
    setBusy(false);
    if (result.ok) window.location.href = back;
    else if (result.problem.status === 429)
      setProblem('Too many tries. Wait a minute, then try again.');
    else if (result.problem.status === 0) setProblem(result.problem.detail);
    else setProblem('This e-mail address and password do not belong together. Check both.');
  };
  return (
    <form onSubmit={submit} className="space-y-3">
      <label className="field">
        E-mail
        <input className="input" name="email" type="email" required autoComplete="username" />
      </label>
      <label className="field">
        Password
        <input
          className="input"
          name="password"
          type="password"
          required
          autoComplete="current-password"
        />
      </label>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      <button type="submit" className="btn btn-main" disabled={busy}>
        Sign in
      </button>
    </form>
  );
}
