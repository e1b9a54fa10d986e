import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '@/core/random';
import { copyCode, makeSheetCode, readSheetCode } from '@/core/sheets';

describe('sheet codes', () => {
  it('are read back as typed by tired people', () => {
    fc.assert(
      fc.property(fc.string(), fc.integer({ min: 1, max: 300 }), (seed, copy) => {
        const code = makeSheetCode(seeded(seed));
        const typed = ` ${copyCode(code, copy).toLowerCase().replaceAll('0', 'o').replaceAll('1', 'l')} `;
        expect(readSheetCode(typed)).toEqual({ ok: true, sheet: code, copy });
      }),
    );
    expect(readSheetCode(makeSheetCode(seeded('x')))).toMatchObject({ ok: true, copy: null });
  });

  it('notice one wrong character and two swapped ones', () => {
    const code = makeSheetCode(seeded('check'));
    let refused = 0;
    for (const c of '23456789ABCDEFGH') {
      const typed = code[0] === c ? null : c + code.slice(1);
      if (typed && !readSheetCode(typed).ok) refused++;
      else if (!typed) refused++;
    }
    expect(refused).toBe(16);
    const swapped = code[1]! + code[0]! + code.slice(2);
    expect(code[0] === code[1] || !readSheetCode(swapped).ok).toBe(true);
    expect(readSheetCode('hello')).toMatchObject({
      ok: false,
      reason: expect.stringContaining('7K4QX3-2'),
    });
  });
});
