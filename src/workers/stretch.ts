import { roomSteps } from '@/core/look/about';
import { fittingSpan, pageParts, type Span } from '@/core/span';

/** A section as it stands, on the page as it is drawn. */
export interface Standing {
  thing: string;
  element: HTMLElement;
  span: Span;
  /** How many parts of the page it wants at least. */
  least: number;
  room: number;
}

/** What is wanted of a section: another span, or another room over it. */
export type Wanted = { span: Span } | { room: number };

/** Narrower windows have no room for sections beside each other. */
const besideFrom = 1000;

const grips = ['left', 'right', 'move', 'room'] as const;
type GripId = (typeof grips)[number];

/** How a section stands, as its element says in the studio's window; null of whatever takes its whole page. */
export function standingOf(element: HTMLElement, thing: string): Standing | null {
  const [from, to, least, room] = (element.dataset.stands ?? '').split(' ').map(Number);
  if (from === undefined || to === undefined || least === undefined || room === undefined) return null;
  return { thing, element, span: { from, to }, least, room };
}

/** The step of a scale that comes after a value, upward or downward; the last one stays. */
export function stepFrom(value: number, by: -1 | 1): number {
  const at = roomSteps.findIndex((step) => step >= value);
  return roomSteps[Math.max(0, Math.min(roomSteps.length - 1, at + by))] ?? value;
}

const nearestStep = (value: number): number =>
  roomSteps.reduce<number>((near, step) => (Math.abs(step - value) < Math.abs(near - value) ? step : near), 1);

/** A span with its right end, or all of it, so many parts further on. */
export const spanMoved = ({ span: { from, to }, least }: Standing, grip: 'left' | 'right' | 'move', by: number): Span =>
  grip === 'move'
    ? fittingSpan({ from: from + by, to: to + by }, least)
    : grip === 'right'
      ? { from, to: Math.max(from + least, Math.min(pageParts, to + by)) }
      : { from: Math.min(to - least, Math.max(0, from + by)), to };

/** The styles of what it draws, for the root that it draws in. */
export const stretchStyle = `
i.part{background:rgb(36 105 95/.07)}
i.part:nth-of-type(even){background:rgb(36 105 95/.13)}
button{all:unset;position:absolute;box-sizing:border-box;pointer-events:auto;touch-action:none;background:#fff;border:2px solid #24695f;border-radius:7px}
button:hover,button.held{background:#24695f}
button.left,button.right{cursor:ew-resize}
button.move{cursor:grab}
button.room{cursor:ns-resize}
`;

/** Lets a section be made narrower and wider by its edges, moved along its page, and given room over it. */
export class Stretch {
  private readonly layer = document.createElement('span');
  /** Tells how long a length of the shop's styles is, without touching the page. */
  private readonly probe = document.createElement('em');
  private at: Standing | null = null;
  private held: { grip: GripId; x: number; y: number; wanted: Wanted | null } | null = null;

  /**
   * @param root where it draws
   * @param start called when it begins; false where it can't
   * @param want called with what is wanted of the section once its grip is let go
   */
  constructor(
    root: ShadowRoot,
    private readonly start: () => boolean,
    private readonly want: (thing: string, wanted: Wanted) => void,
  ) {
    this.layer.setAttribute('aria-hidden', 'true');
    this.layer.className = 'stretch';
    root.append(this.layer, this.probe);
    this.layer.addEventListener('pointerdown', (event) => this.press(event));
    this.layer.addEventListener('pointermove', (event) => this.move(event));
    this.layer.addEventListener('pointerup', () => this.end(true));
    this.layer.addEventListener('pointercancel', () => this.end(false));
    document.addEventListener('keydown', (event) => this.escape(event), true);
  }

  /** Shows the grips of a section where it is now, or none. */
  show(standing: Standing | null): void {
    if (this.held && standing?.thing !== this.at?.thing) this.end(false);
    this.at = innerWidth < besideFrom ? null : standing;
    this.draw();
  }

  /** What sections of the page stand in, pixels: its left and right edge, and the room that a look has over a section. */
  private frameOf(main: HTMLElement): { left: number; right: number; rest: number } {
    const { left, right } = main.getBoundingClientRect();
    const style = getComputedStyle(main);
    const length = (...names: string[]): number => {
      const value = names.map((name) => style.getPropertyValue(name).trim()).find(Boolean) ?? '0px';
      this.probe.style.cssText = `position:absolute;visibility:hidden;width:${value}`;
      return this.probe.getBoundingClientRect().width;
    };
    return {
      left: left + parseFloat(style.paddingLeft) + length('--before') + length('--frame-left', '--frame', '--side'),
      right: right - parseFloat(style.paddingRight) - length('--frame', '--side'),
      rest: Math.max(24, length('--rest')),
    };
  }

  private escape(event: KeyboardEvent): void {
    if (event.key !== 'Escape' || !this.held) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    this.end(false);
  }

  private press(event: PointerEvent): void {
    const button = event.target instanceof HTMLElement ? event.target.closest('button') : null;
    const grip = grips.find((id) => button?.classList.contains(id));
    if (!button || !grip || event.button !== 0 || !this.start()) return;
    event.preventDefault();
    this.layer.setPointerCapture(event.pointerId);
    this.held = { grip, x: event.clientX, y: event.clientY, wanted: null };
    this.draw();
  }

  private move({ clientX, clientY }: PointerEvent): void {
    const { at, held } = this;
    const main = at?.element.closest('main');
    if (!at || !held || !main) return;
    const { left, right, rest } = this.frameOf(main);
    if (held.grip === 'room') {
      const room = nearestStep(at.room + (clientY - held.y) / rest);
      held.wanted = room === at.room ? null : { room };
    } else {
      const span = spanMoved(at, held.grip, Math.round((clientX - held.x) / ((right - left) / pageParts)));
      held.wanted = span.from === at.span.from && span.to === at.span.to ? null : { span };
    }
    this.draw();
  }

  private end(isDrop: boolean): void {
    const { at, held } = this;
    this.held = null;
    this.draw();
    if (isDrop && at && held?.wanted) this.want(at.thing, held.wanted);
  }

  private draw(): void {
    const { at, held } = this;
    const main = at?.element.closest('main');
    if (!at || !main) return this.layer.replaceChildren();
    const box = at.element.getBoundingClientRect();
    const { left, right, rest } = this.frameOf(main);
    const part = (right - left) / pageParts;
    const span = held?.wanted && 'span' in held.wanted ? held.wanted.span : at.span;
    const wantsRoom = held?.wanted && 'room' in held.wanted ? (held.wanted.room - at.room) * rest : 0;
    const top = Math.max(0, box.top);
    const bottom = Math.min(innerHeight, box.bottom);
    if (bottom - top < 24) return this.layer.replaceChildren();
    // Its edges, where it stands or would stand: those of the page where it takes all of it.
    const [from, to] = [left + span.from * part, left + span.to * part];
    const middle = (top + bottom) / 2;
    const grip = (id: GripId, x: number, y: number, width: number, height: number) =>
      this.box('button', `${id}${held?.grip === id ? ' held' : ''}`, x - width / 2, y - height / 2, width, height);
    this.layer.replaceChildren(
      ...(held && held.grip !== 'room'
        ? Array.from({ length: pageParts }, (_, i) => this.box('i', 'part', left + i * part, 0, part, innerHeight))
        : []),
      ...(held?.wanted && 'span' in held.wanted ? [this.box('i', 'carried', from, top, to - from, bottom - top)] : []),
      ...(wantsRoom ? [this.box('i', 'gap', box.left, box.top + wantsRoom - 2, box.width, 4)] : []),
      grip('left', from, middle, 14, 44),
      grip('right', to, middle, 14, 44),
      grip('move', (from + to) / 2, bottom - 10, 44, 14),
      ...(box.top > 0 ? [grip('room', (from + to) / 2, box.top + wantsRoom, 44, 14)] : []),
    );
  }

  private box(tag: 'i' | 'button', className: string, x: number, y: number, width: number, height: number): HTMLElement {
    const box = document.createElement(tag);
    box.className = className;
    if (tag === 'button') box.tabIndex = -1;
    Object.assign(box.style, { left: `${x}px`, top: `${y}px`, width: `${width}px`, height: `${height}px` });
    return box;
  }
}
