import { arranged, drawText, leads, own, place, productPicture, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'buy-one'>['draw'] = (c) => {
  const [item] = c.shop.catalogue.products;
  if (!item) return html``;
  const to = c.addresses.page(`goods/${item.slug}/`);
  return html`<section class="part ${arranged(c)}" ${own(c)}>
    <a class="plate" href="${to}" tabindex="-1" aria-hidden="true"
      >${productPicture(c, item, item.pictures[0], { decorative: true })}</a
    >
    <div class="words">
      ${drawText(c, 'heading', 'h2')}${drawText(c, 'text', 'p')}
      <p>
        <a class="button" ${leads(c, 'button', `goods/${item.slug}/`)} ${place(c, 'button')}
          >${c.section.words.button?.text ?? ''}</a
        >
      </p>
    </div>
  </section>`;
};

export const buyOne: Drawing<'buy-one'> = {
  draw,
  css: `
.buy-one{align-items:center}
.buy-one .plate img,.buy-one .plate .no-picture{width:100%;max-height:44rem;object-fit:var(--lying,cover)}
.buy-one.as-beside{grid-template-columns:minmax(0,7fr) minmax(0,5fr)}
.buy-one.as-under{grid-template-columns:minmax(0,1fr)}
.buy-one.as-under .plate img{aspect-ratio:16/9;object-fit:var(--lying,cover)}
.buy-one h2{font-size:var(--h1);line-height:var(--h1-line)}
.buy-one .words>p{max-width:var(--measure)}
`,
  narrow: `
.buy-one.as-beside{grid-template-columns:minmax(0,1fr)}
`,
};
