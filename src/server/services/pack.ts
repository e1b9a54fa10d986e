import { INSTRUMENTS } from '../../core/instruments';
import { pitchAt } from '../../core/notation';
import { cardPages, cardsFor, chartPages, type Page } from '../../engrave';
import { badInput } from '../errors';
import type { StudentRow } from '../stores/students';
import { sayingsOf } from './sayings';
import { composedCopy, pagesOf, type StoredSheet } from './sheets';

/**
 * For each student in turn: their copy of the sheet, cards and a fingering chart of its
 * notes for their own instrument. Every part begins on a new leaf, so that both sides can
 * be printed in one go.
 * @throws Problem 400 when the group has no students.
 */
export function packOf(stored: StoredSheet, students: readonly StudentRow[]): Page[] {
  const pages: Page[] = [];
  const add = (part: readonly Page[]) => {
    pages.push(...part);
    if (part.length % 2 === 1) pages.push(blank(part[0]!));
  };
  for (const student of students) {
    const row = stored.copies.find((c) => c.studentId === student.id || c.studentId === null);
    if (!row) continue;
    const { spec } = composedCopy(stored, row.number, students);
    const { clefs } = INSTRUMENTS[student.instrument];
    const all = row.copy.positions ?? spec.positions;
    const positions = all.filter((p) => clefs.includes(p.clef));
    const owner = `${student.name} · ${stored.group.name}`;
    const sayings = sayingsOf(stored.group, student);
    const settings = { ...stored.group, sayings, key: spec.key, ...player(student) };
    add(pagesOf(stored, students, { part: 'sheets', copy: row.number }));
    add(cardPages(cardsFor(positions, { ...settings, owner }), spec.paper));
    if (student.instrument === 'none' || positions.length === 0) continue;
    const notes = positions.map((p) => pitchAt(p, spec.key));
    const view = { leftHanded: student.leftHanded };
    add(chartPages({ ...settings, notes, view, owner }, spec.paper));
  }
  if (pages.length > 0) return pages;
  throw badInput('There is nobody to make a pack for. Add students to the group first.');
}

function player({ instrument, leftHanded }: StudentRow) {
  return { instrument, leftHanded };
}

function blank({ width, height }: Page): Page {
  return {
    width,
    height,
    title: 'Left empty, so that the next part begins on a new leaf',
    draw() {},
  };
}
