import { type SubmitEvent, useState } from 'react';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';

/** The first visit: makes the teacher's account and signs in. */
export function Setup({ needsCode }: { needsCode: boolean }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const submit = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    const form = Object.fromEntries(new FormData(event.currentTarget)) as Record<string, string>;
    const made = await send('POST', '/api/setup', form);
    const signedIn = made.ok
      ? await send('POST', '/api/auth/sign-in/email', {
          email: form.email,
          password: form.password,
        })
      : made;
    setBusy(false);
    if (signedIn.ok) window.location.href = '/groups';
    else setProblem(signedIn.problem.detail);
  };
  return (
    <form onSubmit={submit} className="space-y-3">
      <label className="field">
        Your name, as students know you
        <input className="input" name="name" required maxLength={60} autoComplete="name" />
      </label>
      <label className="field">
        E-mail
        <input className="input" name="email" type="email" required autoComplete="username" />
      </label>
      <label className="field">
        Password <span className="hint">at least 10 characters</span>
        <input
          className="input"
          name="password"
          type="password"
          required
          minLength={10}
          autoComplete="new-password"
        />
      </label>
      {needsCode ? (
        <label className="field">
          Set-up code <span className="hint">shown in the terminal of the application</span>
          <input className="input" name="code" required inputMode="numeric" />
        </label>
      ) : null}
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      <button type="submit" className="btn btn-main" disabled={busy}>
        Make the account
      </button>
    </form>
  );
}
