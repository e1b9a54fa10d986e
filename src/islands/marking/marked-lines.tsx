import { useMemo } from 'react';
import type { Item } from '../../core/evidence';
import type { Mark, Question } from '../../core/sheets';
import { displayName, FELT, lineSvg, MADDER } from '../../engrave';
import { Svg } from '../../ui/svg';

/** Notes on one line. */
const SLOTS = 12;

interface Props {
  questions: readonly Question[];
  marks: readonly Mark[];
}

/** What was asked with what was written: right in felt, wrong in madder with the right answer. */
export function MarkedLines({ questions, marks }: Props) {
  const items = questions.map((q) => q.evidence?.item);
  const onStaff = items.every((item) => item !== undefined);
  return onStaff ? (
    <Staves questions={questions} items={items} marks={marks} />
  ) : (
    <Chips questions={questions} marks={marks} />
  );
}

function Staves({ questions, items, marks }: Props & { items: readonly Item[] }) {
  const pictures = useMemo(
    () =>
      lines(items).map(({ from, to }) =>
        picture(
          questions.slice(from, to).map((question, i) => ({
            question,
            item: items[from + i]!,
            mark: marks[from + i],
          })),
          from,
        ),
      ),
    [questions, items, marks],
  );
  return (
    <div className="space-y-1">
      {pictures.map((markup, i) => (
        <Svg key={i} markup={markup} className="max-w-lg" />
      ))}
    </div>
  );
}

function lines(items: readonly Item[]): { from: number; to: number }[] {
  const result: { from: number; to: number }[] = [];
  for (const [i, item] of items.entries()) {
    const last = result.at(-1);
    if (last && i - last.from < SLOTS && items[last.from]!.clef === item.clef) last.to = i + 1;
    else result.push({ from: i, to: i + 1 });
  }
  return result;
}

interface Asked {
  readonly question: Question;
  readonly item: Item;
  readonly mark: Mark | undefined;
}

function picture(asked: readonly Asked[], from: number): string {
  const notes = asked.map(({ question, item, mark }) => {
    if (!mark) {
      const { label, names } = question;
      return {
        step: item.step,
        ...(label ? { label: displayName(label, names?.naming, names?.key) } : {}),
      };
    }
    const color = mark.correct ? FELT : MADDER;
    return {
      step: item.step,
      color,
      label: given(question, mark),
      labelColor: color,
      under: mark.correct ? '✓' : (question.shown ?? question.answer),
    };
  });
  const { clef, key } = asked[0]!.item;
  const marks = asked.flatMap((a) => a.mark ?? []);
  const wrong = marks.filter((m) => !m.correct).length;
  const title = `Number ${from + 1} to ${from + asked.length}, ${clef} clef: ${marks.length} typed, ${wrong} wrong`;
  return lineSvg({ clef, key, notes, slots: SLOTS, title });
}

/** An answer as shown to whoever marks. */
function given({ entry, names }: Question, mark: Mark): string {
  if (mark.given === null) return '–';
  if (entry === 'tick') return mark.correct ? '+' : 'x';
  if (entry === 'name' || entry === 'correction') {
    return displayName(mark.given, names?.naming, names?.key);
  }
  return mark.given;
}

function Chips({ questions, marks }: Props) {
  return (
    <ol className="flex flex-wrap gap-1.5 text-sm">
      {questions.map((q, i) => {
        const mark = marks[i];
        const look = mark
          ? mark.correct
            ? 'border-felt text-felt'
            : 'border-madder text-madder'
          : 'border-rule';
        return (
          <li key={i} className={`rounded border px-1.5 ${look}`} title={q.prompt}>
            <span className="hint">{i + 1}</span>{' '}
            {mark ? (
              <b>
                {given(q, mark)} {mark.correct ? '✓' : `✗ ${q.shown ?? q.answer}`}
              </b>
            ) : (
              '…'
            )}
          </li>
        );
      })}
    </ol>
  );
}
