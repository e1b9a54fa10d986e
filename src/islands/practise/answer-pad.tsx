import { useEffect } from 'react';
import {
  alterText,
  type KeySignature,
  keyAlter,
  type Letter,
  type Naming,
  noteName,
} from '../../core/notation';
import { displayName } from '../../engrave/names';

/** Letters in the order in which the musical alphabet is said. */
const ALPHABET: readonly Letter[] = ['A', 'B', 'C', 'D', 'E', 'F', 'G'];

interface Props {
  keySignature: KeySignature;
  naming: Naming;
  /** Called with the ASCII name. */
  answer: (name: string) => void;
  disabled: boolean;
  /** Letters, or the keyboard drawn on the screen. */
  look: 'letters' | 'keyboard';
}

/** The name that a letter has in the key, when the signature changes it. */
function altered(letter: Letter, key: KeySignature): string | null {
  const alter = keyAlter(key, letter);
  return alter === 0 ? null : letter + alterText(alter);
}

/** Answers by big buttons, by letter keys (with shift for the signature's notes), or by piano keys. */
export function AnswerPad({ keySignature: key, naming, answer, disabled, look }: Props) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const letter = event.key.toUpperCase() as Letter;
      if (disabled || event.ctrlKey || event.metaKey || event.altKey || !ALPHABET.includes(letter))
        return;
      event.preventDefault();
      answer(event.shiftKey ? (altered(letter, key) ?? letter) : letter);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [answer, disabled, key]);
  return look === 'letters' ? (
    <Letters keySignature={key} naming={naming} answer={answer} disabled={disabled} />
  ) : (
    <Keyboard keySignature={key} answer={answer} disabled={disabled} />
  );
}

const BIG = 'btn justify-center rounded-lg! min-h-14! min-w-12! text-2xl! px-2!';

function Letters({ keySignature: key, naming, answer, disabled }: Omit<Props, 'look'>) {
  const signed = ALPHABET.map((letter) => altered(letter, key)).filter((n) => n !== null);
  return (
    <div className="mx-auto grid max-w-2xl gap-2">
      <div role="group" aria-label="Names" className="grid grid-cols-7 gap-2">
        {ALPHABET.map((letter) => (
          <button
            key={letter}
            type="button"
            className={BIG}
            disabled={disabled}
            onClick={() => answer(letter)}
          >
            {noteName({ letter, alter: 0 }, naming, key)}
          </button>
        ))}
      </div>
      {signed.length > 0 ? (
        <div
          role="group"
          aria-label="Names with the signature’s signs; shift and the letter"
          className="flex justify-center gap-2"
        >
          {signed.map((name) => (
            <button
              key={name}
              type="button"
              className={BIG}
              disabled={disabled}
              onClick={() => answer(name)}
            >
              {displayName(name, naming, key)}
            </button>
          ))}
        </div>
      ) : null}
    </div>
  );
}

/** White keys of one octave; a black key lies right of C, D, F, G and A. */
const WHITES: readonly Letter[] = ['C', 'D', 'E', 'F', 'G', 'A', 'B'];
const BLACKS: readonly { after: Letter; sharp: string; flat: string }[] = [
  { after: 'C', sharp: 'C#', flat: 'Db' },
  { after: 'D', sharp: 'D#', flat: 'Eb' },
  { after: 'F', sharp: 'F#', flat: 'Gb' },
  { after: 'G', sharp: 'G#', flat: 'Ab' },
  { after: 'A', sharp: 'A#', flat: 'Bb' },
];

function Keyboard({ keySignature: key, answer, disabled }: Omit<Props, 'look' | 'naming'>) {
  return (
    <div role="group" aria-label="Keyboard" className="relative mx-auto flex h-48 max-w-xl">
      {WHITES.map((letter, i) => (
        <button
          key={letter}
          type="button"
          disabled={disabled}
          aria-label={`white key ${i + 1}`}
          onClick={() => answer(whiteName(letter, key))}
          className="flex-1 rounded-b border border-ink bg-white hover:bg-felt-pale"
        />
      ))}
      {BLACKS.map(({ after, sharp, flat }) => (
        <button
          key={after}
          type="button"
          disabled={disabled}
          aria-label={`black key right of white key ${WHITES.indexOf(after) + 1}`}
          onClick={() => answer(key < 0 ? flat : sharp)}
          className="absolute top-0 h-28 min-w-10 rounded-b bg-ink hover:bg-felt"
          style={{ left: `${((WHITES.indexOf(after) + 1) / 7) * 100 - 4.2}%`, width: '8.4%' }}
        />
      ))}
    </div>
  );
}

/** In keys with many signs a white key is a signature's note: E sharp, B sharp, F flat, C flat. */
function whiteName(letter: Letter, key: KeySignature): string {
  const other: Partial<Record<Letter, [from: Letter, alter: number]>> = {
    F: ['E', 1],
    C: ['B', 1],
    E: ['F', -1],
    B: ['C', -1],
  };
  const [from, alter] = other[letter] ?? [letter, 0];
  return alter !== 0 && keyAlter(key, from) === alter
    ? from + alterText(keyAlter(key, from))
    : letter;
}
