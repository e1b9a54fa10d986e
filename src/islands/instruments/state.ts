import { useCallback, useEffect, useState } from 'react';
import { type InstrumentsAddress, writeInstruments } from '../../contract/address';
import {
  allRead,
  allSound,
  INSTRUMENTS,
  type InstrumentId,
  type Part,
  read,
  soundingPitch,
  writtenPitch,
} from '../../core/instruments';
import { midi, type Pitch } from '../../core/notation';

/** A place that was touched, and the written note that it is taken for; null for none. */
export interface Touched {
  readonly index: number;
  readonly code: string;
  readonly note: Pitch | null;
}

/** What each instrument reads, plays and sounds for the view's note. */
export function partsOf({ ids, note, mode }: InstrumentsAddress): Part[] {
  return mode === 'read' ? allRead(ids, note) : allSound(ids, note);
}

/**
 * The written note that a touched place is taken for: the next of its notes above the one
 * shown, so that touching an open brass instrument again climbs; null when it has none.
 */
export function noteOfPlace(id: InstrumentId, code: string, shown: Pitch): Pitch | null {
  const all = read(id, code);
  const heights = [...new Set(all.map(midi))];
  const at = heights.indexOf(midi(shown));
  const height = heights[at < 0 ? 0 : (at + 1) % heights.length];
  return all.find((p) => midi(p) === height) ?? null;
}

/** The note of the view when an instrument's written note is chosen. */
export function viewNote(view: InstrumentsAddress, id: InstrumentId, written: Pitch): Pitch {
  return view.mode === 'read' ? written : soundingPitch(INSTRUMENTS[id], written);
}

/** The view's note when the meaning of "all" changes: the first instrument keeps its written note. */
export function inMode(view: InstrumentsAddress, mode: 'read' | 'sound'): InstrumentsAddress {
  const first = INSTRUMENTS[view.ids[0]!];
  if (mode === view.mode) return view;
  const note = mode === 'sound' ? soundingPitch(first, view.note) : writtenPitch(first, view.note);
  return { ...view, mode, note };
}

/** The view's state, kept in the address so that a link brings it back. */
export function useView(initial: InstrumentsAddress) {
  const [view, setView] = useState(initial);
  const [touched, setTouched] = useState<Touched | null>(null);
  useEffect(() => {
    const url = new URL(window.location.href);
    writeInstruments(url.searchParams, view);
    window.history.replaceState(null, '', url.toString().replaceAll('%2C', ','));
  }, [view]);
  const change = useCallback((part: Partial<InstrumentsAddress>) => {
    setTouched(null);
    setView((now) => ({ ...now, ...part }));
  }, []);
  const touch = useCallback(
    (index: number, code: string) => {
      const id = view.ids[index]!;
      const shown = partsOf(view)[index]!.written;
      const note = noteOfPlace(id, code, shown);
      setTouched({ index, code, note });
      if (note) setView((now) => ({ ...now, note: viewNote(now, id, note) }));
    },
    [view],
  );
  return { view, touched, change, touch, setView };
}
