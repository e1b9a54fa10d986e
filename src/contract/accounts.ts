import { z } from 'zod';
import { pictureSchema } from './common';

export const setupInput = z.object({
  name: z
    .string()
    .trim()
    .min(1, 'Write the name that students know you by.')
    .max(60, 'The name is too long: up to 60 letters.'),
  email: z.email('Write an e-mail address, such as name@example.org.'),
  password: z
    .string()
    .min(
      10,
      'The password needs at least 10 characters. A few words in a row are easy to remember.',
    )
    .max(128, 'The password is too long: up to 128 characters.'),
  /** Printed in the terminal; not needed on the same machine. */
  code: z.string().trim().max(20).optional(),
});

export const enterInput = z.object({
  code: z
    .string()
    .min(1, 'Write the group code.')
    .max(20, 'A group code has six letters and digits.'),
  name: z.string().min(1, 'Write your name.').max(80, 'Write only your first name.'),
  pictures: z.array(pictureSchema).length(3, 'Choose three pictures.'),
});
