import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  type UniqueIdentifier,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ChevronDown, ChevronRight, GripVertical, Plus, X } from 'lucide-react';
import { useId, useState } from 'react';
import {
  KIND_IDS,
  KINDS,
  type KindId,
  newSection,
  type Section,
  type SectionSpec,
} from '../../core/sheets';
import { type Draft, freeId } from './draft';
import { SectionForm } from './section-form';

interface Props {
  draft: Draft;
  /** As composed, by id. */
  made: ReadonlyMap<string, Section>;
  change: (part: Partial<Draft>, about: string | null) => void;
}

/** The exercises of the sheet: added, taken out, set, and put in order by drag or by keyboard. */
export function SectionList({ draft, made, change }: Props) {
  const [open, setOpen] = useState<string | null>(draft.sections[0]?.id ?? null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const { sections } = draft;
  const put = (next: readonly SectionSpec[], about: string | null = null) =>
    change({ sections: next }, about);
  const add = (kind: KindId) => {
    const section = newSection(kind, freeId(draft));
    put([...sections, section]);
    setOpen(section.id);
  };
  const drop = ({ active, over }: DragEndEvent) => {
    const from = sections.findIndex((s) => s.id === active.id);
    const to = sections.findIndex((s) => s.id === over?.id);
    if (from >= 0 && to >= 0 && from !== to) put(arrayMove([...sections], from, to));
  };
  return (
    <section className="panel space-y-2 p-3!" aria-label="Exercises">
      <h2>Exercises</h2>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
        accessibility={{ announcements: announcementsFor(sections) }}
      >
        <SortableContext items={sections.map((s) => s.id)} strategy={verticalListSortingStrategy}>
          <ol className="divide-y divide-rule">
            {sections.map((section) => (
              <Row
                key={section.id}
                section={section}
                made={made.get(section.id)}
                open={open === section.id}
                toggle={() => setOpen(open === section.id ? null : section.id)}
                remove={() => put(sections.filter((s) => s !== section))}
                change={(part, about) =>
                  put(
                    sections.map((s) => (s === section ? { ...s, ...part } : s)),
                    `${section.id} ${about}`,
                  )
                }
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <AddExercise add={add} />
    </section>
  );
}

/** What a screen reader says while an exercise is moved. */
function announcementsFor(sections: readonly SectionSpec[]): Announcements {
  const nameOf = (id: UniqueIdentifier) => {
    const section = sections.find((s) => s.id === id);
    return section ? KINDS[section.kind].name : '';
  };
  const placeOf = (id: UniqueIdentifier | undefined) =>
    `place ${sections.findIndex((s) => s.id === id) + 1} of ${sections.length}`;
  return {
    onDragStart: ({ active }) => `${nameOf(active.id)} is picked up at ${placeOf(active.id)}.`,
    onDragOver: ({ active, over }) => `${nameOf(active.id)} is now at ${placeOf(over?.id)}.`,
    onDragEnd: ({ active, over }) => `${nameOf(active.id)} is put down at ${placeOf(over?.id)}.`,
    onDragCancel: ({ active }) => `${nameOf(active.id)} is back where it was.`,
  };
}

function AddExercise({ add }: { add: (kind: KindId) => void }) {
  const [kind, setKind] = useState<KindId>('line-space');
  return (
    <div className="flex gap-2">
      <select
        className="input mt-0! min-w-0 flex-1"
        aria-label="Exercise to add"
        value={kind}
        onChange={(e) => setKind(e.target.value as KindId)}
      >
        {KIND_IDS.map((id) => (
          <option key={id} value={id}>
            {KINDS[id].name}
          </option>
        ))}
      </select>
      <button type="button" className="btn" onClick={() => add(kind)}>
        <Plus aria-hidden size={16} /> Add
      </button>
    </div>
  );
}

interface RowProps {
  section: SectionSpec;
  made: Section | undefined;
  open: boolean;
  toggle: () => void;
  remove: () => void;
  change: (part: Partial<SectionSpec>, about: string) => void;
}

function Row({ section, made, open, toggle, remove, change }: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: section.id,
  });
  const body = useId();
  const { name } = KINDS[section.kind];
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={isDragging ? 'relative z-10 bg-felt-pale' : 'bg-sheet'}
    >
      <div className="flex items-center gap-1">
        <button
          type="button"
          className="flex size-8 shrink-0 cursor-grab items-center justify-center text-soft"
          {...attributes}
          {...listeners}
          aria-label={`Move ${name}`}
        >
          <GripVertical aria-hidden size={16} />
        </button>
        <button
          type="button"
          className="flex min-h-9 min-w-0 flex-1 items-center gap-1 text-left font-bold"
          aria-expanded={open}
          aria-controls={body}
          onClick={toggle}
        >
          {open ? <ChevronDown aria-hidden size={16} /> : <ChevronRight aria-hidden size={16} />}
          <span className="truncate">{name}</span>
          <span className="hint ml-auto">
            {Number.isFinite(section.count) ? section.count : ''}
          </span>
        </button>
        <button
          type="button"
          className="flex size-8 shrink-0 items-center justify-center text-soft"
          aria-label={`Take out ${name}`}
          onClick={remove}
        >
          <X aria-hidden size={16} />
        </button>
      </div>
      {made?.empty ? <p className="pb-2 text-sm text-madder">Left out: {made.empty}</p> : null}
      <div id={body} hidden={!open}>
        {open ? <SectionForm section={section} made={made} change={change} /> : null}
      </div>
      {made && made.notices.length > 0 ? (
        <ul className="hint list-disc pb-2 pl-5">
          {made.notices.map((n) => (
            <li key={n}>{n}</li>
          ))}
        </ul>
      ) : null}
    </li>
  );
}
