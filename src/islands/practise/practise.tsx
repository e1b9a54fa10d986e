import { useCallback, useRef, useState } from 'react';
import type { PracticeKit } from '../../contract/views';
import { positionId } from '../../core/notation';
import { type QuestionKind, roundOver } from '../../core/practice';
import { type Random, seeded } from '../../core/random';
import { displayName } from '../../engrave/names';
import { newId } from '../../ui/new-id';
import { Asking } from './asking';
import {
  advance,
  answerNote,
  kitBook,
  type Outcome,
  type Round,
  startRound,
  taskOf,
} from './engine';
import { kitPlace } from './place-question';
import { enqueue } from './queue';
import { Start } from './start';
import { Summary } from './summary';
import { QueueNotice, useQueue } from './use-queue';

type Phase = 'start' | 'asking' | 'wrong' | 'done';

/** A student's rounds: one note at a time, all of it on the device. */
export function Practise({ kit }: { kit: PracticeKit }) {
  const [phase, setPhase] = useState<Phase>('start');
  const [round, setRound] = useState<Round | null>(null);
  const [outcome, setOutcome] = useState<Outcome | null>(null);
  const [kind, setKind] = useState<QuestionKind>('name');
  const book = useRef(kitBook(kit));
  const random = useRef<Random>(() => 0);
  const { state, send } = useQueue(kit.student.id);

  const begin = () => {
    random.current = seeded(newId());
    setOutcome(null);
    setRound(startRound(kit, kind, book.current, Date.now(), random.current));
    setPhase('asking');
  };
  const goOn = useCallback(
    (from: Round) => {
      const now = Date.now();
      if (roundOver(from.answers.length, from.startedAt, now)) {
        setRound(from);
        setPhase('done');
        void send();
        return;
      }
      setRound(advance(kit, from, now, random.current));
      setPhase('asking');
    },
    [kit, send],
  );
  const answer = useCallback(
    (given: string, ms: number, hints: number) => {
      if (!round) return;
      const now = Date.now();
      const result = answerNote(kit, round, { given, ms, hints, now });
      book.current = result.round.book;
      enqueue(kit.student.id, {
        id: newId(),
        position: positionId(round.current),
        key: kit.key,
        accidental: null,
        task: taskOf(round),
        given,
        instrument: taskOf(round) === 'name' ? null : kit.instrument,
        ms,
        hints,
        source: 'drill',
        at: now,
      });
      setOutcome(result);
      if (!result.over) setRound(result.round);
      else if (result.correct) goOn(result.round);
      else {
        setRound(result.round);
        setPhase('wrong');
      }
    },
    [kit, round, goOn],
  );

  return (
    <div className="mx-auto max-w-4xl px-4 py-3">
      <QueueNotice state={state} student={kit.student.id} />
      {phase === 'start' ? <Start kit={kit} kind={kind} setKind={setKind} begin={begin} /> : null}
      {(phase === 'asking' || phase === 'wrong') && round ? (
        <Asking
          kit={kit}
          round={round}
          wrong={phase === 'wrong' ? outcome : null}
          lastRight={phase === 'asking' && outcome?.correct ? said(kit, outcome) : null}
          answer={answer}
          goOn={() => goOn(round)}
        />
      ) : null}
      {phase === 'done' && round ? <Summary kit={kit} round={round} again={begin} /> : null}
    </div>
  );
}

/** What was right just now, in words. */
function said(kit: PracticeKit, { task, right, round }: Outcome): string {
  const name = displayName(right, kit.naming, kit.key);
  const place = task === 'place' ? kitPlace(kit, round.current) : null;
  return place ? `${name}, ${place.short},` : name;
}
