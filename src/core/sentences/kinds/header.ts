import { families, familyDistance } from '../../look';
import { lookPlaces, set } from '../../places';
import { type MarkId } from '../../pictures/about';
import { requests } from '../../requests';
import { degreeOf, sizes } from '../degree';
import { defineSentence, firmNo, hears, no, type Said } from '../said';

/** What marks are asked for with, the telling words first. */
const marksBy: readonly { id: MarkId; words: readonly string[] }[] = [
  { id: 'stamp', words: ['stamp', 'stamped'] },
  { id: 'initials', words: ['initials', 'monogram', 'letters'] },
  { id: 'beside', words: ['beside', 'next'] },
  { id: 'emblem', words: ['emblem', 'drawing', 'picture'] },
  { id: 'seal', words: ['seal', 'round'] },
  { id: 'sign', words: ['sign'] },
  { id: 'plate', words: ['plate'] },
  { id: 'text', words: ['type', 'text', 'plain', 'word'] },
  { id: 'stacked', words: ['stacked', 'lines'] },
  { id: 'spaced', words: ['spaced', 'apart'] },
  { id: 'ruled', words: ['line', 'ruled', 'rule', 'underlined'] },
  { id: 'text', words: ['name'] },
];

export const mark = defineSentence({
  kind: 'mark',
  offers: 'Have another mark at the head: “our initials as the logo”',
  at: ['logo', 'header'],
  words: [
    'our initials',
    'a monogram',
    'try a stamp',
    'a seal please',
    'just the name in type',
    'plain text as the logo',
    'an emblem',
    'emblem beside the name',
    'a sign',
    'the name in two lines',
    'another logo',
    'use our initials as the logo',
    'a round one',
    'with a line under the name',
  ],
  reads: (said) => {
    const made = requests.mark.offers(said.spot);
    if (!made || made.as === 'fields') return no('There is no other mark.');
    // Of a round stamp the stamp says more than that it is round.
    const named = marksBy.find(({ words }) => hears(said, ...words));
    const offer = made.offers.find(({ id }) => id === named?.id);
    if (offer) return { wishes: offer.wishes, of: { to: offer.id } };
    if (named) return no('This mark can’t be drawn of this name.');
    return made.offers
      .filter(({ stands }) => !stands)
      .slice(0, 4)
      .map(({ id, label, wishes }) => ({ wishes, says: `At the head: ${label.toLowerCase()}.`, of: { to: id } }));
  },
});

const isDrawn = ({ shop: { mark: now } }: Said) => now.kind !== 'text' || now.logo !== null;

export const markSize = defineSentence({
  kind: 'mark-size',
  offers: 'Have the mark larger or smaller: “a bigger logo”',
  at: ['logo', 'header'],
  words: [
    'bigger',
    'smaller',
    'larger',
    'make it bigger',
    'a bit smaller',
    'the logo should be larger',
    'too small',
    'too big',
    '{number:percent} bigger',
    'a bigger logo',
  ],
  reads: (said) => {
    if (!isDrawn(said)) return no('The name stands in type, which has the size of its look. A drawn mark has a size of its own.');
    const way = degreeOf(said, sizes);
    if (!way) return no('Larger or smaller?');
    const bigger = way === 'more';
    const percent = said.sentence.slots.find(({ number }) => number?.of === 'percent')?.number?.value;
    const by = 1 + (percent ?? 25) / 100;
    const now = said.shop.mark.size;
    const size = Math.round(Math.min(2.5, Math.max(0.6, bigger ? now * by : now / by)) * 100) / 100;
    if (size === now) return no(`It is as ${bigger ? 'large' : 'small'} as it can be.`);
    return { wishes: [set(lookPlaces.markSize, size)], of: { by: bigger ? 'bigger' : 'smaller' } };
  },
});

const off = (said: Said) => hears(said, 'without', 'no', 'not', 'hide', 'remove', 'off', 'only');

export const markFoot = defineSentence({
  kind: 'mark-foot',
  offers: 'Show the mark at the foot too: “the logo in the footer”',
  at: ['logo', 'footer', 'page'],
  words: [
    'show the logo at the foot too',
    'the logo in the footer',
    'no logo in the footer',
    'put the mark down here as well',
    'logo at the bottom too',
  ],
  reads: (said) => {
    if (!isDrawn(said)) return no('The name stands in type, and stands at the foot already.');
    const on = !off(said);
    return { wishes: [set(lookPlaces.markFoot, on)], of: { on: on ? 'yes' : 'no' } };
  },
});

export const markName = defineSentence({
  kind: 'mark-name',
  offers: 'Have the name beside the mark: “with the name beside the logo”',
  at: ['logo', 'header'],
  words: [
    'with the name beside it',
    'without the name',
    'the name next to the logo',
    'only the logo, not the name',
    'show the name beside',
    'no name beside it',
  ],
  reads: (said) => {
    if (!isDrawn(said)) return no('The name itself is the mark.');
    const on = !off(said);
    return { wishes: [set(lookPlaces.markName, on)], of: { on: on ? 'yes' : 'no' } };
  },
});

/** “Drawing board” before “Board”. */
const byLength = [...families].sort((a, b) => b.name.length - a.name.length);

export const frame = defineSentence({
  kind: 'frame',
  offers: 'Have the header or the footer of another look: “a different header”, “the footer of Ledger”',
  at: ['header', 'footer', 'page'],
  words: [
    'another header',
    'a different footer',
    'try another header',
    'I don’t like the header',
    'show me other footers',
    'the header could be arranged otherwise',
    'a header like in another look',
    'take the header of another look',
    'the footer should look different',
    'the header as in Poster',
    'use the footer of Ledger',
  ],
  reads: (said) => {
    const { kind } = said.spot.thing;
    const foot = hears(said, 'footer', 'foot', 'bottom') || (kind === 'footer' && !hears(said, 'header', 'head', 'top'));
    if (!foot && kind !== 'header' && !hears(said, 'header', 'head', 'top')) return no('The header, or the footer?');
    const { look } = said.shop;
    const part = foot ? 'foot' : 'head';
    const name = foot ? 'footer' : 'header';
    const made = requests[foot ? 'foot-as' : 'head-as'].offers({ ...said.spot, shop: said.shop });
    if (!made || made.as === 'fields') return no('There is no other.');
    const named = byLength.find(({ name: one }) =>
      one
        .toLowerCase()
        .split(' ')
        .every((word) => hears(said, word)),
    );
    const offer = named && made.offers.find(({ id }) => id === (named.id === look.family.id ? 'own' : named.id));
    if (offer?.stands) return firmNo(`It has the ${name} of ${named?.name ?? ''} already.`);
    if (offer) return { wishes: offer.wishes, of: { part, to: named?.id ?? '' } };
    if (named) return firmNo(`The ${name} of ${named.name} is part of how its pages are laid out; no other look can have it.`);
    const far = (id: string) => familyDistance(look[part], families.find((one) => one.id === id) ?? look.family);
    return made.offers
      .filter(({ stands }) => !stands)
      .sort((a, b) => far(b.id) - far(a.id))
      .slice(0, 4)
      .map(({ label, wishes }) => ({ wishes, says: `The ${name} as in ${label}.`, of: { part } }));
  },
});
