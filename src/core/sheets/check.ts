import { KINDS } from './kinds';
import { readOptions } from './options';
import type { KeptPreset } from './presets';
import { type SectionSpec, SHEET_LIMITS } from './spec';

const whole = (n: number, { min, max }: { min: number; max: number }) =>
  Number.isInteger(n) && n >= min && n <= max;
const within = (n: number, { min, max }: { min: number; max: number }) => n >= min && n <= max;

/** What keeps an exercise from being made, in a sentence that says what would be right, or null. */
export function sectionProblem(section: SectionSpec): string | null {
  const { name, options, count } = KINDS[section.kind];
  const { ledgers, perLine, instructions } = SHEET_LIMITS;
  const read = readOptions(options, section.options);
  if (!read.ok) return `${name}: ${read.reason}`;
  if (!whole(section.count, { min: 1, max: count.max })) {
    return `${name}: a whole number of ${count.of} from 1 to ${count.max}. Use two exercises or two sheets for more.`;
  }
  if (!whole(section.ledgers, ledgers)) {
    return `${name}: ${ledgers.min} to ${ledgers.max} ledger lines.`;
  }
  if (section.perLine !== null && !whole(section.perLine, perLine)) {
    return `${name}: ${perLine.min} to ${perLine.max} items a line, or empty for as many as fit.`;
  }
  return (section.instructions ?? '').length > instructions
    ? `${name}: the instructions are too long, up to ${instructions} letters.`
    : null;
}

/** The same for the sheet as a whole; its first exercise that cannot be made comes last. */
export function sheetProblem(
  sheet: Pick<KeptPreset, 'sections' | 'staffSpace' | 'write' | 'title' | 'instructions'>,
): string | null {
  const { sections, items, staffSpace, write, title, instructions } = SHEET_LIMITS;
  const total = sheet.sections.reduce((sum, s) => sum + s.count, 0);
  if (sheet.sections.length === 0) return 'Add at least one exercise.';
  if (sheet.sections.length > sections) {
    return `A sheet has up to ${sections} exercises. Make two sheets for more.`;
  }
  if (total > items) {
    return `That is more than anybody could print: up to ${items} items on a sheet. Make two sheets.`;
  }
  if (!within(sheet.staffSpace, staffSpace)) {
    return `Staff lines stand ${staffSpace.min} to ${staffSpace.max} mm apart.`;
  }
  if (!within(sheet.write, write)) return `Room to write: ${write.min} to ${write.max} mm.`;
  if (sheet.title.length > title) return `The title is too long: up to ${title} letters.`;
  if (sheet.instructions.length > instructions) {
    return `The instructions are too long: up to ${instructions} letters.`;
  }
  return sheet.sections.map(sectionProblem).find((p) => p !== null) ?? null;
}
