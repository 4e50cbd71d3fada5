import { isForSale } from '../lexicon';
import { locate } from './where';
import { factAt, type Fact } from './fact';
import { type Sentence } from './sentences';

const smallWords = /^(?:and|of|the|de|la|le|du|der|van|von|y|e|&|'n')$/i;
const commonStarts =
  /^(?:we|i|i'm|im|my|our|the|a|an|it|hi|hiya|hello|hey|so|this|these|here|there|about|brief|what|who|name|website|colou?rs?|contact|please|made|hand|old|new|all|you|people|selling|small|brand|overview|intro\w*|business|company)$/i;

const properName = String.raw`(?:\p{Lu}[\p{L}’'&.-]*|\d+)(?:\s+(?:(?:and|of|the|de|la|le|du|van|von|&)\s+)*(?:\p{Lu}[\p{L}’'&-]*|\d+))*`;

/** Two or more words with capitals. */
const severalCapitals = String.raw`\p{Lu}[\p{L}’'&.-]*(?:\s+(?:(?:and|of|the|&)\s+)*\p{Lu}[\p{L}’'&-]*)+`;

/** How a brief introduces a name, and how surely. The name is the first group. */
const introductions: [RegExp, number][] = [
  [
    new RegExp(
      String.raw`(?:(?<!\b[Ii](?:'m|’m| am) )called|(?<!\b[Mm]y )(?:named|known as)|known as|trading as|trade as|under the name(?: of)?|(?:business|shop|company|brand|studio)(?:'s)? name(?: is|:)|(?<!\b[Mm]y )\b[Nn]ame(?:\s+is|:))\s*["“'‘]?(${properName})`,
      'u',
    ),
    0.95,
  ],
  [
    new RegExp(
      String.raw`^["“'‘]?(${properName})["”'’]?\s+(?:(?:is|are)\s+(?:a|an|the|my|our|one|two|three|four)|makes|sells|bakes|grows|prints|roasts|builds|offers|repairs|restores|brews|knits|weaves|imports|used to sell)\b`,
      'mu',
    ),
    0.9,
  ],
  // Two or more capitalised words that a brief begins with, and what they do: "Night Garden tends …".
  [
    new RegExp(
      String.raw`^["“'‘]?(${severalCapitals})["”'’]?\s+(?!always|across|towards|unless|besides|perhaps|sometimes)\p{Ll}{3,}s\s+\p{L}`,
      'u',
    ),
    0.8,
  ],
  [
    new RegExp(
      String.raw`(?:[Ww]e are|[Ww]e're|[Ww]e’re|[Ww]elcome to|[Tt]his is|[Ii] run|[Ww]e run|[Ii] own|[Ii]'m|[Ii]’m)\s+["“'‘]?(${properName})`,
      'u',
    ),
    0.75,
  ],
  [new RegExp(String.raw`^["“'‘]?(${properName})["”'’]?\s+of\s+\p{Lu}`, 'u'), 0.8],
  [new RegExp(String.raw`\b(?:[Oo]ur|[Mm]y|[Tt]he) \p{Ll}[\p{L} -]{2,24}, (${properName}),`, 'u'), 0.8],
  [new RegExp(String.raw`^(?:Here at|At|Welcome to) (${properName}),? (?:we|you|our|I|everything|every)\b`, 'mu'), 0.85],
  [new RegExp(String.raw`^(${severalCapitals})\s+(?:is|are)\s+\p{Ll}`, 'mu'), 0.8],
  // "Stillwater Bells is Ingrid Solberg in Bergen."
  [new RegExp(String.raw`^(?!My|Our|The|This|I)(${severalCapitals})\s+(?:is|are)\s+\p{Lu}\p{Ll}`, 'u'), 0.8],
  [new RegExp(String.raw`\b[Ii] am\s+(${properName})`, 'u'), 0.5],
];

/** A name that nobody wrote with capitals. */
const uncapitalised =
  /\b(?:called|under the name(?: of)?|trading as|(?:business|shop) name is)\s+["“']?(\p{Ll}[\p{L}’'&-]*(?:\s[\p{L}’'&-]+){0,4}?)["”']?\s*(?=[,.;\n]|\s(?:and|in|from)\s|$)/u;

const titleCase = (text: string) =>
  text.replace(/(^|\s)(\p{Ll})(?=\p{L}{2})/gu, (whole, before: string, letter: string) =>
    before && /^(?:and|of|the)\b/.test(text.slice(text.indexOf(whole) + 1)) ? whole : before + letter.toUpperCase(),
  );

/** The name of the business. */
export function readName(brief: string, sentences: readonly Sentence[]): Fact<string> | null {
  const said = sentences.find((sentence) => sentence.label === 'name');
  if (said) {
    const text = withoutSeat(said.source.text)
      .replace(/[.!,;:]+$/, '')
      .replace(/^(?:it'?s|we'?re|we are|it is)\s+(?:called\s+)?/i, '');
    const start = said.source.end - said.source.text.length + said.source.text.indexOf(text);
    if (text.split(/\s+/).length <= 7) return factAt(brief, text.replace(/^["“]|["”]$/g, ''), 0.95, start, start + text.length);
  }
  return headed(brief, sentences) ?? introduced(brief) ?? inSmallLetters(brief);
}

/** A first line that is nothing but capitalised words. What stands after a dash may be the place. */
function headed(brief: string, sentences: readonly Sentence[]): Fact<string> | null {
  const heading = sentences.find((sentence) =>
    /^#\s/.test(brief.slice(Math.max(0, sentence.source.start - 2), sentence.source.start)),
  );
  const first = heading ?? sentences[0];
  if (!first || first.label) return null;
  const [text = ''] = first.source.text.replace(/[.!:]+$/, '').split(/\s+[–—-]\s+|,\s+/);
  const words = withoutPlace(text).split(/\s+/);
  const capitals = words.filter((word) => /^["“]?[\p{Lu}\d&]/u.test(word) || smallWords.test(word));
  const plain =
    words.length <= 6 && !text.includes(':') && capitals.length === words.length && !commonStarts.test(words[0] ?? '');
  if (words.length === 1 && sentences.length === 1 && isForSale(text)) return null;
  if (!plain || (words.length === 1 && text.length < first.text.length - 2) || locate(text)?.size === 9) return null;
  const start = first.source.start;
  return factAt(brief, words.join(' ').replace(/^["“]|["”]$/g, ''), 0.9, start, start + withoutPlace(text).length);
}

/** "Lanternfish Games, Vienna" says where it is after a comma. */
function withoutSeat(text: string): string {
  const [name = '', ...rest] = text.split(', ');
  return rest.length && locate(rest.join(', ').replace(/[.!]+$/, '')) ? name : text;
}

/** "Juniper Row of Asheville" says where it is after its name. */
function withoutPlace(text: string): string {
  const match = /^(.+?)\s+(?:of|in|from)\s+(.+)$/.exec(text);
  return match?.[1]?.includes(' ') && match[2] && locate(match[2]) ? match[1] : text;
}

/** "An old press called Bertha" names a thing; "a shop called Bertha" the business. */
const thingCalled = /\b(?:an?|the|our|my|two|three)\s(?:[\p{L}-]+\s){0,3}([\p{L}-]+)\s*$/u;
const businessNoun =
  /^(?:shop|store|business|company|brand|studio|workshop|firm|label|venture|project|site|website|stall|stand|place|kitchen|press|works|gallery|school|club|farm|garden|house|atelier|nursery|.+(?:ery|ary|shop|works|house|café|cafe))$/i;

function introduced(brief: string): Fact<string> | null {
  return (
    introducedBy(brief, (match) => {
      const [, noun] = /^(?:called|named|known as)\b/.test(match[0]) ? (thingCalled.exec(brief.slice(0, match.index)) ?? []) : [];
      return noun === undefined || businessNoun.test(noun);
    }) ?? introducedBy(brief, () => true)
  );
}

function introducedBy(brief: string, counts: (match: RegExpExecArray) => boolean): Fact<string> | null {
  for (const [pattern, confidence] of introductions)
    for (const match of brief.matchAll(new RegExp(pattern, `${pattern.flags}g`))) {
      if (!counts(match)) continue;
      const value = match[1]
        ?.replace(/ and I$/, '')
        .replace(/[.,]$/, '')
        .replace(/[’']s$/, '')
        .trim();
      const [first = ''] = value?.split(' ') ?? [];
      if (!value || commonStarts.test(value) || /^I$/.test(first)) continue;
      // "I'm Sam" gives a person, who may not be the business.
      const person = /[Ii]['’]m\s/.test(match[0]) || /[Ww]e are\s+\p{Lu}\p{Ll}+ and \p{Lu}\p{Ll}+$/u.test(match[0]);
      const start = match.index + match[0].indexOf(value);
      return factAt(brief, value.replace(/\s+/g, ' '), person ? 0.5 : confidence, start, start + value.length);
    }
  return null;
}

function inSmallLetters(brief: string): Fact<string> | null {
  const match = uncapitalised.exec(brief);
  const value = match?.[1];
  if (!match || !value || commonStarts.test(value)) return null;
  const start = match.index + match[0].indexOf(value);
  return factAt(brief, titleCase(value), 0.75, start, start + value.length);
}
