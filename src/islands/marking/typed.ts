import type { MarkingKit } from '../../contract/views';
import { type Section, typedAs } from '../../core/sheets';

type Marked = MarkingKit['students'][number]['marked'];

/** What was saved, as it would be keyed in, exercise by exercise; empty for another copy or none. */
export function typedAgain(sections: readonly Section[], marked: Marked, copy: number): string[] {
  let from = 0;
  return sections.map(({ questions }) => {
    const part = marked?.copy === copy ? marked.given.slice(from, from + questions.length) : [];
    from += questions.length;
    return part.map((g, i) => typedAs(questions[i]!, g)).join(' ');
  });
}
