import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { openDb, schema } from '@/server/db';

it('keeps every acknowledged answer when the process is killed', async () => {
  const dir = mkdtempSync(join(tmpdir(), 'lucid-kill-'));
  const child = spawn(process.execPath, ['--import', 'tsx', 'tests/helpers/writer.ts'], {
    env: { ...process.env, DATA_DIR: dir },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const acknowledged: string[] = [];
  let rest = '';
  await new Promise<void>((resolve) => {
    child.stdout.on('data', (chunk: Buffer) => {
      const lines = (rest + chunk).split('\n');
      rest = lines.pop() ?? '';
      acknowledged.push(...lines);
      if (acknowledged.length >= 200) child.kill('SIGKILL');
    });
    child.on('exit', () => resolve());
  });
  expect(child.signalCode).toBe('SIGKILL');
  const stored = new Set(
    openDb(join(dir, 'lucid-staff.db'))
      .select({ id: schema.answer.id })
      .from(schema.answer)
      .all()
      .map((r) => r.id),
  );
  expect(acknowledged.length).toBeGreaterThanOrEqual(200);
  expect(acknowledged.filter((id) => !stored.has(id))).toEqual([]);
});
