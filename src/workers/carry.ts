import { movedTo } from '@/core/order';

/** A thing of a row, on the page. */
export interface Seat {
  key: string;
  element: HTMLElement;
}

/** A row of things that one of them can be moved in. */
export interface Row {
  thing: string;
  /** What the row stands in. */
  among: string;
  at: number;
  seats: readonly Seat[];
}

/** Where a thing would stand: a line between two of its row, and its place among them. */
interface Gap {
  to: number;
  line: { x: number; y: number; width: number; height: number };
}

/** Pixels that a press moves before it carries something. */
const slack = 7;
/** A finger that rests on a thing for so long, in milliseconds, carries it; one that moves before scrolls. */
const rested = 400;
/** Pixels from the edge of the window within which the page goes on. */
const edge = 48;

/** Whether things stand beside each other rather than under each other. */
const isAcross = (boxes: readonly DOMRect[]): boolean =>
  boxes.some((box, i) => {
    const next = boxes[i + 1];
    return next !== undefined && next.x >= box.right - 1 && next.y < box.bottom;
  });

/** The gaps of a row: before each of its things and after the last of each line. */
function gapsOf({ at, seats }: Row): Gap[] {
  const boxes = seats.map(({ element }) => element.getBoundingClientRect());
  const across = isAcross(boxes);
  return boxes.flatMap((box, i) => {
    const line = (x: number, y: number) =>
      across ? { x: x - 2, y: box.y, width: 4, height: box.height } : { x: box.x, y: y - 2, width: box.width, height: 4 };
    // The place that it would have once it has left its own.
    const before = i > at ? i - 1 : i;
    const after = i >= at ? i : i + 1;
    return [
      { to: before, line: line(box.x, box.y) },
      { to: after, line: line(box.right, box.bottom) },
    ];
  });
}

const distance = ({ line: { x, y, width, height } }: Gap, at: { x: number; y: number }): number =>
  Math.hypot(Math.max(x - at.x, 0, at.x - x - width), Math.max(y - at.y, 0, at.y - y - height));

/** Carries a thing along its row by mouse, pen or finger: the others are outlined, and a line shows where it would stand. */
export class Carry {
  private readonly layer = document.createElement('span');
  private pressed: { row: Row; x: number; y: number; byTouch: boolean } | null = null;
  private resting: ReturnType<typeof setTimeout> | undefined;
  private carried: { row: Row; gap: Gap } | null = null;
  private last = { x: 0, y: 0 };

  /**
   * @param root where it draws
   * @param lift the row of what was pressed, null where nothing is to be carried; called at the press
   * @param start called when it begins; false where it can't
   * @param drop called with the keys of the row in their new order
   */
  constructor(
    root: ShadowRoot,
    private readonly lift: (event: PointerEvent) => Row | null,
    private readonly start: () => boolean,
    /** The same row on a page that was painted anew. */
    private readonly again: (row: Row) => Row | null,
    private readonly drop: (row: Row, keys: string[]) => void,
  ) {
    this.layer.setAttribute('aria-hidden', 'true');
    this.layer.className = 'row';
    root.append(this.layer);
    document.addEventListener('pointerdown', (event) => this.press(event));
    document.addEventListener('pointermove', (event) => this.move(event));
    document.addEventListener('pointerup', () => this.end(true));
    document.addEventListener('pointercancel', () => this.end(false));
    document.addEventListener('dragstart', (event) => {
      if (this.pressed) event.preventDefault();
    });
    // A finger that carries something doesn't scroll, and opens no menu.
    document.addEventListener('touchmove', (event) => (this.carried ? event.preventDefault() : undefined), { passive: false });
    document.addEventListener('contextmenu', (event) => (this.pressed?.byTouch ? event.preventDefault() : undefined));
    // Letting go is no press of what lies there.
    document.addEventListener('click', (event) => this.swallow(event), true);
    document.addEventListener('keydown', (event) => this.escape(event), true);
    addEventListener('scroll', () => this.draw(), { passive: true });
  }

  private isSwallowing = false;
  private swallow(event: MouseEvent): void {
    if (!this.isSwallowing) return;
    this.isSwallowing = false;
    event.preventDefault();
    event.stopImmediatePropagation();
  }

  private escape(event: KeyboardEvent): void {
    if (event.key !== 'Escape' || !this.carried) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    this.end(false);
  }

  private press(event: PointerEvent): void {
    this.isSwallowing = false;
    clearTimeout(this.resting);
    if (event.button !== 0) return;
    this.last = { x: event.clientX, y: event.clientY };
    const row = this.lift(event);
    const byTouch = event.pointerType === 'touch';
    this.pressed = row && row.seats.length > 1 ? { row, x: event.clientX, y: event.clientY, byTouch } : null;
    if (this.pressed && byTouch) this.resting = setTimeout(() => this.begin(), rested);
  }

  private move({ clientX: x, clientY: y, buttons }: PointerEvent): void {
    this.last = { x, y };
    if (!buttons) return this.end(false);
    if (this.pressed && !this.carried) {
      if (Math.hypot(x - this.pressed.x, y - this.pressed.y) < slack) return;
      if (this.pressed.byTouch) return this.end(false);
      this.begin();
    }
    this.draw();
  }

  private begin(): void {
    if (!this.pressed) return;
    const { row } = this.pressed;
    if (!this.start()) return this.end(false);
    this.carried = { row, gap: { to: row.at, line: { x: 0, y: 0, width: 0, height: 0 } } };
    document.documentElement.classList.add('carrying');
    this.roll();
    this.draw();
  }

  /** Near an edge of the window the page goes on under what is carried. */
  private roll(): void {
    if (!this.carried) return;
    const { y } = this.last;
    const by = y < edge ? y - edge : y > innerHeight - edge ? y - innerHeight + edge : 0;
    if (by) scrollBy({ top: Math.max(-edge, Math.min(edge, by)) / 4, behavior: 'instant' });
    requestAnimationFrame(() => this.roll());
  }

  private draw(): void {
    if (!this.carried) return;
    const { row } = this.carried;
    const gap = gapsOf(row).reduce((near, one) => (distance(one, this.last) < distance(near, this.last) ? one : near));
    this.carried = { row, gap };
    this.layer.replaceChildren(
      ...row.seats.map(({ element }, i) => this.box(element.getBoundingClientRect(), i === row.at ? 'carried' : 'seat')),
      ...(gap.to === row.at ? [] : [this.box(gap.line, 'gap')]),
    );
  }

  /** The page was painted anew under it. */
  repainted(): void {
    const now = (this.carried ?? this.pressed)?.row;
    if (!now) return;
    const row = this.again(now);
    if (!row || row.seats.length < 2) return this.end(false);
    if (this.pressed) this.pressed = { ...this.pressed, row };
    if (!this.carried) return;
    this.carried = { ...this.carried, row };
    document.documentElement.classList.add('carrying');
    this.draw();
  }

  private box({ x, y, width, height }: Pick<DOMRect, 'x' | 'y' | 'width' | 'height'>, className: string): HTMLElement {
    const box = document.createElement('i');
    box.className = className;
    Object.assign(box.style, { left: `${x}px`, top: `${y}px`, width: `${width}px`, height: `${height}px` });
    return box;
  }

  private end(isDrop: boolean): void {
    const { carried } = this;
    clearTimeout(this.resting);
    this.pressed = null;
    this.carried = null;
    this.layer.replaceChildren();
    document.documentElement.classList.remove('carrying');
    if (!carried) return;
    this.isSwallowing = true;
    const { row, gap } = carried;
    if (isDrop && gap.to !== row.at)
      this.drop(
        row,
        movedTo(
          row.seats.map(({ key }) => key),
          row.at,
          gap.to,
        ),
      );
  }
}
