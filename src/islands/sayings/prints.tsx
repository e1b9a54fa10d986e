import { Printer } from 'lucide-react';
import { useState } from 'react';
import type { GroupView } from '../../contract/views';
import type { Fade } from '../../core/sayings';
import { FadeOptions } from '../../ui/options';

interface Props {
  group: GroupView;
  student: { id: string; name: string } | null;
}

type Clef = 'treble' | 'bass' | 'both';
type Paper = 'A4' | 'A3' | 'Letter';

/** Wall posters and the hand as a handout. Strips are in Sheets, words in Cards. */
export function Prints({ group, student }: Props) {
  const [clef, setClef] = useState<Clef>('both');
  const [paper, setPaper] = useState<Paper>('A4');
  const [fade, setFade] = useState<Fade>('sentence');
  const href = (what: string, hand = 'left') => {
    const query = new URLSearchParams({ group: group.id, what, clef, paper, fade, hand });
    if (student) query.set('student', student.id);
    return `/api/posters.pdf?${query}`;
  };
  const link = (text: string, address: string) => (
    <a className="btn min-h-8! w-full" href={address} target="_blank" rel="noreferrer">
      <Printer aria-hidden size={16} /> {text}
    </a>
  );
  return (
    <section className="panel space-y-2 text-sm" aria-labelledby="prints">
      <h2 id="prints">To print</h2>
      <div className="flex flex-wrap gap-2">
        <label>
          <span className="sr-only">Clef</span>
          <select
            className="input min-h-8!"
            value={clef}
            onChange={(e) => setClef(e.target.value as Clef)}
          >
            <option value="both">both clefs</option>
            <option value="treble">treble</option>
            <option value="bass">bass</option>
          </select>
        </label>
        <label>
          <span className="sr-only">Paper</span>
          <select
            className="input min-h-8!"
            value={paper}
            onChange={(e) => setPaper(e.target.value as Paper)}
          >
            <option>A4</option>
            <option>A3</option>
            <option>Letter</option>
          </select>
        </label>
        <label>
          <span className="sr-only">How much is shown</span>
          <select
            className="input min-h-8!"
            value={fade}
            onChange={(e) => setFade(e.target.value as Fade)}
          >
            <FadeOptions />
          </select>
        </label>
      </div>
      {link('Wall poster', href('poster'))}
      {link('Left hand as a staff', href('hand', 'left'))}
      {link('Right hand as a staff', href('hand', 'right'))}
      <p className="hint">
        Strips across sheets are set in Sheets, words on cards in Cards, hints in Groups.
      </p>
    </section>
  );
}
