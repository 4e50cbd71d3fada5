import { type SectionKind } from '@/core/plan';
import {
  arranged,
  isArranged,
  itemsOf,
  numberedSlots,
  paragraphs,
  place,
  productPicture,
  slot,
  type SectionContext,
} from '../context';
import { html, type Markup } from '../html';

type Drawing = (context: SectionContext) => Markup;

const numbers: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <dl class="items">
      ${itemsOf(c, 'figure', 'what').map((n) => html`<div>${slot(c, `what-${n}`, 'dt')}${slot(c, `figure-${n}`, 'dd')}</div>`)}
    </dl>
  </section>`;

const people: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <ul class="items">
      ${itemsOf(c, 'name', 'text').map((n) => html`<li>${slot(c, `name-${n}`, 'h3')}${slot(c, `text-${n}`, 'p')}</li>`)}
    </ul>
  </section>`;

const reviews: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <ul class="items">
      ${itemsOf(c, 'text', 'by').map(
        (n) =>
          html`<li>
            <figure>
              <blockquote>${slot(c, `text-${n}`, 'p')}</blockquote>
              ${c.section.words[`by-${n}`] ? html`<figcaption>${slot(c, `by-${n}`, 'span')}</figcaption>` : null}
            </figure>
          </li>`,
      )}
    </ul>
  </section>`;

const steps: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <ol class="items">
      ${numberedSlots(c, 'step').map((name, i) => html`<li><span class="count" aria-hidden="true">${i + 1}</span>${slot(c, name, 'p')}</li>`)}
    </ol>
  </section>`;

/** A video is led to, not embedded: a shop loads nothing from another host. */
const video: Drawing = (c) => {
  const address = c.section.words.address?.text ?? '';
  const safe = /^https:\/\/[\w.-]+\.[a-z]{2,}(?:[/?][^\s"<>]*)?$/i.test(address) ? address : null;
  const host = safe ? new URL(safe).hostname : '';
  const item = c.shop.catalogue.products.find((product) => product.pictures.some((name) => c.addresses.picture(name)));
  const words = html`${slot(c, 'heading', 'h2')}${slot(c, 'title', 'p', 'large')}${
    safe
      ? html`<p class="onward"><a href="${safe}" rel="noopener" ${place(c, 'address')}>Watch it at ${host}</a></p>`
      : slot(c, 'address', 'p')
  }`;
  return html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${isArranged(c, 'plate') && item ? html`<div class="plate" aria-hidden="true">${productPicture(c, item, item.pictures[0], { decorative: true })}<span class="start"></span></div>` : null}
    <div class="words">${words}</div>
  </section>`;
};

const entries = (c: SectionContext, lines: boolean): Markup =>
  html`<ol class="items">
    ${itemsOf(c, 'title', 'text').map((n) => {
      const text = c.section.words[`text-${n}`]?.text ?? '';
      const first = /^.*?[.!?](?=\s|$)/s.exec(text)?.[0] ?? text;
      return html`<li>${slot(c, `title-${n}`, 'h3')}${lines && first ? html`<p>${first}</p>` : null}</li>`;
    })}
  </ol>`;

const extracts: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}${entries(c, isArranged(c, 'openings'))}${
      c.section.words.link
        ? html`<p class="onward">
            <a href="${c.addresses.page('journal/')}" ${place(c, 'link')}>${c.section.words.link.text}</a>
          </p>`
        : null
    }
  </section>`;

const posts: Drawing = (c) => {
  const items = itemsOf(c, 'title', 'text');
  return html`<section class="text posts" id="${c.section.id}">
    ${slot(c, 'heading', 'h1')}
    ${items.map((n) => html`<article class="prose">${slot(c, `title-${n}`, 'h2')}${paragraphs(c, `text-${n}`)}</article>`)}${
      items.length ? null : html`<p class="empty">Nothing is written here yet.</p>`
    }
  </section>`;
};

const freeText: Drawing = (c) => {
  const leads = c.page.sections[0]?.id === c.section.id && (c.page.kind === 'page' || c.page.kind === 'campaign');
  return html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', leads ? 'h1' : 'h2')}
    <div class="prose">${numberedSlots(c, 'text').map((name) => paragraphs(c, name))}</div>
  </section>`;
};

/** The seller's markup in a frame of its own: no scripts, no forms, no reach into the page. */
const markup: Drawing = (c) => {
  const text = c.section.words.markup?.text ?? '';
  const title = c.section.words.heading?.text || 'From outside';
  return html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}${
      text
        ? html`<div class="frame" ${place(c, 'markup')}>
            <iframe sandbox="" loading="lazy" title="${title}" srcdoc="${text}"></iframe>
          </div>`
        : slot(c, 'markup', 'p')
    }
  </section>`;
};

export const tellingSections: Partial<Record<SectionKind, Drawing>> = {
  numbers,
  people,
  reviews,
  steps,
  video,
  extracts,
  posts,
  'free-text': freeText,
  markup,
};
