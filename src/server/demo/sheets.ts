import { type KeptPreset, newSection, START_SETTINGS } from '../../core/sheets';

/** The sheet that came back last week: naming, and labels to put right. */
export const DEMO_SHEET: KeptPreset = {
  ...START_SETTINGS,
  title: 'Lantern evening: name the notes',
  sections: [
    newSection('name-notes', 'names', {
      count: 16,
      weakFirst: true,
      instructions: 'Look at the clef first. Write the name under each note.',
    }),
    newSection('find-mistakes', 'mistakes', { count: 8 }),
    newSection('draw-note', 'draw', { count: 4, options: { ask: 'octave' } }),
  ],
};

/** The sheet that waits to be marked. */
export const DEMO_WARM_UP: KeptPreset = {
  ...START_SETTINGS,
  title: 'Warm-up before the lanterns',
  sections: [
    newSection('name-notes', 'names', { count: 12, weakFirst: true }),
    newSection('line-space', 'lines', { count: 8 }),
  ],
};

/** A sheet that the demo's teacher keeps. */
export const DEMO_PRESET = { name: 'Five minutes at the start', preset: DEMO_WARM_UP } as const;
