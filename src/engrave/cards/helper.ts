/** How somebody who need not read music runs a round: a title, then the steps. */
export const HELPER_STEPS: readonly string[] = [
  'For the helper',
  'Hold one card so that the student sees the front and you the back.',
  'Wait. Five seconds are a long time, and all right.',
  'Right: turn the card round, say so, lay it aside.',
  'Not yet: show the back, say the answer together, put the card three places down the pile.',
  'Stop when every card was right twice, or after five minutes.',
];
