import { fieldOfText } from '@/core/places';
import { type TextField } from '@/core/sections/about';
import { inRow, textThing, thingId, thingName, thingOf, type Thing } from '@/core/things/about';
import { movedTo } from '@/core/order';
import { saySpan } from '@/core/span';
import { Carry, type Row } from './carry';
import { spanMoved, standingOf, stepFrom, Stretch, stretchStyle, type Standing, type Wanted } from './stretch';

/** A box in the window, CSS pixels from its upper left corner. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** What was pointed at: the thing, what is written on it, where it stands, and what it stands in, innermost first. */
export interface PointedAt {
  thing: string;
  says: string;
  box: Box;
  inside: string[];
  /** Whether it is a text that is set where it stands. */
  set: boolean;
}

/** How a text is set where it stands; null of what isn't: buttons and what opens at a press take keys for themselves. */
export function setsAt(element: HTMLElement): Exclude<TextField['sets'], 'apart'> | null {
  const sets = fieldOfText(element.dataset.place ?? '')?.sets;
  return !sets || sets === 'apart' || element.closest('button, summary, label') ? null : sets;
}

const marked = '[data-place],[data-thing]';
type Marked = HTMLElement;

const thingAt = ({ dataset: { place, thing } }: Marked): Thing | null =>
  place === undefined ? thingOf(thing ?? '') : textThing(place);
const idAt = (element: Marked): string => {
  const thing = thingAt(element);
  return thing ? thingId(thing) : '';
};

const all = (): Marked[] => [...document.querySelectorAll<Marked>(marked)].filter((element) => thingAt(element) !== null);
const outer = (element: Element): Marked | null => element.parentElement?.closest<Marked>(marked) ?? null;
const seen = (element: Marked): boolean => element === document.body || element.getClientRects().length > 0;
const beside = (element: Marked): Marked[] => {
  const parent = outer(element);
  return all().filter((one) => outer(one) === parent && seen(one));
};

/** The row that a thing stands in, on the page as it is: it alone where there are no others. */
function rowAt(element: Marked): Row | null {
  const [thing, parent] = [thingAt(element), outer(element)];
  const mine = thing && inRow(thing);
  if (!thing || !mine) return null;
  // Of a kind alone: a page of hundreds of goods has thousands of things.
  const likes = [...document.querySelectorAll<Marked>(`[data-thing^="${thing.kind}/"]`)];
  const seats = likes.flatMap((one) => {
    const other = thingAt(one);
    const its = other && inRow(other);
    return its?.row === mine.row && outer(one) === parent && seen(one) ? [{ key: its.key, element: one }] : [];
  });
  return {
    thing: thingId(thing),
    among: parent ? idAt(parent) : '',
    at: seats.findIndex((seat) => seat.element === element),
    seats,
  };
}

/** The row of a thing, or of the nearest one around it that stands in a row with others. */
function rowAround(element: Marked | null): Row | null {
  for (let at = element; at; at = outer(at)) {
    const row = rowAt(at);
    if (row && row.at >= 0 && row.seats.length > 1) return row;
  }
  return null;
}

/** How the section stands that a thing is or is in. */
function standingAround(element: Marked | null): Standing | null {
  const section = element?.closest<Marked>('[data-stands]');
  return section ? standingOf(section, idAt(section)) : null;
}

/** What is written on a thing, where that tells it from others of its kind. */
function saysOf(element: Marked): string {
  const kind = thingAt(element)?.kind;
  if (kind === 'page' || kind === 'header' || kind === 'footer' || kind === 'menu' || kind === 'section' || kind === 'item')
    return '';
  const named = element.querySelector('.name')?.textContent ?? element.closest('.good')?.querySelector('.name')?.textContent;
  const said = kind === 'price' || !named ? (element.textContent ?? '') : named;
  return said.replace(/\s+/g, ' ').trim().slice(0, 60);
}

const boxOf = (element: Marked): Box => {
  const { x, y, width, height } = element.getBoundingClientRect();
  return { x, y, width, height };
};

/** A thing as it is drawn: the same may stand on a page more than once. */
const nameOf = (element: Marked) => {
  const thing = idAt(element);
  return {
    thing,
    nth: all()
      .filter((one) => idAt(one) === thing)
      .indexOf(element),
  };
};
function foundBy({ thing, nth }: { thing: string; nth: number }): Marked | null {
  const same = all().filter((element) => idAt(element) === thing);
  return same[nth] ?? same[0] ?? null;
}

const style = `
:host{all:initial;position:fixed;inset:0;pointer-events:none;z-index:2147483647}
div{position:absolute;box-sizing:border-box;border:2px solid #24695f;outline:1px solid #fff;display:none}
div.open{border-width:3px}
b{position:absolute;left:-2px;bottom:100%;font:600 1em/1.4 "Work Sans",system-ui,sans-serif;background:#24695f;color:#fff;padding:.1em .5em .15em;white-space:nowrap;max-width:60vw;overflow:hidden;text-overflow:ellipsis}
div.low b{bottom:auto;top:100%}
div.whole b{bottom:auto;top:0}
span{position:absolute;inset:0}
i{position:absolute;box-sizing:border-box}
i.seat{border:1px dashed #24695f}
i.carried{border:2px solid #24695f;background:rgb(36 105 95/.14)}
i.gap{background:#24695f;outline:1px solid #fff}
p{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)}
${stretchStyle}`;

/** Outlines and names what is pointed at in the window, by mouse, touch or keyboard. It lies over the page, which its styles don't reach. */
export class Pointer {
  private readonly box = document.createElement('div');
  private readonly name = document.createElement('b');
  private readonly spoken = document.createElement('p');
  /** What is under the mouse or has the keyboard. */
  private near: Marked | null = null;
  /** What the slip is open at. */
  private open: { thing: string; nth: number } | null = null;
  /** What had the keyboard last, by which it is found when the page was painted anew. */
  private held: { thing: string; nth: number } | null = null;
  private resting = false;
  private covered = 0;
  private readonly carry: Carry;
  private readonly stretch: Stretch;
  /** What the keyboard moved last: it keeps the keyboard where it went. */
  private moved: { thing: string; nth: number; says: string } | null = null;
  /** Why what was asked for can't be, until something else is pointed at. */
  private refusal = '';

  constructor(
    private readonly tell: (
      message:
        | { kind: 'point'; at: PointedAt }
        | { kind: 'moved'; box: Box | null }
        | { kind: 'order'; thing: string; among: string; row: string[] }
        | { kind: 'stand'; thing: string; wanted: Wanted }
        | { kind: 'leave' }
        | { kind: 'close' },
    ) => void,
    /** Called when something was pointed at, with where it was pressed. */
    private readonly opened: (element: HTMLElement, at: { left: number; top: number } | null) => void,
    /** Whether something can be carried from where it was pressed, and whether it may begin: what is being set is kept before. */
    carrying: { lifts: (event: PointerEvent) => boolean; starts: () => boolean },
  ) {
    const host = document.documentElement.appendChild(document.createElement('arcatum-pointer'));
    const root = host.attachShadow({ mode: 'open' });
    this.spoken.setAttribute('aria-live', 'polite');
    this.box.setAttribute('aria-hidden', 'true');
    this.box.append(this.name);
    root.append(Object.assign(document.createElement('style'), { textContent: style }), this.box, this.spoken);
    this.carry = new Carry(
      root,
      (event) =>
        this.resting && carrying.lifts(event) && event.target instanceof Element
          ? rowAround(event.target.closest<Marked>(marked))
          : null,
      carrying.starts,
      ({ thing, among }) => {
        const element = all().find((one) => idAt(one) === thing && idAt(outer(one) ?? document.body) === among);
        return element ? rowAt(element) : null;
      },
      ({ thing, among }, row) => this.tell({ kind: 'order', thing, among, row }),
    );
    this.stretch = new Stretch(root, carrying.starts, (thing, wanted) => this.tell({ kind: 'stand', thing, wanted }));
    addEventListener('scroll', () => this.follow(), { passive: true });
    addEventListener('resize', () => this.follow());
    // What stands further up can grow without a scroll: pictures that come late, sections that are laid out once they are near.
    new ResizeObserver(() => this.follow()).observe(document.documentElement);
    document.addEventListener('pointermove', ({ target }) => this.hover(target));
    document.documentElement.addEventListener('pointerleave', () => this.hover(null));
  }

  /**
   * Whether things are pointed at; else links are followed.
   * @param scale how large the window shows the page: names are as large as the studio's words, whatever it is
   */
  rest(on: boolean, scale: number): void {
    this.box.style.fontSize = `${(13 / scale).toFixed(1)}px`;
    this.resting = on;
    document.documentElement.classList.toggle('pointing', on);
    if (on) return;
    this.near = null;
    this.close();
  }

  /** Whether the slip is open at just this. */
  isAt = (element: HTMLElement): boolean => this.isOpenAt() === element;

  isResting = (): boolean => this.resting;

  /** Says why what was asked for can't be, where it was asked for. */
  refuse(why: string): void {
    this.refusal = why;
    this.spoken.textContent = why;
    this.draw();
  }

  /** Moves what has the keyboard, or what that stands in, along its row. True where it stands in one. */
  shift(by: -1 | 1): boolean {
    const row = this.near?.isConnected ? rowAround(this.near) : null;
    const element = row?.seats[row.at]?.element;
    const to = row ? row.at + by : -1;
    if (!row || !element) return false;
    const keys = row.seats.map(({ key }) => key);
    const thing = thingAt(element);
    const place = Math.max(0, Math.min(keys.length - 1, to));
    this.take(element);
    this.spoken.textContent = thing ? `${thingName(thing)} ${saysOf(element)}: ${place + 1} of ${keys.length}` : '';
    if (place === row.at) return true;
    this.moved = { ...nameOf(element), says: this.spoken.textContent };
    this.tell({ kind: 'order', thing: row.thing, among: row.among, row: movedTo(keys, row.at, place) });
    return true;
  }

  /**
   * Stretches the section that has the keyboard, or that what has it stands in: along the page, wider and narrower, with more and less room
   * over it. True where there is one that can be.
   */
  stretchBy(key: string, isEdge: boolean): boolean {
    const at = standingAround(this.near?.isConnected ? this.near : null);
    if (!at) return false;
    const by = key === 'ArrowLeft' || key === 'ArrowUp' ? -1 : 1;
    const isAcross = key === 'ArrowLeft' || key === 'ArrowRight';
    if (!isAcross && !isEdge) return false;
    const wanted: Wanted = isAcross ? { span: spanMoved(at, isEdge ? 'right' : 'move', by) } : { room: stepFrom(at.room, by) };
    const says = 'span' in wanted ? saySpan(wanted.span) : `room over it ${Math.round(wanted.room * 100)} %`;
    this.take(at.element);
    this.spoken.textContent = says;
    this.moved = { ...nameOf(at.element), says };
    this.tell({ kind: 'stand', thing: at.thing, wanted });
    return true;
  }

  private hover(target: EventTarget | null): void {
    if (!this.resting || document.documentElement.classList.contains('carrying')) return;
    const next = target instanceof Element ? target.closest<Marked>(marked) : null;
    if (next === this.near) return;
    this.near = next;
    this.refusal = '';
    const row = next && rowAt(next);
    document.documentElement.classList.toggle('in-row', (row?.seats.length ?? 0) > 1);
    this.draw();
  }

  /** Points at whatever an event fell on. */
  pointAt(target: Element, at: { left: number; top: number }): void {
    this.held = null;
    this.moved = null;
    const element = target.closest<Marked>(marked);
    if (element && thingAt(element)) this.openAt(element, at);
  }

  /** Points at a thing by its name, as its slip or a sentence asks for. */
  pointTo(thing: string): void {
    const found = all().find((element) => idAt(element) === thing && seen(element));
    if (!found) return;
    const { top, bottom } = found.getBoundingClientRect();
    found.scrollIntoView({ block: bottom > 0 && top < innerHeight ? 'nearest' : 'center' });
    this.openAt(found);
  }

  private openAt(element: Marked, at: { left: number; top: number } | null = null): void {
    const thing = idAt(element);
    this.open = {
      thing,
      nth: all()
        .filter((one) => idAt(one) === thing)
        .indexOf(element),
    };
    this.near = element;
    this.draw();
    const inside: string[] = [];
    for (let out = outer(element); out; out = outer(out)) inside.push(idAt(out));
    this.tell({
      kind: 'point',
      at: { thing, says: saysOf(element), box: boxOf(element), inside, set: setsAt(element) !== null },
    });
    this.opened(element, at);
  }

  /**
   * Moves the page so that what the slip is open at is not under it. At the end of a page there is room for that while the slip is open.
   * @param covered how much of the window lies under it, from below, CSS pixels
   */
  clear(covered: number): void {
    const element = this.isOpenAt();
    if (!element) return;
    this.covered = covered;
    this.makeRoom();
    const { top, bottom } = element.getBoundingClientRect();
    const free = innerHeight - covered - 16;
    // Of what is longer than the room that is left, the top is seen.
    const under = Math.min(bottom - free, top - 48);
    if (under > 0) scrollBy({ top: under, behavior: 'instant' });
    this.follow();
  }

  private makeRoom(): void {
    document.documentElement.style.setProperty('padding-bottom', this.covered ? `${Math.round(this.covered)}px` : '');
  }

  /** The slip is closed: the thing keeps the keyboard where that was used. */
  close(focus = false): void {
    const element = this.isOpenAt();
    this.open = null;
    this.covered = 0;
    this.makeRoom();
    if (focus && element) this.take(element);
    this.draw();
  }

  /** The page was painted anew: what was pointed at is found again, if it is still there. */
  repainted(): void {
    if (this.near && !this.near.isConnected) this.near = null;
    document.documentElement.classList.toggle('pointing', this.resting);
    this.makeRoom();
    this.spoken.textContent = '';
    const followed = this.moved && document.hasFocus() ? foundBy(this.moved) : null;
    if (this.moved && followed) {
      this.take(followed);
      this.spoken.textContent = this.moved.says;
    }
    this.carry.repainted();
    // A thing whose words changed has lost the keyboard, which it was given here.
    const held = this.held && document.activeElement === document.body && document.hasFocus() ? foundBy(this.held) : null;
    if (held && held !== document.body) this.take(held);
    this.follow();
  }

  private isOpenAt = (): Marked | null => this.open && foundBy(this.open);

  /** Draws the outline where its thing is now, and tells where that is. */
  follow(): void {
    this.draw();
    if (!this.open) return;
    const element = this.isOpenAt();
    this.tell({ kind: 'moved', box: element ? boxOf(element) : null });
  }

  private draw(): void {
    const open = this.isOpenAt();
    const element = open ?? this.near;
    const thing = element && this.resting ? thingAt(element) : null;
    const { x, y, width, height } = element ? boxOf(element) : { x: 0, y: 0, width: 0, height: 0 };
    this.box.style.display = thing && y + height > 0 && y < innerHeight ? 'block' : 'none';
    if (!element || !thing) return this.stretch.show(null);
    const gap = element === document.body ? -4 : 3;
    const [left, top] = [Math.max(0, x - gap), Math.max(0, y - gap)];
    Object.assign(this.box.style, {
      left: `${left}px`,
      top: `${top}px`,
      width: `${Math.min(innerWidth, x + width + gap) - left}px`,
      height: `${Math.min(innerHeight, y + height + gap) - top}px`,
    });
    const whole = height > innerHeight * 0.8;
    this.stretch.show(open && thing.kind === 'section' ? standingAround(open) : null);
    this.box.className = [open ? 'open' : '', top < 40 ? (whole ? 'whole' : 'low') : ''].join(' ');
    const says = saysOf(element);
    this.name.textContent =
      this.refusal || `${thingName(thing)}${says && thing.kind !== 'logo' && !element.dataset.place ? `: ${says}` : ''}`;
  }

  private take(element: Marked): void {
    if (!element.hasAttribute('tabindex') && element.tabIndex < 0) element.setAttribute('tabindex', '-1');
    this.held = nameOf(element);
    element.focus({ preventScroll: true });
    // What is folded away since can't have the keyboard: what it stands in has it.
    const out = document.activeElement === element ? null : outer(element);
    if (out) return this.take(out);
    element.scrollIntoView({ block: 'nearest' });
    this.near = element;
    this.draw();
    const thing = thingAt(element);
    this.spoken.textContent = thing ? `${thingName(thing)} ${saysOf(element)}` : '';
  }

  /**
   * Along the outline of the page: down and up to what stands beside, right to what stands in it, left and Escape out of it, Enter opens the
   * slip. True where the key was one of these.
   */
  key({ key }: KeyboardEvent): boolean {
    this.moved = null;
    this.refusal = '';
    const from = this.near?.isConnected ? this.near : null;
    const [first] = all().filter(seen);
    if (key === 'F6') {
      this.tell({ kind: 'leave' });
      return true;
    }
    if (key === 'Escape' && this.open) {
      this.tell({ kind: 'close' });
      return true;
    }
    if (key === 'Enter' || key === ' ') {
      if (!from) return false;
      this.openAt(from);
      return true;
    }
    if (!['ArrowDown', 'ArrowUp', 'ArrowRight', 'ArrowLeft', 'Escape'].includes(key)) return false;
    const next = from ? this.step(from, key) : first;
    if (next) this.take(next);
    return true;
  }

  private step(from: Marked, key: string): Marked | null {
    if (key === 'ArrowRight') return all().find((one) => outer(one) === from && seen(one)) ?? null;
    if (key === 'ArrowLeft' || key === 'Escape') return outer(from);
    const row = beside(from);
    const at = row.indexOf(from) + (key === 'ArrowDown' ? 1 : -1);
    return row[at] ?? null;
  }
}
