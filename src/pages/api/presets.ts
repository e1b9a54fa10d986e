import { presetInput, presetName } from '@/contract/sheets';
import { endpoint } from '@/server/endpoint';
import { forgetPreset, keepPreset } from '@/server/stores/presets';

/** Keeps a sheet to use again; one of that name is replaced. */
export const PUT = endpoint({
  who: 'teacher',
  input: presetInput,
  handle({ actor, input }) {
    keepPreset(actor.id, input.name, input.preset);
  },
});

export const DELETE = endpoint({
  who: 'teacher',
  input: presetName,
  handle({ actor, input }) {
    forgetPreset(actor.id, input.name);
  },
});
