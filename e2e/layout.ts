import { type Page } from '@playwright/test';

/** What is wrong with how a page is laid out: overflow, cut or overlapping text, targets that are hard to hit. */
export const layoutFaults = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const faults: string[] = [];
    const name = (element: Element) =>
      `${element.tagName.toLowerCase()}.${element.className || '-'} “${(element.textContent ?? '').trim().slice(0, 30)}”`;
    const wide = document.documentElement.scrollWidth;
    if (wide > innerWidth) faults.push(`the page is ${wide} px wide in a window of ${innerWidth}`);
    const seen = (element: Element) => element.checkVisibility({ opacityProperty: true, visibilityProperty: true });
    const slides = (element: Element): boolean => {
      for (let at: Element | null = element; at && at !== document.body; at = at.parentElement)
        if (/auto|scroll/.test(getComputedStyle(at).overflowX)) return true;
      return false;
    };

    // Text as it stands: the boxes of the text nodes themselves.
    const isInline = (element: Element) => /inline/.test(getComputedStyle(element).display);
    const texts: { element: Element; box: DOMRect; inline: boolean }[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const element = node.parentElement;
      if (
        !element ||
        !node.textContent?.trim() ||
        !seen(element) ||
        element.closest('.aside, .skip, script, style, noscript, svg, option')
      )
        continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const box = range.getBoundingClientRect();
      // Text for screen readers alone stands in a box of one pixel.
      if (box.width < 2 || box.height < 2 || element.clientHeight === 1) continue;
      // Line by line, since a text in columns has a box that covers its neighbours.
      for (const line of range.getClientRects()) texts.push({ element, box: line, inline: isInline(element) });
      if (!slides(element) && (box.left < -1 || box.right > innerWidth + 1)) faults.push(`${name(element)} runs off the page`);
      for (let at: Element | null = element; at && at !== document.body; at = at.parentElement) {
        const style = getComputedStyle(at);
        if (at.tagName === 'HTML') continue;
        const [cutsAcross, cutsDown] = [style.overflowX, style.overflowY].map((flow) => /hidden|clip/.test(flow));
        const frame = at.getBoundingClientRect();
        const across = box.right > frame.right + 2 || box.left < frame.left - 2;
        if ((cutsAcross && across) || (cutsDown && box.bottom > frame.bottom + 4)) {
          faults.push(`${name(element)} is cut off by ${name(at)}`);
          break;
        }
      }
    }
    // Short words and prices stand whole in headings, labels and buttons.
    for (const element of document.querySelectorAll('h1, h2, h3, label, legend, dt, th, button, .button, .name, .note, .price')) {
      if (!seen(element) || element.closest('.aside, .skip')) continue;
      const inside = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
      for (let node = inside.nextNode(); node; node = inside.nextNode())
        for (const match of (node.textContent ?? '').matchAll(/(?<!\S)[^\s-]{2,14}(?!\S)/gu)) {
          const range = document.createRange();
          range.setStart(node, match.index);
          range.setEnd(node, match.index + match[0].length);
          if (new Set([...range.getClientRects()].map((line) => Math.round(line.top))).size > 1)
            faults.push(`${name(element)} breaks “${match[0]}”`);
        }
    }
    // Sorted by their tops, so that each is held only against those that can reach it.
    texts.sort((a, b) => a.box.top - b.box.top);
    texts.forEach((a, i) => {
      for (let k = i + 1; k < texts.length; k++) {
        const b = texts[k];
        if (!b || b.box.top > a.box.bottom) break;
        const across = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
        const down = Math.min(a.box.bottom, b.box.bottom) - b.box.top;
        // Boxes of large tight lines reach over their letters; what stands in one flow of text may share a line.
        const tight = Math.min(a.box.height, b.box.height) * 0.45;
        if (across <= 4 || down <= Math.max(6, tight) || a.inline) continue;
        if (a.element === b.element || a.element.contains(b.element) || b.element.contains(a.element)) continue;
        faults.push(`${name(a.element)} stands on ${name(b.element)}`);
      }
    });

    // WCAG 2.2, success criterion 2.5.8: 24 by 24 px, or so much room round a smaller one; links in running text are excepted.
    const targets = [...document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary')].filter(
      (element) =>
        seen(element) && !element.closest('.aside, .skip') && !(element instanceof HTMLInputElement && element.type === 'radio'),
    );
    const boxes = targets.map((element) => element.getBoundingClientRect());
    targets.forEach((element, i) => {
      const box = boxes[i];
      if (!box || !box.width || (box.width >= 24 && box.height >= 24) || element.closest('p, dd, .prose, figcaption, label'))
        return;
      const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
      const near = boxes.some((other, k) => {
        if (k === i || !other.width) return false;
        const dx = Math.max(other.left - x, 0, x - other.right);
        const dy = Math.max(other.top - y, 0, y - other.bottom);
        return Math.hypot(dx, dy) < 12;
      });
      if (near)
        faults.push(
          `${name(element)} is a target of ${Math.round(box.width)} × ${Math.round(box.height)} px with another beside it`,
        );
    });
    return [...new Set(faults)].slice(0, 12);
  });
