import { randomInt, randomUUID } from 'node:crypto';

/** Characters of group codes: none that children confuse. */
const LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';
const CODE_LENGTH = 6;

/** A new identifier. */
export function newId(): string {
  return randomUUID();
}

/** A new group code, such as `K7MQ2X`: 30⁶, about 700 million. */
export function newCode(): string {
  let code = '';
  for (let i = 0; i < CODE_LENGTH; i++) code += LETTERS[randomInt(LETTERS.length)];
  return code;
}

/** Cryptographic numbers from 0 up to 1, for seeds and sheet codes. */
export function secureRandom(): number {
  return randomInt(2 ** 32) / 2 ** 32;
}
