import { join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { type BetterSQLite3Database, drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { dataDir } from '../config';
import * as schema from './schema';

export type Db = BetterSQLite3Database<typeof schema> & { $client: Database.Database };

/** Migrations stay in the source tree; the server is started from the project's folder. */
const MIGRATIONS = resolve('src/server/db/migrations');

/**
 * Opens and migrates a database file. Write-ahead log with full synchronous writes: a
 * transaction that was answered survives the process being killed and the power failing.
 */
export function openDb(file: string): Db {
  const client = new Database(file);
  client.pragma('journal_mode = WAL');
  client.pragma('synchronous = FULL');
  client.pragma('foreign_keys = ON');
  client.pragma('busy_timeout = 5000');
  const database = drizzle(client, { schema });
  migrate(database, { migrationsFolder: MIGRATIONS });
  return database;
}

let opened: Db | undefined;

/** The installation's database, opened at first use. */
export function db(): Db {
  opened ??= openDb(join(dataDir(), 'lucid-staff.db'));
  return opened;
}

export { schema };
