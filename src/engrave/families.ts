/** Family names in the browser: text, then signs such as ♯ for what text lacks. */
export const TEXT_FAMILY = "'Atkinson Hyperlegible Next', 'Lucid Signs', sans-serif";
/** Family under which the browser loads the cut-down music font. */
export const MUSIC_WEB_FAMILY = "'Lucid Music'";
