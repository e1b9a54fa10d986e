import { useState } from 'react';
import { type Alter, type Pitch, PitchError, parsePitch, pitchText } from '../../core/notation';

const SIGNS: readonly { alter: Alter; sign: string; name: string }[] = [
  { alter: -1, sign: '♭', name: 'flat' },
  { alter: 0, sign: '♮', name: 'natural' },
  { alter: 1, sign: '♯', name: 'sharp' },
];

interface Props {
  label: string;
  note: Pitch;
  setNote: (note: Pitch) => void;
}

/** The note as text, and its sign. A name that is none says what would be right and changes nothing. */
export function NoteField({ label, note, setNote }: Props) {
  const [text, setText] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const type = (typed: string) => {
    setText(typed);
    try {
      setNote(parsePitch(typed));
      setProblem(null);
    } catch (error) {
      if (!(error instanceof PitchError)) throw error;
      setProblem(error.message);
    }
  };
  const leave = () => {
    if (!problem) setText(null);
  };
  return (
    <div>
      <div className="flex flex-wrap items-end gap-2">
        <label className="field">
          {label}
          <input
            className="input w-24 text-lg font-bold"
            value={text ?? pitchText(note)}
            onChange={(e) => type(e.target.value)}
            onBlur={leave}
            aria-invalid={problem !== null}
            aria-describedby={problem ? 'note-problem' : undefined}
            spellCheck={false}
            autoComplete="off"
          />
        </label>
        <fieldset className="flex gap-1">
          <legend className="sr-only">Sign</legend>
          {SIGNS.map(({ alter, sign, name }) => (
            <button
              key={name}
              type="button"
              aria-label={name}
              aria-pressed={note.alter === alter}
              className={`btn min-w-10 justify-center text-lg! ${note.alter === alter ? 'btn-main' : ''}`}
              onClick={() => {
                setText(null);
                setProblem(null);
                setNote({ ...note, alter });
              }}
            >
              {sign}
            </button>
          ))}
        </fieldset>
      </div>
      {problem ? (
        <p id="note-problem" role="alert" className="mt-1 max-w-md text-madder">
          {problem}
        </p>
      ) : null}
    </div>
  );
}
