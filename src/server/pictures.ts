import { createCipheriv, createDecipheriv, createHash, randomBytes, randomInt } from 'node:crypto';
import { PICTURES, type PictureId } from '../contract/pictures';
import { secret } from './config';

/**
 * A key has three pictures of twelve. Children forget theirs, so a teacher must be able
 * to see it again: it is encrypted, not hashed (1,728 keys would not withstand a search
 * anyway; the lock after five tries is what protects it).
 */
const ALGORITHM = 'aes-256-gcm';
const cipherKey = () => createHash('sha256').update(`pictures/${secret()}`).digest();

/** Three different pictures at random. */
export function newKey(): PictureId[] {
  const left = [...PICTURES];
  return [0, 1, 2].map(() => left.splice(randomInt(left.length), 1)[0]!);
}

/** The key as it is stored. */
export function sealKey(key: readonly PictureId[]): string {
  const iv = randomBytes(12);
  const cipher = createCipheriv(ALGORITHM, cipherKey(), iv);
  const body = Buffer.concat([cipher.update(key.join(' '), 'utf8'), cipher.final()]);
  return Buffer.concat([iv, cipher.getAuthTag(), body]).toString('base64');
}

/** The key as the teacher sees it. @throws Error when it was sealed with another secret. */
export function openKey(sealed: string): PictureId[] {
  const bytes = Buffer.from(sealed, 'base64');
  const decipher = createDecipheriv(ALGORITHM, cipherKey(), bytes.subarray(0, 12));
  decipher.setAuthTag(bytes.subarray(12, 28));
  const body = Buffer.concat([decipher.update(bytes.subarray(28)), decipher.final()]);
  return body.toString('utf8').split(' ') as PictureId[];
}
