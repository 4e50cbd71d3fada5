import { type FamilyId } from '@/core/look';
import { drawings } from '../families';

/** Parts of a page's frame that a shop can have from another family than the rest. */
export type Frame = 'head' | 'foot';

/** A rule as it stands in a family's sheet, with what it holds for. */
interface Rule {
  media: string;
  selectors: string[];
  body: string;
}

/** What a selector draws, by how it begins. */
const begins: Record<Frame, RegExp> = { head: /^(?:\.page-[a-z]+ )?\.(?:top|tools)\b/, foot: /^\.foot\b/ };

/** Selectors between commas; those within brackets belong to what they stand in. */
const selectorsOf = (list: string): string[] => list.split(/,(?![^(]*\))/).map((one) => one.trim());

/** Rules of a family's sheet in their order. Its only blocks are rules, and rules within “@media”; a test holds the sheets to that. */
export function rulesOf(css: string): Rule[] {
  const rules: Rule[] = [];
  let media = '';
  for (const [, query, selectors, body] of css.matchAll(/(@media[^{]+)\{|([^{}]+)\{([^{}]*)\}|\}/g)) {
    if (query !== undefined) media = query.trim();
    else if (selectors !== undefined) rules.push({ media, selectors: selectorsOf(selectors.trim()), body: body ?? '' });
    else media = '';
  }
  return rules;
}

const written = (rules: readonly Rule[]): string =>
  rules
    .filter(({ selectors }) => selectors.length)
    .map(({ media, selectors, body }) => {
      const rule = `${selectors.join(',')}{${body}}`;
      return media ? `${media}{${rule}}` : rule;
    })
    .join('\n');

const keepSelectors = (rules: readonly Rule[], keep: (selector: string) => boolean): Rule[] =>
  rules.map((rule) => ({ ...rule, selectors: rule.selectors.filter(keep) }));

/** What another family's frame stands in here: as wide as the page, its content in line with that of the page. */
const fitted: Record<Frame, string> = {
  head: '.top{width:auto;max-width:none;margin-inline:0;padding-inline:var(--flush)}',
  foot: '.foot{width:auto;max-width:none;margin-inline:0;padding-inline:var(--flush)}',
};

/** How a family draws its pages, with the head or the foot of others in the place of its own. */
export function drawnWith(family: FamilyId, frame: Readonly<Record<Frame, FamilyId>>): string {
  return (['head', 'foot'] as const)
    .filter((part) => frame[part] !== family)
    .reduce<string>((css, part) => {
      const isPart = (selector: string) => begins[part].test(selector);
      const own = keepSelectors(rulesOf(css), (selector) => !isPart(selector));
      const lent = keepSelectors(rulesOf(drawings[frame[part]]), isPart);
      return `${written(own)}\n${written(lent)}\n${fitted[part]}`;
    }, drawings[family]);
}
