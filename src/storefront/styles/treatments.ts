import { type Treatment } from '@/core/look';

/** What happens to pictures in lists and openings. On a product's own page they stay as they are; a made picture is in the shop's inks already. */
export const treatments: Record<Treatment, string> = {
  plain: '',
  framed: `
.thumb img,.opening-pictures img,.gallery img{border:var(--rule-w) solid var(--line);padding:clamp(4px,.6vw,9px);background:var(--raised)}
`,
  settled: `
.thumb:has(img),.opening-pictures>:has(>img),.gallery a{background:var(--plate,var(--raised))}
.thumb img,.gallery img{mix-blend-mode:var(--settle,multiply)}
`,
  'one-ink': `
.thumb img,.opening-pictures:not(.made) img,.posted img{filter:grayscale(1) contrast(1.15)}
.good a:hover .thumb img,.good a:focus-visible .thumb img,.opening-pictures a:hover img{filter:none}
`,
};
