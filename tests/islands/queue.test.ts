import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { SentAnswer } from '@/contract/answers';
import { composeSheet, markTyped, newSection } from '@/core/sheets';
import { keepDraft, readDraft } from '@/islands/marking/drafts';
import { typedAgain } from '@/islands/marking/typed';
import { enqueue, flush, waiting } from '@/islands/practise/queue';
import { at, sheet } from '../helpers/sheets';

/** A browser's storage, as far as it is used. */
class Storage {
  private items = new Map<string, string>();
  getItem = (key: string) => this.items.get(key) ?? null;
  setItem = (key: string, value: string) => void this.items.set(key, value);
  removeItem = (key: string) => void this.items.delete(key);
}

const answer = (id: string): SentAnswer => ({
  id,
  position: 't1',
  key: 0,
  accidental: null,
  task: 'name',
  given: 'F',
  instrument: null,
  ms: 900,
  hints: 0,
  source: 'drill',
  at: 1.7e12,
});

/** A server that stores what it is sent, or does what `fail` says. */
function server(fail: (call: number) => Response | Error | null = () => null) {
  const calls: string[][] = [];
  vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
    const ids = (JSON.parse(String(init.body)) as { answers: SentAnswer[] }).answers.map(
      (a) => a.id,
    );
    calls.push(ids);
    const failure = fail(calls.length);
    if (failure instanceof Error) throw failure;
    return failure ?? Response.json({ stored: ids });
  });
  return calls;
}

beforeEach(() => {
  vi.stubGlobal('localStorage', new Storage());
});

describe('the queue of answers', () => {
  it('sends in order and forgets only what the server has', async () => {
    const calls = server();
    for (const id of ['a', 'b', 'c']) enqueue('s', answer(id));
    expect(waiting('s')).toBe(3);
    expect(await flush('s')).toBe('sent');
    expect(calls).toEqual([['a', 'b', 'c']]);
    expect(waiting('s')).toBe(0);
    expect(await flush('s')).toBe('sent');
    expect(calls).toHaveLength(1);
  });

  it('keeps everything without a connection, and sends it later', async () => {
    server(() => new TypeError('no network'));
    enqueue('s', answer('a'));
    expect(await flush('s')).toBe('offline');
    expect(waiting('s')).toBe(1);
    server();
    expect(await flush('s')).toBe('sent');
    expect(waiting('s')).toBe(0);
  });

  it('keeps what the server did not store', async () => {
    const calls = server((n) => (n === 1 ? Response.json({ stored: ['a'] }) : null));
    for (const id of ['a', 'b']) enqueue('s', answer(id));
    await flush('s');
    expect(calls).toEqual([['a', 'b'], ['b']]);
    expect(waiting('s')).toBe(0);
  });

  it.each([
    [401, 'signed-out'],
    [404, 'signed-out'],
    [400, 'refused'],
    [500, 'refused'],
  ])('keeps all when the server answers %i', async (status, state) => {
    server(() => new Response('{}', { status }));
    enqueue('s', answer('a'));
    expect(await flush('s')).toBe(state);
    expect(waiting('s')).toBe(1);
  });

  it('sends a long queue in batches that the server takes', async () => {
    const calls = server();
    for (let i = 0; i < 450; i++) enqueue('s', answer(`a${i}`));
    await flush('s');
    expect(calls.map((c) => c.length)).toEqual([200, 200, 50]);
    expect(new Set(calls.flat()).size).toBe(450);
  });

  it('keeps students of one device apart', async () => {
    server();
    enqueue('one', answer('a'));
    enqueue('two', answer('b'));
    await flush('one');
    expect([waiting('one'), waiting('two')]).toEqual([0, 1]);
  });

  it('does not send twice at once', async () => {
    const calls = server();
    enqueue('s', answer('a'));
    await Promise.all([flush('s'), flush('s')]);
    expect(calls).toHaveLength(1);
  });

  it('survives a broken entry', () => {
    localStorage.setItem('lucid-answers:s', '{broken');
    expect(waiting('s')).toBe(0);
    enqueue('s', answer('a'));
    expect(waiting('s')).toBe(1);
  });
});

describe('letters typed while marking', () => {
  it('are kept for each sheet and student until they are saved', () => {
    keepDraft('AAAAAA', 'ada', ['f a', '']);
    keepDraft('AAAAAA', 'bo', ['', 'g']);
    expect([
      readDraft('AAAAAA', 'ada'),
      readDraft('AAAAAA', 'bo'),
      readDraft('BBBBBB', 'ada'),
    ]).toEqual([['f a', ''], ['', 'g'], null]);
    keepDraft('AAAAAA', 'ada', ['', '']);
    expect(readDraft('AAAAAA', 'ada')).toBeNull();
    localStorage.setItem('lucid-marking:AAAAAA:ada', 'f a g');
    expect(readDraft('AAAAAA', 'ada')).toEqual(['f a g']);
  });
});

describe('a marking that is corrected', () => {
  const positions = at('treble', 0, 8);
  const again = (naming: 'letters' | 'fixed-do' | 'movable-do', given: (string | null)[]) => {
    const spec = sheet(
      [newSection('name-notes', 'a', { count: 2 }), newSection('line-space', 'b', { count: 1 })],
      { positions, naming, key: 1 },
    );
    const sections = composeSheet(spec, { seed: 's' });
    const typed = typedAgain(sections, { copy: 1, given, right: 0 }, 1);
    const read = sections.map((s, i) => markTyped(s.questions, typed[i]!));
    return [typed, read.flatMap((r) => (r.ok ? r.marks.map((m) => m.given) : r.reason))];
  };

  it.each(['letters', 'fixed-do', 'movable-do'] as const)(
    'comes back as it was keyed in (%s)',
    (naming) => {
      const given = ['F#', null, 'L5'];
      expect(again(naming, given)[1]).toEqual(given);
      expect(again(naming, ['F', 'Bb', 'S1'])[1]).toEqual(['F', 'Bb', 'S1']);
    },
  );

  it('says the syllables that the student wrote', () => {
    expect(again('fixed-do', ['F#', 'E', 'L1'])[0]).toEqual(['f# m', 'L1']);
    expect(again('movable-do', ['F#', 'E', 'L1'])[0]).toEqual(['t l', 'L1']);
  });

  it('is empty for another copy', () => {
    const sections = composeSheet(sheet([newSection('dots', 'a', { count: 2 })]), { seed: 's' });
    expect(typedAgain(sections, { copy: 2, given: ['E', 'F'], right: 0 }, 1)).toEqual(['']);
  });
});
