import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { cardsSearch } from '../../contract/cards';
import type { GroupView, LadderView } from '../../contract/views';
import { CARD_START, type CardSettings, MOST_OFFSET } from '../../core/cards';
import { INSTRUMENTS } from '../../core/instruments';
import type { MethodId } from '../../core/methods';
import type { Paper } from '../../core/sheets';
import { cardPages, cardsFor, pageSvg } from '../../engrave';
import { toPositions, useChosen } from '../../ui/chosen';
import { SelectField } from '../../ui/fields';
import { Notice } from '../../ui/notice';
import { Svg } from '../../ui/svg';
import { Cautions, PrintForm, SidesForm } from './card-settings';

/** Notes that were introduced on one day. */
export interface Lesson {
  readonly at: number;
  readonly notes: readonly string[];
}

interface Props {
  group: GroupView;
  students: LadderView['students'];
  chosen: readonly string[];
  /** Newest first. */
  lessons: readonly Lesson[];
}

const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' });

/** How notes are found: as the group's teacher adjusted it, unless the student follows another school. */
function wayOf(group: GroupView, method: MethodId) {
  return { method, settings: method === group.method ? group.methodSettings : {} };
}

const usable = (n: number) => Number.isFinite(n) && Math.abs(n) <= MOST_OFFSET;

/** The pages of cards as they will print, fronts and backs side by side. */
export function Cards({ group, students, chosen: initial, lessons }: Props) {
  const rail = useChosen(initial);
  const [lesson, setLesson] = useState('');
  const [who, setWho] = useState(students[0]?.id ?? '');
  const [paper, setPaper] = useState<Paper>('A4');
  const [settings, setSettings] = useState<CardSettings>(CARD_START);
  const set = <K extends keyof CardSettings>(name: K, value: CardSettings[K]) =>
    setSettings((s) => ({ ...s, [name]: value }));
  const student = students.find((s) => s.id === who);
  const instrument = student?.instrument ?? 'none';
  const notes = lessons.find((l) => String(l.at) === lesson)?.notes ?? rail;
  const cards = useMemo(
    () =>
      cardsFor(toPositions(notes), {
        ...settings,
        ...group,
        instrument,
        leftHanded: student?.leftHanded ?? false,
        way: wayOf(group, student?.method ?? group.method),
        owner: `${student?.name ?? ''} · ${group.name}`,
      }),
    [notes, student, instrument, group, settings],
  );
  const right = usable(settings.right) && usable(settings.down);
  const pages = useMemo(
    () => (right ? cardPages(cards, paper, settings).map((p) => pageSvg(p)) : []),
    [cards, paper, settings, right],
  );
  const asksNotes = settings.set === 'notes' || settings.set === 'line-space';
  const href = (one: string) =>
    `/api/cards.pdf?${cardsSearch(settings, { group: group.id, notes, paper, student: one })}`;
  return (
    <div className="grid grid-cols-1 items-start gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div>
        {asksNotes && notes.length === 0 ? (
          <Notice kind="note">
            Choose at least one note on the staff at the left. Three to five make a first set.
          </Notice>
        ) : cards.length === 0 ? (
          <Notice kind="note">
            {student?.name ?? 'Nobody'} does not read the clef of the chosen notes, or has no place
            for them on the instrument. Choose other notes or another front.
          </Notice>
        ) : null}
        {right ? null : (
          <Notice kind="note">
            Backs are moved by up to {MOST_OFFSET} mm. More is the wrong edge: print the test page.
          </Notice>
        )}
        <div className="grid gap-4 md:grid-cols-2">
          {pages.map((markup, i) => (
            <figure key={i}>
              <figcaption className="hint mb-1">{captionOf(i, settings)}</figcaption>
              <Svg markup={markup} className="paper" />
            </figure>
          ))}
        </div>
      </div>
      <div className="side-column space-y-4">
        <section className="panel space-y-2.5 p-3!" aria-label="Settings of the cards">
          <SelectField label="For" value={who} onChange={setWho}>
            {students.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}, {INSTRUMENTS[s.instrument].name.toLowerCase()}
              </option>
            ))}
          </SelectField>
          <SelectField label="Notes" value={lesson} onChange={setLesson}>
            <option value="">Chosen at the left</option>
            {lessons.map((l) => (
              <option key={l.at} value={l.at}>
                Only the {l.notes.length} new ones of {day.format(l.at)}
              </option>
            ))}
          </SelectField>
          <SidesForm settings={settings} set={set} />
        </section>
        <section className="panel space-y-2.5 p-3!" aria-label="Printing">
          <SelectField label="Paper" value={paper} onChange={setPaper}>
            <option>A4</option>
            <option>Letter</option>
          </SelectField>
          <PrintForm settings={settings} set={set} paper={paper} />
          <p className="hint">
            {cards.length} {cards.length === 1 ? 'card' : 'cards'}. Print at actual size
            {settings.backs === 'fold'
              ? ', cut at the marks, fold along the dashed line.'
              : `, on both sides, turned over the ${settings.backs} edge; cut at the marks.`}
          </p>
          <Cautions instrument={instrument} />
          {cards.length > 0 && right ? (
            <>
              <a
                className="btn btn-main w-full justify-center"
                href={href(who)}
                target="_blank"
                rel="noreferrer"
              >
                <Printer aria-hidden size={16} /> PDF for {student?.name}
              </a>
              <a
                className="btn w-full justify-center"
                href={href('')}
                target="_blank"
                rel="noreferrer"
              >
                <Printer aria-hidden size={16} /> PDF for all {students.length}
              </a>
            </>
          ) : null}
        </section>
      </div>
    </div>
  );
}

function captionOf(i: number, { backs }: CardSettings): string {
  if (backs === 'fold') return `Page ${i + 1}`;
  return `Page ${Math.floor(i / 2) + 1}, ${i % 2 === 0 ? 'fronts' : 'backs'}`;
}
