import type { Place } from '../../core/instruments';
import { FELT, MADDER } from '../colors';
import type { Surface, TextStyle } from '../surface';

/** From where the instrument is looked at, and how it is held. */
export interface DiagramView {
  /** As the teacher in front sees it; otherwise as the player does. */
  readonly front?: boolean;
  /** Held the other way round by a left-handed player (guitar and ukulele). */
  readonly leftHanded?: boolean;
}

/** A place to show: here it is, here it could be too, here it was wrongly shown. */
export interface Shown {
  readonly place: Place;
  readonly role: 'here' | 'also' | 'wrong';
}

export const ROLE_COLORS: Readonly<Record<Shown['role'], string>> = {
  here: FELT,
  also: FELT,
  wrong: MADDER,
};

/** Something that can be touched on a diagram: centre and size in the diagram's units. */
export interface Spot {
  /** Code of the place, or of the single touch on instruments where several make a place. */
  readonly id: string;
  /** In words, without naming the note. */
  readonly label: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** An instrument's picture in units of its own. */
export interface Diagram {
  readonly width: number;
  readonly height: number;
  readonly spots: readonly Spot[];
  /** How it is looked at, in words. */
  readonly seen: string;
  draw(surface: Surface, shown: readonly Shown[]): void;
}

/** Turns coordinates for another point of view; texts stay upright. */
export class Frame {
  constructor(
    readonly width: number,
    readonly height: number,
    private readonly flip: { readonly x?: boolean; readonly y?: boolean } = {},
  ) {}

  x(x: number): number {
    return this.flip.x ? this.width - x : x;
  }

  y(y: number): number {
    return this.flip.y ? this.height - y : y;
  }

  box(surface: Surface, x: number, y: number, width: number, height: number, fill: string): void {
    const left = this.flip.x ? this.width - x - width : x;
    const top = this.flip.y ? this.height - y - height : y;
    surface.box(left, top, width, height, fill);
  }

  line(
    surface: Surface,
    [x1, y1, x2, y2]: readonly [number, number, number, number],
    width: number,
    color: string,
  ): void {
    surface.line(this.x(x1), this.y(y1), this.x(x2), this.y(y2), width, color);
  }

  /** Text centred on a point. */
  label(surface: Surface, text: string, x: number, y: number, style: TextStyle): void {
    const anchor = style.anchor ?? 'middle';
    const turned =
      this.flip.x && anchor !== 'middle' ? (anchor === 'end' ? 'start' : 'end') : anchor;
    surface.text(text, this.x(x), this.y(y) + style.size * 0.36, { ...style, anchor: turned });
  }

  spot(id: string, label: string, x: number, y: number, width: number, height: number): Spot {
    return { id, label, x: this.x(x), y: this.y(y), width, height };
  }
}
