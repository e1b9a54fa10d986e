/** Digits of a sheet code: no I, L, O or U, which children and printers confuse. Source: Crockford's base 32. */
const DIGITS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
/** Characters before the check character: 32⁵, about 33 million sheets. */
const LENGTH = 5;

/** A sheet code from random digits: five characters and a check character, such as `7K4QX3`. */
export function makeSheetCode(random: () => number): string {
  let body = '';
  for (let i = 0; i < LENGTH; i++) body += DIGITS[Math.floor(random() * DIGITS.length)];
  return body + checkCharacter(body);
}

/** Weighted sum modulo 31 (a prime), so that one wrong or two swapped characters are noticed. */
function checkCharacter(body: string): string {
  let sum = 0;
  for (let i = 0; i < body.length; i++) sum += (i + 1) * DIGITS.indexOf(body[i]!);
  return DIGITS[sum % 31]!;
}

/** The code printed on one copy: the sheet's code, and the copy's number when there are several. */
export function copyCode(sheet: string, copy: number): string {
  return `${sheet}-${copy}`;
}

export type ReadCode =
  | { readonly ok: true; readonly sheet: string; readonly copy: number | null }
  | { readonly ok: false; readonly reason: string };

/** Reads a code as typed: small letters, spaces, O for 0 and I or L for 1 are forgiven. */
export function readSheetCode(text: string): ReadCode {
  const clean = text
    .trim()
    .toUpperCase()
    .replace(/\s+/g, '')
    .replace(/O/g, '0')
    .replace(/[IL]/g, '1');
  const match = /^([0-9A-Z]{6})(?:-?(\d{1,3}))?$/.exec(clean);
  if (!match) {
    return {
      ok: false,
      reason:
        'A sheet code has six letters or digits and the number of the copy, like 7K4QX3-2. It stands in the corner of the sheet.',
    };
  }
  const code = match[1]!;
  if (checkCharacter(code.slice(0, LENGTH)) !== code[LENGTH]) {
    return {
      ok: false,
      reason: `${code} is not a sheet code: one character is wrong or two are swapped. Compare it with the corner of the sheet.`,
    };
  }
  return { ok: true, sheet: code, copy: match[2] ? Number(match[2]) : null };
}
