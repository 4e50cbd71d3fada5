import { type Video, videoOf } from '@/core/video';
import { mediaTypeOf } from '@/core/files';
import { ownerOf } from '@/core/plan';
import { filePath } from '@/core/site';
import {
  arranged,
  drawText,
  isArranged,
  own,
  ownPicture,
  place,
  productPicture,
  say,
  thing,
  type Drawing,
  type SectionContext,
} from '../context';
import { html, type Markup } from '../html';

/** What is seen before it plays: the seller's own picture, else one of the goods. */
function stillOf(c: SectionContext<'video'>): Markup | null {
  const [name] = c.section.pictures;
  // It is what plays, and leads nowhere else.
  const is = name === undefined ? null : thing(c, { kind: 'own-picture', page: ownerOf(c.page), section: c.section.id, name });
  const mine = name === undefined ? null : ownPicture(c, name, '(max-width: 820px) 92vw, 60vw', { is, late: true });
  const item = c.shop.catalogue.products.find((product) => product.pictures.some((name) => c.addresses.picture(name)));
  return mine ?? (item ? productPicture(c, item, item.pictures[0], { decorative: true }) : null);
}

/** The seller's own file, in the player of the browser. In the studio's window its still is seen. */
function ownPlayer(c: SectionContext<'video'>, file: string): Markup | null {
  const found = c.shop.files.get(file);
  if (!found) return null;
  const [name] = c.section.pictures;
  const poster = name === undefined ? null : c.addresses.picture(name);
  const type = mediaTypeOf(found.name);
  return html`<video
    controls
    playsinline
    preload="metadata"
    ${poster ? html` poster="${poster.src}" width="${poster.width}" height="${poster.height}"` : null}
    aria-label="${titleOf(c)}"
  >
    <source src="${c.addresses.asset(filePath(found))}" ${type ? html` type="${type}"` : null} />
  </video>`;
}

const titleOf = (c: SectionContext<'video'>): string => c.section.words.title?.text || c.section.words.heading?.text || '';

/**
 * Another's player: a frame that holds a still of ours and a link. Nothing is asked of another host before the link is pressed, and it leads
 * within the frame.
 */
function framePlayer(c: SectionContext<'video'>, { address, host }: Extract<Video, { kind: 'frame' }>): Markup {
  const { drawn, code } = say(c);
  const still = html`<a class="still" href="${address}"
    >${stillOf(c)}<span class="start"></span><span>${drawn.playFrom(host)}</span></a
  >`;
  if (c.target.kind === 'preview') return still;
  const page = html`<!doctype html>
    <html lang="${code}">
      <head>
        <meta charset="utf-8" />
        <title>${titleOf(c)}</title>
        <link rel="stylesheet" href="${c.addresses.asset('styles.css')}" />
      </head>
      <body class="video">
        ${still}
      </body>
    </html>`;
  return html`<iframe
    title="${titleOf(c)}"
    loading="lazy"
    allow="fullscreen; picture-in-picture"
    referrerpolicy="no-referrer"
    sandbox="allow-scripts allow-same-origin allow-presentation allow-popups"
    srcdoc="${page.text}"
  ></iframe>`;
}

const draw: Drawing<'video'>['draw'] = (c) => {
  const video = videoOf(c.section.words.address?.text ?? '');
  const isSeen = video?.kind === 'own' ? c.shop.files.has(video.file) : video !== null;
  const preview = c.target.kind === 'preview';
  const still = stillOf(c);
  const plate =
    video?.kind === 'own' && !preview
      ? ownPlayer(c, video.file)
      : video?.kind === 'frame'
        ? framePlayer(c, video)
        : still && (video?.kind === 'own' || isArranged(c, 'plate'))
          ? html`<span class="still">${still}<span class="start"></span></span>`
          : null;
  const plays = video?.kind === 'own' || video?.kind === 'frame';
  const { drawn } = say(c);
  const way =
    video?.kind === 'page'
      ? html`<p class="onward">
          <a href="${video.address}" rel="noopener" ${place(c, 'address')}>${drawn.watchAt(video.host)}</a>
        </p>`
      : video?.kind === 'frame'
        ? html`<p class="note" ${place(c, 'address')}>${drawn.framedFrom(video.host)}</p>`
        : isSeen
          ? null
          : drawText(c, 'address', 'p');
  return html`<section class="part ${arranged(c)}${plays ? ' plays' : ''}" ${own(c)}>
    ${plate ? html`<div class="plate" ${plays ? null : html` aria-hidden="true"`}>${plate}</div>` : null}
    <div class="words">${drawText(c, 'heading', 'h2')}${drawText(c, 'title', 'p', 'large')}${way}</div>
  </section>`;
};

export const video: Drawing<'video'> = {
  draw,
  css: `
.video.as-plate,.video.plays{grid-template-columns:minmax(0,7fr) minmax(0,5fr);align-items:end}
.video.as-line.plays{grid-template-columns:minmax(0,1fr)}
.video.as-plate h2{grid-column:auto}
.video .plate{position:relative}
.video .plate img,.video .plate .no-picture{width:100%;aspect-ratio:16/9;object-fit:var(--lying,cover)}
.video :is(video,iframe){display:block;width:100%;height:auto;aspect-ratio:16/9;border:0;background:var(--raised)}
.video .still{display:block;position:relative;color:inherit}
.video .still>:last-child:not(.start){position:absolute;inset:auto 1.25rem 1.25rem 5.75rem;font-family:var(--text-face);background:var(--ground);color:var(--text);padding:.35rem .6rem;width:fit-content}
.video .start{position:absolute;inset:auto auto 1.25rem 1.25rem;width:3.5rem;height:3.5rem;background:var(--ground);clip-path:polygon(15% 8%,92% 50%,15% 92%)}
.video.as-line .words{grid-column:1/-1}
body.video{display:block;min-height:0}
body.video .still{height:100vh}
body.video .still :is(img,.no-picture){width:100%;height:100vh;object-fit:cover}
`,
  narrow: `
.video:is(.as-plate,.plays){grid-template-columns:minmax(0,1fr)}
`,
};
