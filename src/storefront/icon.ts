import { contrastRatio } from '@/core/look';
import { type Shop } from '@/core/site';
import { html } from './html';

/** The site's icon: the name's first letter on the accent. */
export function drawIcon(shop: Shop): string {
  const { accent, onAccent } = shop.look.palette;
  const letter = (/\p{L}|\p{N}/u.exec(shop.name)?.[0] ?? 'A').toUpperCase();
  const face = shop.look.heading.kind === 'serif' ? 'Georgia,serif' : 'Arial,sans-serif';
  const fill = contrastRatio(accent, onAccent) >= 3 ? onAccent : '#ffffff';
  return html`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 64 64">
    <rect width="64" height="64" fill="${accent}" />
    <text x="32" y="46" text-anchor="middle" font-family="${face}" font-weight="700" font-size="40" fill="${fill}">
      ${letter}
    </text>
  </svg>`.text;
}
