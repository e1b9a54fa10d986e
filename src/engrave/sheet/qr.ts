import QRCode from 'qrcode';
import { INK } from '../colors';
import type { Surface } from '../surface';

/** Side of the code in mm: squares of 0.6 mm, which a decoder reads from a page drawn at 110 dots an inch. */
export const QR_SIZE = 13;

/** The squares of a QR code for a text, by rows. Source: ISO/IEC 18004, by the library. */
export function qrOf(text: string): {
  side: number;
  dark: (row: number, column: number) => boolean;
} {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  return { side: modules.size, dark: (r, c) => modules.get(r, c) === 1 };
}

/** Draws a QR code as one path, so that no seams show between its squares. */
export function drawQr(
  surface: Surface,
  code: ReturnType<typeof qrOf>,
  x: number,
  y: number,
): void {
  const unit = QR_SIZE / code.side;
  surface.save();
  surface.setFillStyle(INK).beginPath();
  for (let r = 0; r < code.side; r++) {
    for (let c = 0; c < code.side; c++) {
      if (!code.dark(r, c)) continue;
      const from = c;
      while (c + 1 < code.side && code.dark(r, c + 1)) c++;
      surface.rect(x + from * unit, y + r * unit, (c + 1 - from) * unit, unit);
    }
  }
  surface.fill();
  surface.restore();
}
