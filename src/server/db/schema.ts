import {
  index,
  integer,
  primaryKey,
  sqliteTable,
  text,
  uniqueIndex,
} from 'drizzle-orm/sqlite-core';
import type { SecurityRules, Source, Task } from '../../core/evidence';
import type { InstrumentId } from '../../core/instruments';
import type { MethodId, MethodSettings } from '../../core/methods';
import type { KeySignature, Naming, Terms } from '../../core/notation';
import type { Fade, OwnSayings, SayingSet, Words } from '../../core/sayings';
import type { FirstSpec, KeptPreset, SheetCopy, SheetSpec } from '../../core/sheets';
import { user } from './auth-schema';

export * from './auth-schema';

/** A teacher's group, and how it is taught. Times are milliseconds since 1970. */
export const group = sqliteTable(
  'group',
  {
    id: text('id').primaryKey(),
    teacherId: text('teacher_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    /** What students type to find the group. */
    code: text('code').notNull().unique(),
    method: text('method').$type<MethodId>().notNull(),
    /** What the teacher adjusts in it, and under which name it is kept; empty: as the school has it. */
    methodName: text('method_name').notNull().default(''),
    methodSettings: text('method_settings', { mode: 'json' })
      .$type<MethodSettings>()
      .notNull()
      .default({}),
    /** How much of a saying a hint still says. */
    hintFade: text('hint_fade').$type<Fade>().notNull().default('sentence'),
    key: integer('key').$type<KeySignature>().notNull(),
    terms: text('terms').$type<Terms>().notNull(),
    naming: text('naming').$type<Naming>().notNull(),
    sayings: text('sayings', { mode: 'json' }).$type<SayingSet>().notNull(),
    /** Sayings for open strings, by their targets. */
    stringSayings: text('string_sayings', { mode: 'json' })
      .$type<OwnSayings>()
      .notNull()
      .default({}),
    rules: text('rules', { mode: 'json' }).$type<SecurityRules>().notNull(),
    createdAt: integer('created_at').notNull(),
  },
  (t) => [index('group_teacher').on(t.teacherId)],
);

/** A way of teaching that a teacher adjusted and keeps under a name. */
export const ownMethod = sqliteTable(
  'own_method',
  {
    id: text('id').primaryKey(),
    teacherId: text('teacher_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    method: text('method').$type<MethodId>().notNull(),
    settings: text('settings', { mode: 'json' }).$type<MethodSettings>().notNull(),
  },
  (t) => [uniqueIndex('own_method_name').on(t.teacherId, t.name)],
);

/** A student: a first name or initials, and nothing that is not needed. */
export const student = sqliteTable(
  'student',
  {
    id: text('id').primaryKey(),
    groupId: text('group_id')
      .notNull()
      .references(() => group.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    /** The name without case, accents and spaces, to find it as a child types it. */
    nameKey: text('name_key').notNull(),
    instrument: text('instrument').$type<InstrumentId>().notNull(),
    /** Another instrument that the student plays, whose fingers may be mixed up with it. */
    secondInstrument: text('second_instrument').$type<InstrumentId>(),
    leftHanded: integer('left_handed', { mode: 'boolean' }).notNull().default(false),
    /** null: the group's. */
    method: text('method').$type<MethodId>(),
    /** Sayings of their own, by target; the group's where there is none. */
    sayings: text('sayings', { mode: 'json' }).$type<OwnSayings>().notNull().default({}),
    /** The three pictures, encrypted with the installation's secret. */
    pictures: text('pictures').notNull(),
    failedTries: integer('failed_tries').notNull().default(0),
    lockedUntil: integer('locked_until').notNull().default(0),
    createdAt: integer('created_at').notNull(),
  },
  (t) => [uniqueIndex('student_name').on(t.groupId, t.nameKey)],
);

export const studentSession = sqliteTable(
  'student_session',
  {
    tokenHash: text('token_hash').primaryKey(),
    studentId: text('student_id')
      .notNull()
      .references(() => student.id, { onDelete: 'cascade' }),
    expiresAt: integer('expires_at').notNull(),
  },
  (t) => [index('student_session_student').on(t.studentId)],
);

/** Notes that a group has been shown. */
export const introduced = sqliteTable(
  'introduced',
  {
    groupId: text('group_id')
      .notNull()
      .references(() => group.id, { onDelete: 'cascade' }),
    position: text('position').notNull(),
    at: integer('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.groupId, t.position] })],
);

/** Which saying came into use when; for a student, or for the whole group. Rows are only added. */
export const sayingUse = sqliteTable(
  'saying_use',
  {
    id: text('id').primaryKey(),
    groupId: text('group_id')
      .notNull()
      .references(() => group.id, { onDelete: 'cascade' }),
    /** null: the group. */
    studentId: text('student_id').references(() => student.id, { onDelete: 'cascade' }),
    target: text('target').notNull(),
    /** Empty: no longer in use; a student's then follows the group's. */
    words: text('words', { mode: 'json' }).$type<Words>().notNull(),
    at: integer('at').notNull(),
  },
  (t) => [index('saying_use_group').on(t.groupId)],
);

/** A saying that somebody would like: a student's, or one that the class votes on. */
export const sayingOffer = sqliteTable(
  'saying_offer',
  {
    id: text('id').primaryKey(),
    groupId: text('group_id')
      .notNull()
      .references(() => group.id, { onDelete: 'cascade' }),
    /** null: the teacher's. */
    studentId: text('student_id').references(() => student.id, { onDelete: 'cascade' }),
    target: text('target').notNull(),
    words: text('words', { mode: 'json' }).$type<Words>().notNull(),
    state: text('state').$type<'open' | 'accepted' | 'change'>().notNull(),
    /** What the teacher asks to change. */
    reply: text('reply').notNull().default(''),
    /** Hands counted in the vote; null: not yet. */
    hands: integer('hands'),
    at: integer('at').notNull(),
  },
  (t) => [index('saying_offer_group').on(t.groupId)],
);

/** Every answer ever given; rows are added and never changed. */
export const answer = sqliteTable(
  'answer',
  {
    studentId: text('student_id')
      .notNull()
      .references(() => student.id, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    position: text('position').notNull(),
    key: integer('key').$type<KeySignature>().notNull(),
    accidental: integer('accidental'),
    task: text('task').$type<Task>().notNull(),
    given: text('given'),
    correct: integer('correct', { mode: 'boolean' }).notNull(),
    ms: integer('ms'),
    hints: integer('hints').notNull(),
    source: text('source').$type<Source>().notNull(),
    at: integer('at').notNull(),
    /** For places: on which instrument. */
    instrument: text('instrument').$type<InstrumentId>(),
  },
  (t) => [primaryKey({ columns: [t.studentId, t.id] })],
);

/** Answers that a teacher took back by marking the same sheet again. */
export const answerVoid = sqliteTable(
  'answer_void',
  {
    studentId: text('student_id')
      .notNull()
      .references(() => student.id, { onDelete: 'cascade' }),
    answerId: text('answer_id').notNull(),
    at: integer('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.studentId, t.answerId] })],
);

export const sheet = sqliteTable(
  'sheet',
  {
    code: text('code').primaryKey(),
    groupId: text('group_id')
      .notNull()
      .references(() => group.id, { onDelete: 'cascade' }),
    spec: text('spec', { mode: 'json' }).$type<SheetSpec | FirstSpec>().notNull(),
    createdAt: integer('created_at').notNull(),
  },
  (t) => [index('sheet_group').on(t.groupId)],
);

export const sheetCopy = sqliteTable(
  'sheet_copy',
  {
    sheetCode: text('sheet_code')
      .notNull()
      .references(() => sheet.code, { onDelete: 'cascade' }),
    number: integer('number').notNull(),
    /** Whose it is; null for a version that anybody can have. */
    studentId: text('student_id').references(() => student.id, { onDelete: 'cascade' }),
    copy: text('copy', { mode: 'json' }).$type<SheetCopy>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.sheetCode, t.number] })],
);

/**
 * What a student wrote on a sheet, as keyed in, question by question. `revision` counts
 * the times it was marked; nothing given: it was taken back.
 */
export const marking = sqliteTable(
  'marking',
  {
    sheetCode: text('sheet_code')
      .notNull()
      .references(() => sheet.code, { onDelete: 'cascade' }),
    studentId: text('student_id')
      .notNull()
      .references(() => student.id, { onDelete: 'cascade' }),
    number: integer('number').notNull(),
    revision: integer('revision').notNull(),
    given: text('given', { mode: 'json' }).$type<(string | null)[]>().notNull(),
    right: integer('right').notNull(),
    markedAt: integer('marked_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.sheetCode, t.studentId] })],
);

/** When a sheet was given to a student and when it came back; null: not yet. */
export const sheetHand = sqliteTable(
  'sheet_hand',
  {
    sheetCode: text('sheet_code')
      .notNull()
      .references(() => sheet.code, { onDelete: 'cascade' }),
    studentId: text('student_id')
      .notNull()
      .references(() => student.id, { onDelete: 'cascade' }),
    givenAt: integer('given_at'),
    backAt: integer('back_at'),
  },
  (t) => [primaryKey({ columns: [t.sheetCode, t.studentId] })],
);

/** A sheet's exercises and settings that a teacher keeps to use again. */
export const sheetPreset = sqliteTable(
  'sheet_preset',
  {
    id: text('id').primaryKey(),
    teacherId: text('teacher_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    preset: text('preset', { mode: 'json' }).$type<KeptPreset>().notNull(),
  },
  (t) => [uniqueIndex('sheet_preset_name').on(t.teacherId, t.name)],
);
