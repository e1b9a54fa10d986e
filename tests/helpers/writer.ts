/** Stores answers one after another and prints the identifier of each once it is acknowledged. */
import { createTeacher } from '@/server/auth';
import { storeAnswers } from '@/server/stores/answers';
import { createGroup } from '@/server/stores/groups';
import { addStudents } from '@/server/stores/students';

const teacher = await createTeacher({
  name: 'T',
  email: 't@example.org',
  password: 'a long enough password',
});
const group = createGroup(
  teacher,
  { name: 'G', method: 'landmarks', key: 0, terms: 'US', naming: 'letters' },
  1,
);
const [student] = addStudents(
  teacher,
  group.id,
  [{ name: 'Ada', instrument: 'keyboard', method: null }],
  1,
);
for (let i = 0; ; i++) {
  const id = `answer-${i}`;
  storeAnswers(student!.id, [
    {
      id,
      clef: 'treble',
      step: 2,
      key: 0,
      accidental: null,
      task: 'name',
      given: 'G',
      correct: true,
      ms: 900,
      hints: 0,
      source: 'drill',
      at: 1,
    },
  ]);
  process.stdout.write(`${id}\n`);
  if (i % 50 === 0) await new Promise((resolve) => setImmediate(resolve));
}
