import { index, integer, primaryKey, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core'
import type { DecisionDocument } from '@/documents/decision-document'
import type { LessonDocument } from '@/documents/lesson-document'
import type { LogBody } from '@/documents/log-document'
import type { PlanDocument } from '@/documents/plan-document'
import type { PostureDocument } from '@/documents/posture-document'
import type { RecordDocument } from '@/documents/record-document'
import type { RoutineDocument } from '@/documents/routine-document'
import type { StanceBody } from '@/documents/stance-document'
import { json } from './json'

/** The first site, and the only one until somebody opens another. */
export const HERE = 'here'

/** Whose row it is; a test reads every query for it. What was there before there were sites is of the first. */
const siteId = () => text('site_id').notNull().default(HERE)

/** Where a house teaches. What it set for itself is JSON text; revision 0: nothing was ever set. */
export const sites = sqliteTable('sites', {
  id: text('id').primaryKey(),
  name: text('name').notNull().default(''),
  house: text('house'),
  revision: integer('revision').notNull().default(0),
})

/** A group of a site: people name it by its id, and so do plans, so that another name loses neither. */
export const groups = sqliteTable(
  'groups',
  {
    id: text('id').primaryKey(),
    siteId: siteId().references(() => sites.id),
    name: text('name').notNull(),
  },
  (table) => [uniqueIndex('group_of_site').on(table.siteId, table.name)],
)

/**
 * Times are ISO 8601 in UTC. Documents are as the open formats hold them (degrees, percent, metres), but that a record
 * names its groups by their ids.
 */
export const people = sqliteTable('people', {
  id: text('id').primaryKey(),
  siteId: siteId(),
  name: text('name').notNull(),
  record: json<RecordDocument>('record').notNull(),
  /** Counts the saves, so that the second of two editors is told. */
  revision: integer('revision').notNull().default(1),
  createdAt: text('created_at').notNull(),
  updatedAt: text('updated_at').notNull(),
  /** Taken away, or brought in and not finished: gone for good when the program is left. */
  deletedAt: text('deleted_at'),
})

/** A stance that was kept for a person and a posture. */
export const kept = sqliteTable(
  'kept',
  {
    id: text('id').primaryKey(),
    siteId: siteId(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    posture: text('posture').notNull(),
    school: text('school').notNull(),
    name: text('name').notNull(),
    note: text('note').notNull().default(''),
    stance: json<StanceBody>('stance').notNull(),
    createdAt: text('created_at').notNull(),
  },
  (table) => [index('kept_by_person').on(table.personId, table.posture)],
)

/** What is on the bench for a person and not kept yet, so that leaving loses nothing. */
export const drafts = sqliteTable('drafts', {
  personId: text('person_id')
    .primaryKey()
    .references(() => people.id, { onDelete: 'cascade' }),
  siteId: siteId(),
  posture: text('posture').notNull(),
  school: text('school').notNull(),
  stance: json<StanceBody>('stance').notNull(),
  revision: integer('revision').notNull().default(1),
  updatedAt: text('updated_at').notNull(),
})

/** Postures that the instructor changed or added; what is not here is as the program ships it. */
export const postures = sqliteTable(
  'postures',
  {
    id: text('id').notNull(),
    siteId: siteId(),
    document: json<PostureDocument>('document').notNull(),
    revision: integer('revision').notNull().default(1),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.siteId, table.id] })],
)

/** What a class does with a posture: its levels, and who does which. */
export const plans = sqliteTable(
  'plans',
  {
    id: text('id').primaryKey(),
    siteId: siteId(),
    groupId: text('group_id')
      .notNull()
      .references(() => groups.id),
    posture: text('posture').notNull(),
    document: json<PlanDocument>('document').notNull(),
    revision: integer('revision').notNull().default(1),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [uniqueIndex('plan_of_group').on(table.groupId, table.posture)],
)

/** Routines that the instructor changed or made; what is not here is as the program ships it. */
export const routines = sqliteTable(
  'routines',
  {
    id: text('id').notNull(),
    siteId: siteId(),
    document: json<RoutineDocument>('document').notNull(),
    revision: integer('revision').notNull().default(1),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.siteId, table.id] })],
)

/** What a group does on a day. */
export const lessons = sqliteTable(
  'lessons',
  {
    id: text('id').primaryKey(),
    siteId: siteId(),
    groupId: text('group_id')
      .notNull()
      .references(() => groups.id),
    day: text('day').notNull(),
    document: json<LessonDocument>('document').notNull(),
    revision: integer('revision').notNull().default(1),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [uniqueIndex('lesson_of_day').on(table.groupId, table.day)],
)

/** What happened: one row a person, piece and day; the row without a piece ('') is about the whole lesson. */
export const log = sqliteTable(
  'log',
  {
    siteId: siteId(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    day: text('day').notNull(),
    groupId: text('group_id').notNull(),
    piece: text('piece').notNull().default(''),
    /** What the piece was called then. */
    title: text('title').notNull().default(''),
    body: json<LogBody>('body').notNull(),
    revision: integer('revision').notNull().default(1),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [
    uniqueIndex('log_row').on(table.personId, table.day, table.groupId, table.piece),
    index('log_by_day').on(table.groupId, table.day),
  ],
)

/** What was decided for somebody after a class: one a day. */
export const decisions = sqliteTable(
  'decisions',
  {
    siteId: siteId(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    day: text('day').notNull(),
    document: json<DecisionDocument>('document').notNull(),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [uniqueIndex('decision_of_day').on(table.personId, table.day)],
)

/** Single facts about this database, such as that the demo data were put in. */
export const facts = sqliteTable('facts', {
  key: text('key').primaryKey(),
  value: text('value').notNull(),
  revision: integer('revision').notNull().default(1),
})
