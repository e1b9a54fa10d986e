import { describe, expect, it } from 'vitest';
import { CLEF_IDS, LETTERS } from '@/core/notation';
import { seeded } from '@/core/random';
import { byTarget, DEFAULT_SAYINGS, FADES, stripLines, withOwn, wordAt } from '@/core/sayings';
import {
  allTargets,
  bankWords,
  checkSaying,
  clashes,
  clashOf,
  plainWord,
  repairClash,
  rhymes,
  STAFF_TARGETS,
  soundsLike,
  staffTarget,
  stringsTarget,
  suggestSayings,
  syllables,
  THEMES,
  targetById,
  wordsOf,
} from '@/core/workshop';

const random = seeded('workshop');
const LINES = staffTarget('treble', 'lines');
const BASS = staffTarget('bass', 'lines');
const check = (text: string, target = LINES) => checkSaying(text, target, random);
const used = (target: typeof LINES, text: string) => ({ target, words: wordsOf(text) });
/** Five words in the order of the letters four of which run through both line sets. */
const PLANTED = [
  used(LINES, 'Elegant Goats Bring Dry Figs'),
  used(BASS, 'Goats Bring Dry Figs Abroad'),
] as const;

describe('the word bank', () => {
  it('has at least 60 words for each letter, each with its first letter and fit for children', () => {
    for (const letter of ['A', 'B', 'C', 'D', 'E', 'F', 'G'] as const) {
      const words = bankWords(letter);
      expect(new Set(words.map((w) => w.text)).size).toBeGreaterThanOrEqual(60);
      for (const w of words) expect(w.text[0]).toBe(letter.toLowerCase());
      for (const kind of ['noun', 'verb', 'adjective', 'adverb']) {
        expect(words.some((w) => w.kind === kind)).toBe(true);
      }
      for (const theme of THEMES) expect(words.some((w) => w.theme === theme)).toBe(true);
    }
  });
});

describe('checking', () => {
  it('finds nothing wrong with the sayings that ship, which share no word', () => {
    const words: string[] = [];
    for (const target of STAFF_TARGETS) {
      const own = byTarget(DEFAULT_SAYINGS)[target.id]!;
      expect(check(own.join(' '), target).filter((i) => i.weight === 'wrong')).toEqual([]);
      words.push(...own.filter((w) => w.length > 1));
    }
    expect(new Set(words.map(plainWord)).size).toBe(words.length);
    const all = STAFF_TARGETS.map((t) => ({ target: t, words: byTarget(DEFAULT_SAYINGS)[t.id]! }));
    expect(clashes(all).filter((c) => c.share > 0)).toEqual([]);
  });

  it.each([
    ['Eels glide below', 'count', /needs 5 words.*has 3/],
    ['Eels glide past dark ferries', 'letter', /Word 3 stands on treble line 3.*start with B/],
    ['Eels glide by the dark ferries', 'small-word', /“the” would be counted/],
    ['Eels grab beer daily forever', 'unfit', /“beer” is not for children/],
    ['Eels glide 🐻 dark ferries', 'script', /a picture, not a word/],
    ['אבג דהו זחט יכל מנס', 'script', /Latin letters/],
    ['word '.repeat(300), 'count', /200 or more/],
    [`E${'x'.repeat(30)} glide below dark ferries`, 'long-word', /up to 20 letters/],
    ['Extraordinarily glide below dark ferries', 'hard', /hard to read/],
    ['Every giant badger drops figs', 'picture', /hard to picture/],
    ['Enormous grasshoppers bake delicious flapjacks', 'slow', /syllables/],
  ])('%s: says %s', (text, kind, message) => {
    const issue = check(text).find((i) => i.kind === kind);
    expect(issue?.message).toMatch(message);
  });

  it('takes nothing, accents and FACE', () => {
    expect(check('   ')).toEqual([]);
    expect(check('Éclairs glide below dark ferries')).toEqual([]);
    expect(check('FACE', staffTarget('treble', 'spaces'))).toEqual([]);
  });

  it('offers repairs that are right', () => {
    for (const text of [
      'Eels glide past dark ferries',
      'Eels glide by the dark ferries',
      'Eels grab beer daily forever',
    ]) {
      const repair = check(text).find((i) => i.repair)?.repair;
      expect(check(repair!).filter((i) => i.weight === 'wrong')).toEqual([]);
    }
  });

  it('knows open strings too', () => {
    const guitar = stringsTarget('guitar')!;
    expect(guitar.letters.join('')).toBe('EADGBE');
    expect(guitar.place(0)).toBe('string 6');
    expect(check('Elephants ask dogs', guitar)[0]!.message).toContain('open strings of the guitar');
    expect(stringsTarget('flute')).toBeNull();
    expect(targetById('strings-violin')!.letters.join('')).toBe('GDAE');
    expect(targetById('strings-kazoo')).toBeNull();
    expect(allTargets().length).toBeGreaterThan(STAFF_TARGETS.length);
  });
});

describe('clashes', () => {
  it('count positions that are named wrong by a word of the right saying', () => {
    const clash = clashOf(...PLANTED);
    // Four of five words run through both, each on the neighbouring line.
    expect(clash.share).toBeCloseTo(0.8);
    expect(Math.abs(clash.apart!)).toBe(1);
    expect(clash.reasons.join(' ')).toContain('lands one line off');
    expect(clash.reasons.join(' ')).toContain('“Goats” stands on treble line 2 and on bass line 1');
  });

  it('see the same word in another number, the same theme, opening, rhyme and sound', () => {
    const shared = clashOf(
      used(LINES, 'Eels grab big dry fig'),
      used(BASS, 'Grey bears drop figs away'),
    );
    expect(shared.share).toBeGreaterThan(0);
    const sea = clashOf(
      used(LINES, 'Eddies grind boats dry flags'),
      used(BASS, 'Gulls bring decks fins anchors'),
    );
    expect(sea.reasons.join(' ')).toContain('about sea');
    expect(rhymes('cake', 'snake')).toBe(true);
    expect(rhymes('goats', 'boats')).toBe(true);
    expect(rhymes('cake', 'figs')).toBe(false);
    expect(soundsLike('flour', 'flower')).toBe(true);
    expect(soundsLike('figs', 'goats')).toBe(false);
    expect([syllables('dog'), syllables('banana'), syllables('flies')]).toEqual([1, 3, 1]);
  });

  it('are none between a word that is spelled and a sentence', () => {
    const face = used(staffTarget('treble', 'spaces'), 'FACE');
    expect(clashOf(face, used(BASS, 'F A C E A')).share).toBe(0);
  });

  it('can be mended by changing the shared words', () => {
    const words = repairClash(PLANTED[1], [PLANTED[0]], random)!;
    const mended = { target: BASS, words };
    expect(clashOf(PLANTED[0], mended).share).toBe(0);
    expect(check(words.join(' '), BASS).filter((i) => i.weight === 'wrong')).toEqual([]);
  });
});

describe('suggestions', () => {
  const suggest = (options: Partial<Parameters<typeof suggestSayings>[0]> = {}) =>
    suggestSayings({ target: LINES, count: 20, ...options }, seeded('s'));

  it('fit their letters, pass the check and differ', () => {
    for (const target of allTargets()) {
      const all = suggest({ target });
      expect(all.length).toBe(20);
      expect(new Set(all.map((w) => w.join(' '))).size).toBe(20);
      for (const words of all) {
        const wrong = check(words.join(' '), target).filter((i) => i.weight === 'wrong');
        expect(wrong, words.join(' ')).toEqual([]);
      }
    }
  });

  it('avoid clashes with what is in use', () => {
    for (const words of suggest({ target: BASS, inUse: [PLANTED[0]] })) {
      expect(clashOf(PLANTED[0], { target: BASS, words }).share).toBe(0);
    }
  });

  it('keep locked words, use the class’s, and follow the theme', () => {
    const locked = ['Eagles', null, null, null, 'Figs'];
    for (const words of suggest({ locked })) {
      expect([words[0], words[4]]).toEqual(['Eagles', 'Figs']);
    }
    const own = suggest({ supplied: ['dinosaurs', 'grandpas'] }).flat();
    expect(own.filter((w) => w === 'Grandpas').length).toBeGreaterThan(3);
    const sea = new Set(
      LETTERS.flatMap((l) => bankWords(l).filter((w) => w.theme === 'sea')).map((w) => w.text),
    );
    const share = (theme: 'sea' | null) =>
      suggest({ theme })
        .flat()
        .filter((w) => sea.has(w.toLowerCase())).length;
    expect(share('sea')).toBeGreaterThan(2 * share(null));
  });

  it('say nothing when kept words leave no way', () => {
    expect(suggest({ locked: ['Bring', 'Give', 'Bake', 'Drop', 'Find'] })).toEqual([]);
  });
});

describe('sayings in use', () => {
  it('are a student’s own before the group’s', () => {
    const own = { 'treble-lines': ['Eggs', 'Grow', 'Big', 'Dry', 'Feet'] };
    const set = withOwn(DEFAULT_SAYINGS, own);
    expect(wordAt(set, { clef: 'treble', step: 0 })).toBe('Eggs');
    expect(wordAt(set, { clef: 'bass', step: 8 })).toBe('Acorns');
    expect(wordAt(set, { clef: 'bass', step: 10 })).toBeNull();
  });

  it('stand across a sheet as far as its notes need them, and fade', () => {
    const lines = CLEF_IDS.map((clef) => ({ clef, step: 2 }));
    const strips = FADES.map((fade) => stripLines(DEFAULT_SAYINGS, lines, fade));
    expect(strips.map((s) => s.length)).toEqual([2, 2, 2, 0]);
    expect(strips[0]![0]).toContain('Eels · Glide');
    expect(strips[1]![0]).toContain('E · G · B · D · F');
    expect(strips[2]![1]).toContain('Bass lines, from the bottom: 1 · 2 · 3 · 4 · 5');
  });
});
