/**
 * The text of a file in whatever encoding it was saved: UTF-8 or UTF-16 by its marks,
 * else Western European, which `guessed` tells, because names may then need a look.
 */
export function decodeText(bytes: Uint8Array): { text: string; guessed: boolean } {
  const mark = (bytes[0] ?? 0) * 256 + (bytes[1] ?? 0);
  if (mark === 0xfffe) return { text: new TextDecoder('utf-16le').decode(bytes), guessed: false };
  if (mark === 0xfeff) return { text: new TextDecoder('utf-16be').decode(bytes), guessed: false };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), guessed: false };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), guessed: true };
  }
}
