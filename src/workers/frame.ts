import morphdom from 'morphdom';
import { fieldOfText } from '@/core/places';
import { textThing, thingName } from '@/core/things/about';
import { Pointer, setsAt, type Box, type PointedAt } from './pointer';
import { windowRoot } from './protocol';
import { type Wanted } from './stretch';
import { type Ended, type FromSetting, type SetAct, type Setting } from './set';

/** The script of the studio's window: shows pages that the studio sends, and tells it where the visitor goes and points. */

export type FromFrame =
  | { kind: 'ready' }
  | { kind: 'painted'; path: string }
  | { kind: 'go'; path: string }
  | { kind: 'load'; id: number; path: string }
  | { kind: 'scrolled'; share: number }
  | { kind: 'point'; at: PointedAt }
  /** Where the thing stands that was pointed at, after the page moved; null where it is there no more. */
  | { kind: 'moved'; box: Box | null }
  /** A thing is to stand at another place of its row: the keys of that row, in the order wanted. */
  | { kind: 'order'; thing: string; among: string; row: string[] }
  /** A section is to stand otherwise: on other parts of its page, or with another room over it. */
  | { kind: 'stand'; thing: string; wanted: Wanted }
  /** The keyboard goes back to the studio. */
  | { kind: 'leave' }
  /** The slip is to close. */
  | { kind: 'close' }
  | { kind: 'redo' }
  /** A text was set, and something else was pointed at. */
  | Extract<Ended, { kind: 'wrote' }>
  | FromSetting;

export type ToFrame =
  | { kind: 'paint'; path: string; html: string; css: string; fresh: boolean }
  | { kind: 'loaded'; id: number; value: unknown }
  | { kind: 'resting'; on: boolean; scale: number }
  /** The keyboard comes into the window: to the text that is being set, where one is. */
  | { kind: 'enter' }
  /** So much of the window, from below, lies under the slip. */
  | { kind: 'covered'; height: number }
  | { kind: 'pointTo'; thing: string }
  /** Why what was asked for at a thing can't be. */
  | { kind: 'refused'; say: string }
  /** The slip was closed; `focus` where the keyboard closed it. */
  | { kind: 'closed'; focus: boolean }
  /** Does something to the text that is being set. */
  | { kind: 'set'; act: SetAct }
  | { kind: 'show'; section: string }
  | { kind: 'light'; places: readonly string[] }
  | { kind: 'scroll'; share: number };

const tell = (message: FromFrame) => parent.postMessage(message, location.origin);

const waiting = new Map<number, (value: unknown) => void>();
let asked = 0;
let lit: readonly string[] = [];

const pointer = new Pointer(tell, (element, at) => void set(element, at), {
  lifts: (event) => points(event) && !isSet(event.target),
  starts: () => {
    const ended = finish();
    if (ended.kind === 'over') return false;
    if (ended.kind === 'wrote') tell(ended);
    return true;
  },
});

/** The text that is being set, where one is. */
let setting: Setting | null = null;

let script: Promise<void> | null = null;

/** The script that sets texts, asked for where things are pointed at: most frames show a page and nothing else. */
const settingScript = (): Promise<void> =>
  (script ??= new Promise((resolve) => {
    const element = document.createElement('script');
    element.src = '/window/setting.js';
    element.addEventListener('load', () => resolve());
    document.head.append(element);
  }));

/** Begins to set a text where it stands; what was set before has ended. */
async function set(element: HTMLElement, at: { left: number; top: number } | null): Promise<void> {
  const sets = setsAt(element);
  const place = element.dataset.place ?? '';
  if (!sets || setting) return;
  await settingScript();
  const thing = textThing(place);
  if (!pointer.isAt(element) || !globalThis.arcatumSetting) return;
  setting = globalThis.arcatumSetting(element, {
    place,
    sets,
    label: thing ? thingName(thing) : 'Text',
    most: fieldOfText(place)?.most ?? 0,
    prompt: element.classList.contains('ask') ? element.textContent : null,
    at,
    tell: (message) => {
      if (message.kind === 'setting') pointer.follow();
      tell(message);
    },
  });
}

/** What is being set is left as it is while the page is painted anew; what would stand there is kept for its end. */
let painted: HTMLElement | null = null;
function isBeingSet(from: HTMLElement, to: HTMLElement): boolean {
  if (from !== setting?.element) return false;
  painted = to.cloneNode(true) as HTMLElement;
  return true;
}

/** Ends what is being set. What is too long is not kept, and stays as it is being set. */
function finish(): Ended {
  const element = setting?.element;
  const ended = setting?.end() ?? { kind: 'as-it-was' };
  if (ended.kind === 'over') return ended;
  setting = null;
  // It was changed elsewhere meanwhile, and not here.
  if (element && painted && ended.kind === 'as-it-was') morphdom(element, painted);
  painted = null;
  return ended;
}

// Called by the studio, which must have what was set before it does anything else.
globalThis.arcatumFinish = finish;

globalThis.arcatumFrame = {
  load: (path) =>
    new Promise((resolve) => {
      waiting.set(++asked, resolve);
      tell({ kind: 'load', id: asked, path });
    }),
};

function paint({ html, css, fresh, path }: Extract<ToFrame, { kind: 'paint' }>): void {
  const next = new DOMParser().parseFromString(html, 'text/html');
  for (const { name } of [...document.documentElement.attributes]) document.documentElement.removeAttribute(name);
  for (const { name, value } of next.documentElement.attributes) document.documentElement.setAttribute(name, value);
  document.title = next.title;
  const style =
    document.getElementById('shop-style') ??
    document.head.appendChild(Object.assign(document.createElement('style'), { id: 'shop-style' }));
  if (style.textContent !== css) style.textContent = css;
  if (fresh) {
    finish();
    setting = null;
    document.body.replaceWith(document.adoptNode(next.body));
    window.scrollTo(0, 0);
  } else {
    morphdom(document.body, next.body, {
      // What the shop's own scripts have filled in stays until they fill it in again.
      // Nor is what is being set.
      onBeforeElUpdated: (from, to) => {
        if (isBeingSet(from, to)) return false;
        keepOpen(from, to);
        return (
          !from.isEqualNode(to) &&
          !['data-cart', 'data-summary', 'data-rates', 'data-results'].some((name) => from.hasAttribute(name))
        );
      },
    });
  }
  pointer.repainted();
  light(false);
  document.dispatchEvent(new Event('arcatum:repaint'));
  tell({ kind: 'painted', path });
}

/** What has been opened stays so. */
function keepOpen(from: Element, to: Element): void {
  if (from instanceof HTMLDetailsElement && from.open) to.setAttribute('open', '');
}

/** Marks the texts that are pointed at in the brief. */
function light(isNew: boolean): void {
  const elements = [...document.querySelectorAll<HTMLElement>('[data-place]')];
  for (const element of elements) element.classList.toggle('lit', lit.includes(element.dataset.place ?? ''));
  if (isNew)
    elements.find((element) => element.classList.contains('lit'))?.scrollIntoView({ behavior: 'smooth', block: 'center' });
}

/** How far down the page is, as a share of what can be scrolled. A scroll that was told to this frame is not told back. */
let followed = -1;
const reach = () => Math.max(1, document.documentElement.scrollHeight - innerHeight);
function follow(share: number): void {
  followed = Math.round(share * reach());
  window.scrollTo({ top: followed, behavior: 'instant' });
}
window.addEventListener('scroll', () => {
  if (Math.abs(window.scrollY - followed) < 2) return;
  followed = -1;
  tell({ kind: 'scrolled', share: window.scrollY / reach() });
});

window.addEventListener('message', ({ data, source, origin }: MessageEvent<ToFrame>) => {
  if (source !== parent || origin !== location.origin) return;
  if (data.kind === 'paint') paint(data);
  if (data.kind === 'loaded') {
    waiting.get(data.id)?.(data.value);
    waiting.delete(data.id);
  }
  if (data.kind === 'resting') {
    pointer.rest(data.on, data.scale);
    void settingScript();
  }
  if (data.kind === 'pointTo') pointer.pointTo(data.thing);
  if (data.kind === 'refused') pointer.refuse(data.say);
  if (data.kind === 'closed') pointer.close(data.focus);
  if (data.kind === 'enter') setting?.focus();
  if (data.kind === 'covered') pointer.clear(data.height);
  if (data.kind === 'set') setting?.run(data.act);
  if (data.kind === 'light') {
    lit = data.places;
    light(true);
  }
  if (data.kind === 'scroll') follow(data.share);
  if (data.kind === 'show') document.getElementById(data.section)?.scrollIntoView({ behavior: 'smooth' });
});

/** Pointing is what a press does at rest; with a modifier key it follows links, as it does where the studio has been told so. */
const points = ({ ctrlKey, metaKey, altKey }: MouseEvent): boolean => pointer.isResting() && !ctrlKey && !metaKey && !altKey;

const isSet = (target: EventTarget | null): boolean =>
  setting !== null && target instanceof Element && setting.element.contains(target);

// What would open or take the keyboard at a press, such as a list to choose from, does not where it is pointed at.
document.addEventListener(
  'mousedown',
  (event) => {
    if (points(event) && event.target !== document.documentElement && !isSet(event.target)) event.preventDefault();
  },
  true,
);

document.addEventListener(
  'keydown',
  (event) => {
    // The keys of what is being set are its own.
    if (isSet(event.target)) return;
    const typing = event.target instanceof HTMLElement && event.target.matches('input, textarea, select');
    const { key, ctrlKey, metaKey, altKey, shiftKey } = event;
    if ((ctrlKey || metaKey) && key.toLowerCase() === 'z' && !typing) {
      event.preventDefault();
      return tell({ kind: shiftKey ? 'redo' : 'undo' });
    }
    if (altKey && !ctrlKey && !metaKey && pointer.isResting() && key.startsWith('Arrow')) {
      const isAlong = !shiftKey && (key === 'ArrowUp' || key === 'ArrowDown');
      if (isAlong ? pointer.shift(key === 'ArrowUp' ? -1 : 1) : pointer.stretchBy(key, shiftKey)) event.preventDefault();
      return;
    }
    if (ctrlKey || metaKey || altKey || (!pointer.isResting() && key !== 'F6')) return;
    if (!pointer.key(event)) return;
    event.preventDefault();
    event.stopPropagation();
  },
  true,
);

document.addEventListener(
  'click',
  (event) => {
    const target = event.target instanceof Element ? event.target : null;
    // What the menu has under an entry is not in sight before that is opened.
    if (target && points(event) && !target.closest('.top summary')) {
      event.preventDefault();
      event.stopPropagation();
      if (isSet(target)) return;
      const ended = finish();
      if (ended.kind === 'over') return setting?.focus();
      if (ended.kind === 'wrote') tell(ended);
      return pointer.pointAt(target, { left: event.clientX, top: event.clientY });
    }
    const link = target?.closest('a');
    const href = link?.getAttribute('href');
    if (!link || !href || event.defaultPrevented) return;
    if (href.startsWith(windowRoot)) {
      event.preventDefault();
      tell({ kind: 'go', path: href.slice(windowRoot.length) });
    } else if (!href.startsWith('#')) event.preventDefault();
  },
  true,
);

// Forms without a script of their own lead nowhere in a preview.
document.addEventListener('submit', (event) => event.preventDefault());

tell({ kind: 'ready' });
