import type { GroupView, ProgressView } from '../../contract/views';
import { isKnown, SECURITY_WORDS, type Security } from '../../core/evidence';
import { CLEF_IDS, noteName, pitchAt, positionId } from '../../core/notation';
import { lineSvg } from '../../engrave';
import { toPositions } from '../../ui/chosen';
import { SECURITY_LOOK } from '../../ui/security';
import { Svg } from '../../ui/svg';

interface Props {
  notes: ProgressView['notes'];
  group: GroupView;
  /** What is known: `notes`, or `places on the cello`. */
  what: string;
  id: string;
}

/** The staff with the security of each note: colour, sign and, under it, the middle time. */
export function NotesStaff({ notes, group, what, id }: Props) {
  const positions = toPositions(Object.keys(notes));
  if (positions.length === 0) return null;
  const count = (s: Security) => Object.values(notes).filter((n) => n.security === s).length;
  const known = Object.values(notes).filter((n) => isKnown(n.security)).length;
  const slots = Math.max(...CLEF_IDS.map((c) => positions.filter((p) => p.clef === c).length));
  return (
    <section className="panel" aria-labelledby={id}>
      <h2 id={id}>
        {known} of {positions.length} {what} known
      </h2>
      <div className="grid gap-2 xl:grid-cols-2">
        {CLEF_IDS.map((clef) => {
          const own = positions.filter((p) => p.clef === clef);
          if (own.length === 0) return null;
          const drawn = own.map((p) => {
            const note = notes[positionId(p)]!;
            const { color, sign } = SECURITY_LOOK[note.security];
            const name = noteName(pitchAt(p, group.key), group.naming, group.key);
            const time =
              note.medianMs === null ? sign : `${sign} ${(note.medianMs / 1000).toFixed(1)}s`;
            return { step: p.step, color, label: name, labelColor: color, under: time };
          });
          const title = `${clef} clef: ${own.map((p) => `${noteName(pitchAt(p, group.key))} ${SECURITY_WORDS[notes[positionId(p)]!.security]}`).join(', ')}`;
          return (
            <Svg
              key={clef}
              markup={lineSvg({ clef, key: group.key, notes: drawn, slots, title })}
              className="max-w-3xl"
            />
          );
        })}
      </div>
      <p className="hint mt-1 flex flex-wrap gap-x-4">
        {(['instant', 'secure', 'learning', 'fading'] as const).map((s) => (
          <span key={s} style={{ color: SECURITY_LOOK[s].color }}>
            <span aria-hidden>{SECURITY_LOOK[s].sign}</span> {count(s)} {SECURITY_WORDS[s]}
          </span>
        ))}
        <span>Under each name: the middle time of right answers.</span>
      </p>
    </section>
  );
}
