import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { GroupView, LadderView } from '../../contract/views';
import { INSTRUMENTS } from '../../core/instruments';
import type { MethodId } from '../../core/methods';
import type { Fade } from '../../core/sayings';
import type { Paper } from '../../core/sheets';
import { cardPages, cardsFor, pageSvg } from '../../engrave';
import { toPositions, useChosen } from '../../ui/chosen';
import { Notice } from '../../ui/notice';
import { FadeOptions } from '../../ui/options';
import { Svg } from '../../ui/svg';

interface Props {
  group: GroupView;
  students: LadderView['students'];
  chosen: readonly string[];
}

/** How notes are found: as the group's teacher adjusted it, unless the student follows another school. */
function wayOf(group: GroupView, method: MethodId) {
  return { method, settings: method === group.method ? group.methodSettings : {} };
}

/** The pages of cards as they will print, fronts and backs side by side. */
export function Cards({ group, students, chosen: initial }: Props) {
  const chosen = useChosen(initial);
  const [who, setWho] = useState(students[0]?.id ?? '');
  const [paper, setPaper] = useState<Paper>('A4');
  const [fade, setFade] = useState<Fade>('sentence');
  const [way, setWay] = useState(false);
  const student = students.find((s) => s.id === who);
  const cards = useMemo(() => {
    const owner = `${student?.name ?? ''} · ${group.name}`;
    return cardsFor(toPositions(chosen), {
      ...group,
      instrument: student?.instrument ?? 'none',
      leftHanded: student?.leftHanded ?? false,
      fade,
      way: way ? wayOf(group, student?.method ?? group.method) : undefined,
      owner,
    });
  }, [chosen, student, group, fade, way]);
  const pages = useMemo(() => cardPages(cards, paper).map((p) => pageSvg(p)), [cards, paper]);
  const cautions = student ? INSTRUMENTS[student.instrument].cautions : [];
  const href = (student: string) =>
    `/api/cards.pdf?group=${group.id}&notes=${chosen.join(',')}&paper=${paper}&fade=${fade}${way ? '&way=1' : ''}${student ? `&student=${student}` : ''}`;
  return (
    <div className="grid grid-cols-1 items-start gap-5 lg:grid-cols-[minmax(0,1fr)_19rem]">
      <div>
        {chosen.length === 0 ? (
          <Notice kind="note">
            Choose at least one note on the staff at the left. Three to five make a first set.
          </Notice>
        ) : cards.length === 0 ? (
          <Notice kind="note">
            {student?.name ?? 'Nobody'} does not read the clef of the chosen notes. Choose notes of
            another clef.
          </Notice>
        ) : null}
        <div className="grid gap-4 md:grid-cols-2">
          {pages.map((markup, i) => (
            <figure key={i}>
              <figcaption className="hint mb-1">
                Page {Math.floor(i / 2) + 1}, {i % 2 === 0 ? 'fronts' : 'backs'}
              </figcaption>
              <Svg markup={markup} className="paper" />
            </figure>
          ))}
        </div>
      </div>
      <section className="panel space-y-3 lg:sticky lg:top-2" aria-label="Settings of the cards">
        <label className="field">
          For
          <select className="input" value={who} onChange={(e) => setWho(e.target.value)}>
            {students.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}, {INSTRUMENTS[s.instrument].name.toLowerCase()}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          Paper
          <select
            className="input"
            value={paper}
            onChange={(e) => setPaper(e.target.value as Paper)}
          >
            <option>A4</option>
            <option>Letter</option>
          </select>
        </label>
        <label className="field">
          Of the saying, on the back
          <select className="input" value={fade} onChange={(e) => setFade(e.target.value as Fade)}>
            <FadeOptions />
          </select>
        </label>
        <label className="flex min-h-7 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-4.5"
            checked={way}
            onChange={(e) => setWay(e.target.checked)}
          />
          How it is found, on the back
        </label>
        <p className="hint">
          {cards.length} {cards.length === 1 ? 'card' : 'cards'}, eight to a page. Print on both
          sides, turned over the <b>long edge</b>, at actual size; cut at the marks.
        </p>
        {cautions.length > 0 ? (
          <p className="hint">With the instrument: {cautions.join(' ')}</p>
        ) : null}
        {cards.length > 0 ? (
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
  );
}
