import { type Shop, type Standing, type StandingOf } from '@/core/site';
import { type PictureSize } from '@/core/look/about';
import { isWhole, pageParts, type Span } from '@/core/span';

/** Sections keep their places beside each other from this width on; below it each takes the page. */
const besideFrom = 1000;

/** What is made larger or smaller with the words of a section. */
const scaled = ['body', 'small', 'h3', 'h2', 'h1', 'display'] as const;
const kept = ['rest', ...scaled];

/** One column of what a section has, whatever its family puts beside each other. */
const oneColumn = (sections: string) =>
  `${sections}{grid-template-columns:minmax(0,1fr)!important}` +
  `${sections}>*{grid-column:auto!important;grid-row:auto!important}` +
  `${sections}::before{grid-column:auto!important;grid-row:auto!important}`;

const spanRule = ({ from, to }: Span): string =>
  `main.spans>.span-${from}-${to}{grid-column:calc(${from + 2} + var(--shift,0))/calc(${to + 2} + var(--shift,0))!important;` +
  `padding-left:var(--inset,${from ? '1rem' : '0px'})!important;padding-right:var(--inset,${to < pageParts ? '1rem' : '0px'})!important}`;

/** The longest word of a heading fits the parts that its section has: of the page, less what stands beside and inside. */
const headingRule = ({ from, to }: Span): string =>
  `main.spans>.span-${from}-${to} h2{font-size:min(var(--h2),calc((${to - from}*(98cqi - 2*var(--frame,var(--side)))/${pageParts} - 2.5rem)/var(--fit,1)))}`;

const roomRule = (prefix: string, room: number) =>
  `.${prefix}room-${Math.round(room * 100)}{--rest:calc(var(--rest-0)*${room});--by:${room}}`;

const sizeRule = (prefix: string, size: number) =>
  `.${prefix}size-${Math.round(size * 100)}{${scaled.map((step) => `--${step}:calc(var(--${step}-0)*${size})`).join(';')};font-size:var(--body)}` +
  `.${prefix}size-${Math.round(size * 100)} :is(.large,.claim){font-size:var(--h2)}` +
  // What stands in narrow cells breaks where it grows.
  (size > 1
    ? `.${prefix}size-${Math.round(size * 100)} :is(table,.goods){${scaled.map((step) => `--${step}:var(--${step}-0)`).join(';')};font-size:var(--body)}`
    : '');

const blocks = ':is(h1,h2,h3,p,.prose,.lead,.words,.head,.section-head,.notice,.letter,.onward,form,address,blockquote)';
const rows = ':is(address,.onward,.categories ul,ul.row,.opening-words .actions)';

/** Where words stand: what holds them and what is beside it in a row go along. */
function alignRules(prefix: string, align: NonNullable<Standing['align']>): string {
  const its = `.${prefix}words-${align}`;
  const [text, justify, left, right] = {
    start: ['start', 'start', '0', 'auto'],
    middle: ['center', 'center', 'auto', 'auto'],
    end: ['end', 'end', 'auto', '0'],
  }[align];
  return (
    `${its}{text-align:${text}}${its} .section-head{text-align:inherit}` +
    `${its} ${blocks}{margin-left:${left};margin-right:${right};text-align:inherit}` +
    `${its} :is(.words,.head,.section-head,.opening-words){justify-items:${justify};text-align:inherit}` +
    `${its} ${rows}{justify-content:${justify}}` +
    (align === 'middle' ? oneColumn(`main>${its}:not(.opening)`) : '')
  );
}

const distinct = <T>(values: readonly (T | null)[]): T[] => [
  ...new Map(values.flatMap((one) => (one === null ? [] : [[JSON.stringify(one), one] as const]))).values(),
];

/** Families put words and a picture beside each other at the latest from this width on. */
const pictureFrom = 901;

/** Less of what a picture has by its look, or more of what is left to it: families say what that is. */
const pictureSteps: Readonly<Record<PictureSize, string>> = {
  small: '--less:.4',
  smaller: '--less:.2',
  larger: '--more:.5',
  large: '--more:1',
};

const isMore = (size: PictureSize): boolean => size === 'larger' || size === 'large';

/** What stands upright would be taller than a screen where it is large. */
const pictureRule = (size: PictureSize): string =>
  `.pictures-${size}{${pictureSteps[size]}}` + (isMore(size) ? `.pictures-${size} .opening-pictures img{max-height:82vh}` : '');

/** The rules of what is in use, and no others. */
const rulesOf = (prefix: string, all: readonly Standing[]): string =>
  [
    ...distinct(all.map(({ room }) => room)).map((room) => roomRule(prefix, room)),
    ...distinct(all.map(({ size }) => size)).map((size) => sizeRule(prefix, size)),
    ...distinct(all.map(({ align }) => align)).map((align) => alignRules(prefix, align)),
  ].join('');

/** Sections that stand otherwise than their look has them: beside each other, nearer, larger, with their words elsewhere. */
export function standing({ exceptions: { standing: all }, look }: Shop): string {
  if (!all.length) return '';
  const spans = distinct(all.map(({ span }) => (span && !isWhole(span) ? span : null)));
  const beside =
    `main.spans{display:grid;align-content:start;grid-template-columns:var(--before,) var(--frame-left,var(--frame,var(--side))) repeat(${pageParts},minmax(0,1fr)) var(--frame,var(--side))!important}` +
    `main.spans>section{grid-column:calc(1 + var(--shift,0))/-1}` +
    `main.spans>[class*=span-]{margin-inline:0!important;min-width:0;align-content:start}` +
    `main.spans>:is([class*=tone-],.as-band,.as-set-off){--inset:1.5rem}` +
    (look.family.card.lies
      ? ''
      : 'main.spans>[class*=span-] .goods{grid-template-columns:repeat(auto-fill,minmax(min(100%,14rem),1fr))!important;margin-inline:0}') +
    oneColumn('main.spans>[class*=span-]') +
    spans.map(spanRule).join('') +
    spans.map(headingRule).join('');
  const sizes = distinct(all.map(({ pictures }) => pictures));
  return [
    `main{${kept.map((name) => `--${name}-0:var(--${name})`).join(';')}}`,
    rulesOf(
      '',
      all.map(({ wide }: StandingOf) => wide),
    ),
    spans.length ? `@media (min-width:${besideFrom}px){${beside}}` : '',
    // On narrow screens a picture has their width.
    sizes.length ? `@media (min-width:${pictureFrom}px){${sizes.map(pictureRule).join('')}}` : '',
    `@media (max-width:600px){${rulesOf(
      'phone-',
      all.map(({ phone }) => phone),
    )}}`,
  ].join('');
}
