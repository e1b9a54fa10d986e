import { Delete } from 'lucide-react';
import { type SubmitEvent, useState } from 'react';
import { PICTURES, type PictureId } from '../../contract/pictures';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { Picture } from '../../ui/pictures';

/** A student enters with the group's code, a name and three pictures in order. */
export function Enter({ code, again }: { code: string; again: boolean }) {
  const [pictures, setPictures] = useState<PictureId[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const submit = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    const form = Object.fromEntries(new FormData(event.currentTarget));
    const result = await send('POST', '/api/student/enter', { ...form, pictures });
    setBusy(false);
    if (result.ok) {
      window.location.href = '/practise';
      return;
    }
    setPictures([]);
    setProblem(result.problem.detail);
  };
  return (
    <form onSubmit={submit} className="space-y-4">
      {again && !problem ? (
        <Notice kind="note">Enter again to go on. Answers on this device are kept.</Notice>
      ) : null}
      <div className="grid grid-cols-2 gap-3">
        <label className="field">
          Group code
          <input
            className="input min-h-12! uppercase"
            name="code"
            required
            defaultValue={code}
            autoCapitalize="characters"
            autoComplete="off"
          />
        </label>
        <label className="field">
          Your name
          <input className="input min-h-12!" name="name" required autoComplete="off" />
        </label>
      </div>
      <fieldset>
        <legend className="field">Your three pictures, in order</legend>
        <p
          aria-live="polite"
          className="my-2 flex min-h-12 items-center gap-3 rounded border border-rule bg-white px-3"
        >
          {pictures.length === 0 ? <span className="hint">Press three pictures below.</span> : null}
          {pictures.map((id, i) => (
            <Picture key={i} id={id} size={26} />
          ))}
          {pictures.length > 0 ? (
            <button
              type="button"
              className="ml-auto flex size-12 items-center justify-center"
              aria-label="Take the last picture back"
              onClick={() => setPictures(pictures.slice(0, -1))}
            >
              <Delete aria-hidden />
            </button>
          ) : null}
        </p>
        <div className="grid grid-cols-3 gap-2 sm:grid-cols-4">
          {PICTURES.map((id) => (
            <button
              key={id}
              type="button"
              disabled={pictures.length >= 3}
              onClick={() => setPictures([...pictures, id])}
              className="btn min-h-14! justify-center px-1! text-sm"
            >
              <Picture id={id} size={24} />
            </button>
          ))}
        </div>
      </fieldset>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      <button
        type="submit"
        className="btn btn-main min-h-12! px-8!"
        disabled={busy || pictures.length < 3}
      >
        Enter
      </button>
    </form>
  );
}
