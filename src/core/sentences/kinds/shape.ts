import { lookPlaces, set } from '../../places';
import { degreeOf, type Scale } from '../degree';
import { countNamed, defineSentence, denies, firmNo, hears, no, type Found } from '../said';

export const columns = defineSentence({
  kind: 'columns',
  affirms: true,
  offers: 'Goods beside each other: “three columns”',
  at: ['page', 'card', 'section'],
  words: [
    '{number} columns',
    'three columns of goods',
    '{number} goods beside each other',
    'show {number} products in a row',
    '{number} across',
    'columns {number}',
    'make it {number} in one row',
    'no more than {number} next to each other',
    'the shelf with {number} columns',
    'fewer goods side by side, {number}',
  ],
  reads: (said) => {
    const count = countNamed(said, 'plain', 'pieces')?.value;
    if (count === undefined) return no('How many columns? One to six.');
    if (!Number.isInteger(count) || count < 1 || count > 6) return firmNo('One to six goods can stand beside each other.');
    return { wishes: [set(lookPlaces.goodsColumns, count)], of: { n: String(count) } };
  },
});

export const phoneColumns = defineSentence({
  kind: 'phone-columns',
  affirms: true,
  offers: 'Goods beside each other on phones: “one column on phones”',
  at: ['page', 'card', 'section'],
  words: [
    '{number} columns on phones',
    'on the phone {number} product per row',
    'mobile {number} products side by side',
    'phone {number} column',
    'one per row on small screens',
    '{number} goods next to each other on mobile',
  ],
  reads: (said) => {
    const count = countNamed(said, 'plain', 'pieces')?.value;
    if (count === undefined) return no('How many? One to three.');
    if (!Number.isInteger(count) || count < 1 || count > 3)
      return firmNo('On a phone one to three goods can stand beside each other.');
    return { wishes: [set(lookPlaces.phoneColumns, count)], of: { n: String(count) } };
  },
});

/** How round things are. */
const roundness: Scale = {
  more: ['rounder', 'softer'],
  less: ['squarer', 'sharper', 'harder'],
  much: ['round', 'rounded', 'soft'],
  little: ['square', 'sharp', 'pointed', 'hard', 'hard-edged'],
};

export const corners = defineSentence({
  kind: 'corners',
  offers: 'Corners: “rounder corners”, “square”',
  at: ['page', 'button', 'card'],
  words: [
    'rounder corners',
    'round corners',
    'square corners',
    'sharp edges everywhere',
    'softer corners',
    'less round',
    'no rounded corners',
    'corner radius {number}',
    'corners {number:pixels}',
    'pointed corners',
  ],
  reads: (said) => {
    const now = said.shop.look.shape.corner;
    const count = countNamed(said, 'pixels', 'plain')?.value;
    const to = (px: number, of: Record<string, string>): Found => ({
      wishes: [set(lookPlaces.corner, Math.max(0, Math.min(99, px)))],
      of,
    });
    if (count !== undefined) return to(count, { n: String(count) });
    // "Too soft" complains of it, and asks for no more than less of it.
    const way = hears(said, 'too') ? degreeOf(said, roundness) : null;
    if (way) return way === 'less' ? to(Math.floor(now / 2), { by: 'sharper' }) : to(now < 4 ? 8 : now * 2, { by: 'rounder' });
    if (hears(said, 'square', 'sharp', 'pointed', 'no', 'hard')) return to(0, { to: 'square' });
    if (hears(said, 'less', 'sharper')) return to(Math.floor(now / 2), { by: 'sharper' });
    if (hears(said, 'rounder', 'softer', 'more', 'soft', 'rounded')) return to(now < 4 ? 8 : now * 2, { by: 'rounder' });
    if (hears(said, 'round')) return to(99, { to: 'round' });
    return no('Round or square?');
  },
});

/** Room between things. */
const roomScale: Scale = {
  more: ['breathe', 'breathing', 'airier', 'roomier', 'wider', 'apart', 'further', 'loosen', 'looser'],
  less: ['tighter', 'tighten', 'closer', 'denser', 'nearer'],
  much: ['air', 'airy', 'room', 'roomy', 'space', 'spaces', 'spacing', 'distance', 'gap', 'gaps', 'spread', 'empty', 'loose'],
  little: ['crowded', 'cramped', 'tight', 'dense', 'packed', 'squeezed', 'close', 'compact', 'together', 'narrow'],
};

export const room = defineSentence({
  kind: 'room',
  offers: 'Room between things: “more space”, “tighter”',
  at: ['page'],
  words: [
    'more space',
    'more room between things',
    'more air',
    'bigger gaps',
    'let it breathe',
    'tighter',
    'less space',
    'closer together',
    'denser',
    'too spread out',
    'too cramped',
    'less empty space',
    'more white space everywhere',
  ],
  reads: (said) => {
    const by = degreeOf(said, roomScale);
    if (!by) return no('More room or less?');
    const now = said.shop.look.shape.room;
    const next = Math.round(Math.max(0.6, Math.min(1.6, now + (by === 'less' ? -0.2 : 0.2))) * 100) / 100;
    if (next === now) return firmNo(by === 'less' ? 'It can’t be tighter.' : 'There can’t be more room.');
    return { wishes: [set(lookPlaces.room, next)], of: { by } };
  },
});

export const lines = defineSentence({
  kind: 'lines',
  offers: 'Lines: “no lines”, “thicker lines”',
  at: ['page'],
  words: [
    'no lines',
    'remove the lines',
    'thicker lines',
    'thinner lines',
    'hairlines',
    'take away the thin lines',
    'stronger rules',
    'without rules',
    'finer lines',
  ],
  reads: (said) => {
    const now = said.shop.look.shape.rule;
    const [by, next] = hears(said, 'no', 'remove', 'without', 'away')
      ? ['none', 0]
      : hears(said, 'thinner', 'finer', 'hairlines', 'hairline', 'thin')
        ? ['thinner', Math.max(1, now - 1)]
        : hears(said, 'thicker', 'stronger', 'bolder', 'thick', 'heavier')
          ? ['thicker', Math.min(6, now + 1)]
          : ['', now];
    if (!by) return no('Thicker, thinner or none?');
    return {
      wishes: [set(lookPlaces.rule, next as number)],
      of: (by === 'none' ? { to: 'none' } : { by }) as Record<string, string>,
    };
  },
});

export const motion = defineSentence({
  kind: 'motion',
  offers: 'Movement: “nothing should move”',
  at: ['page', 'picture'],
  words: [
    'no animations',
    'nothing should move',
    'stop the movement',
    'animation off',
    'a little movement',
    'gentle motion',
    'let the pictures move a little',
    'animations on',
    'no sliding or fading',
    'some motion please',
  ],
  reads: (said) => {
    const none = denies(said) || hears(said, 'stop', 'off', 'less', 'still', 'much');
    const some = hears(
      said,
      'gentle',
      'gently',
      'little',
      'some',
      'on',
      'bit',
      'movement',
      'motion',
      'move',
      'animate',
      'animations',
    );
    if (!none && !some) return no('None, or gentle?');
    return { wishes: [set(lookPlaces.motion, none ? 'none' : 'gentle')], of: { to: none ? 'none' : 'gentle' } };
  },
});
