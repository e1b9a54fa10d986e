import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Every test file has a database of its own. Import this before anything of the server. */
process.env.DATA_DIR = mkdtempSync(join(tmpdir(), 'lucid-test-'));
