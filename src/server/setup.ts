import { randomInt } from 'node:crypto';
import { createTeacher, hasTeacher } from './auth';
import { Problem } from './errors';

let code: string | undefined;

/** The one-time code, printed in the terminal when it is first needed. */
export function setupCode(): string {
  if (!code) {
    code = String(randomInt(10_000_000, 99_999_999));
    console.log(`\nSet-up code for another machine: ${code}\n`);
  }
  return code;
}

/** Whether an address is this machine itself. */
export function isLocal(address: string): boolean {
  return ['127.0.0.1', '::1', '::ffff:127.0.0.1'].includes(address);
}

/**
 * Makes the first teacher's account: from this machine, or with the code from the
 * terminal. @throws Problem 403 otherwise, or once there is an account.
 */
export async function setUp(
  input: { name: string; email: string; password: string; code?: string | undefined },
  address: string,
): Promise<void> {
  if (hasTeacher()) {
    throw new Problem(403, 'Already set up', 'There is a teacher’s account. Sign in with it.');
  }
  if (!isLocal(address) && input.code !== setupCode()) {
    throw new Problem(
      403,
      'The code is needed',
      'Open this page on the machine that runs the application, or type the code that its terminal shows.',
    );
  }
  await createTeacher(input);
  code = undefined;
}
