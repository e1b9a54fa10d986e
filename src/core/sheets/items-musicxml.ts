import { CLEFS, type ClefId, type KeySignature, pitchAt, type StaffPosition } from '../notation';
import type { Section } from './compose';
import type { CellNote, Figure } from './figures';

/** One note or an empty place, as a measure of its own. */
interface Bar {
  readonly clef: ClefId;
  readonly key: KeySignature;
  readonly notes: readonly Pick<CellNote, 'step' | 'head'>[];
  readonly words: string;
}

/**
 * The notes of a composed sheet as MusicXML 4.0 (partwise, one measure an item, no time
 * signature shown): what is printed, with `answers` also what a student draws, and the
 * names as lyrics. Source: the MusicXML 4.0 schema.
 */
export function itemsMusicXml(
  sections: readonly Section[],
  { title, answers }: { title: string; answers: boolean },
): string {
  const bars = sections.flatMap((s) => s.figures.flatMap((f) => barsOf(f, answers)));
  let last: Bar | null = null;
  const measures = bars.map((bar, i) => {
    const changed = !last || last.clef !== bar.clef || last.key !== bar.key;
    last = bar;
    return `<measure number="${i + 1}">${changed || i === 0 ? attributes(bar, i === 0) : ''}${notesXml(bar)}</measure>`;
  });
  return [
    '<?xml version="1.0" encoding="UTF-8" standalone="no"?>',
    '<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" "http://www.musicxml.org/dtds/partwise.dtd">',
    '<score-partwise version="4.0">',
    `<work><work-title>${escaped(title)}</work-title></work>`,
    '<part-list><score-part id="P1"><part-name>Sheet</part-name></score-part></part-list>',
    `<part id="P1">${measures.join('\n') || `<measure number="1">${attributes({ clef: 'treble', key: 0 }, true)}<note><rest measure="yes"/><duration>4</duration></note></measure>`}</part>`,
    '</score-partwise>',
    '',
  ].join('\n');
}

function barsOf(figure: Figure, answers: boolean): Bar[] {
  const whole = ({ step }: StaffPosition) => [{ step, head: 'whole' as const }];
  switch (figure.type) {
    case 'cells':
      return figure.cells.map((cell) => {
        const [row] = cell.rows;
        const printed = row?.kind === 'print' ? row.text : '';
        const key = row && 'answer' in row ? row.answer : printed;
        return {
          clef: cell.clef,
          key: figure.key,
          notes: answers ? [...cell.notes, ...(cell.drawn ?? [])] : cell.notes,
          words: answers ? key : printed,
        };
      });
    case 'match':
      return figure.notes.map((p, i) => ({
        clef: p.clef,
        key: figure.key,
        notes: whole(p),
        words: answers ? figure.names[figure.nameOf[i]!]! : '',
      }));
    case 'places':
      return figure.cells.map((c) => ({
        clef: c.position.clef,
        key: figure.key,
        notes: figure.way === 'back' && !answers ? [] : whole(c.position),
        words: answers ? c.name : '',
      }));
    default:
      return [];
  }
}

function attributes({ clef, key }: Pick<Bar, 'clef' | 'key'>, first: boolean): string {
  const { sign, line } = CLEFS[clef];
  const divisions = first ? '<divisions>1</divisions>' : '';
  const time = first
    ? '<time print-object="no"><beats>4</beats><beat-type>4</beat-type></time>'
    : '';
  return `<attributes>${divisions}<key><fifths>${key}</fifths></key>${time}<clef><sign>${sign}</sign><line>${line}</line></clef></attributes>`;
}

const LENGTHS = {
  whole: ['4', 'whole'],
  open: ['4', 'whole'],
  dot: ['1', 'quarter'],
  quarter: ['1', 'quarter'],
} as const;

function notesXml({ clef, key, notes, words }: Bar): string {
  const lyric = words
    ? `<lyric><syllabic>single</syllabic><text>${escaped(words)}</text></lyric>`
    : '';
  if (notes.length === 0) return `<note><rest measure="yes"/><duration>4</duration>${lyric}</note>`;
  return notes
    .map(({ step, head }, i) => {
      const { letter, alter, octave } = pitchAt({ clef, step }, key);
      const [duration, type] = LENGTHS[head];
      const changed = alter === 0 ? '' : `<alter>${alter}</alter>`;
      return `<note>${i > 0 ? '<chord/>' : ''}<pitch><step>${letter}</step>${changed}<octave>${octave}</octave></pitch><duration>${duration}</duration><type>${type}</type>${i === 0 ? lyric : ''}</note>`;
    })
    .join('');
}

const escaped = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
