declare module 'fontverter' {
  const fontverter: { convert(font: Buffer, format: 'sfnt' | 'woff2'): Promise<Buffer> };
  export default fontverter;
}
declare module 'subset-font' {
  export default function subsetFont(
    font: Buffer,
    text: string,
    options: { targetFormat: 'sfnt' | 'woff2' },
  ): Promise<Buffer>;
}
