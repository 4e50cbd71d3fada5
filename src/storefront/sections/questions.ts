import { arranged, drawPart, drawText, isArranged, items, itemThing, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'questions'>['draw'] = (c) => {
  const answers = items(c, 'answers');
  const heading = drawText(c, 'heading', c.page.kind === 'questions' ? 'h1' : 'h2');
  if (isArranged(c, 'folded'))
    return html`<section class="${arranged(c)}" ${own(c)}>
      ${heading}
      <div class="folds">
        ${answers.map(
          (item) =>
            html`<details${itemThing(c, 'answers', item)}>
              <summary>${drawPart(c, 'answers', item, 'question', 'span')}</summary>
              ${drawPart(c, 'answers', item, 'answer', 'p')}
            </details>`,
        )}
      </div>
    </section>`;
  const open = answers.map(
    (item) =>
      html`<div${itemThing(c, 'answers', item)}>${drawPart(c, 'answers', item, 'question', 'dt')}${drawPart(c, 'answers', item, 'answer', 'dd')}</div>`,
  );
  return html`<section class="${arranged(c)}" ${own(c)}>
    ${heading}
    <dl>${open}</dl>
  </section>`;
};

export const questions: Drawing<'questions'> = {
  draw,
  css: `
.folds{border-top:1px solid var(--line)}
.folds details{border-bottom:1px solid var(--line)}
.folds summary{padding:.9rem 0;font-weight:600;cursor:pointer}
.folds p{padding:0 0 1.1rem;max-width:var(--measure)}
`,
};
