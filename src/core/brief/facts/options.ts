import { goalIds, originIds, reachIds } from '../about';
import { placesNamed } from '../../lexicon';
import { type Features } from '../../softmax';
import { type Role } from '../judge/judge';
import { lineShare, type Ground, type Line } from './about';
import { goalsIn, mostBinding } from './goals';
import { farthest, reachesIn } from './reach';
import { isWord, knownOf } from './tokens';

/** Facts that are one of a few things, said in whatever words. */
export const optionsOf = { reach: reachIds, origin: originIds, goal: goalIds } as const;
export type OptionFact = keyof typeof optionsOf;

/** What sentences do that speak for such a fact. */
const spokenOfIn: Record<OptionFact, readonly Role[]> = {
  reach: ['delivery'],
  origin: ['claim', 'process', 'story', 'person', 'promise'],
  goal: ['wish', 'instruction', 'planning', 'contact', 'ban', 'aside', 'hours'],
};

/** Below this a sentence says nothing of it. */
export const worthReading = 0.1;
/** The class of nouns of people (lexnames of WordNet). */
const person = 18;
const subject = /^(?:i|we|they|you|he|she|it|people)$/;
const negation = /^(?:no|not|never|nor|without|nothing)$|n't$/;

/** How much a line has to say of a fact. */
export const bearing = (line: Line, fact: OptionFact): number =>
  spokenOfIn[fact].reduce((sum, role) => sum + lineShare(line, role), 0);

/** What a line says of a fact: its words, who does what in it, and whether the places that it names are at home. */
export function optionFeatures(line: Line, fact: OptionFact, country: string): Features {
  const bag: Record<string, number> = {};
  const weight = bearing(line, fact);
  if (weight < worthReading) return bag;
  let [who, denied] = ['', false];
  line.tokens.forEach(({ text, low }, i) => {
    const bare = low.split("'")[0] ?? '';
    if (/^[;.:]$/.test(low)) [who, denied] = ['', false];
    if (subject.test(bare)) who = bare;
    else if (isWord(low) && knownOf(low).noun === person && /s$/.test(low)) who = 'people';
    if (negation.test(low)) denied = true;
    bag[`pair ${line.tokens[i - 1]?.low ?? '^'} ${low}`] = weight;
    if (!isWord(low)) return;
    const { stem, base, verb } = knownOf(low);
    bag[`word ${stem}`] = weight;
    if (i === 0 && base === low) bag[`do ${base}`] = weight;
    if (base !== null && line.tokens[i - 1]?.low === 'to') bag[`to ${base}`] = weight;
    if (base !== null && verb !== null && who) {
      bag[`${who} ${denied ? 'not ' : ''}${base}`] = weight;
      bag[`${/^(?:i|we)$/.test(who) ? 'we' : 'other'} ${denied ? 'not ' : ''}class ${verb}`] = weight;
    }
    if (!/^\p{Lu}/u.test(text)) return;
    const [place] = [...placesNamed(`${text} ${line.tokens[i + 1]?.text ?? ''}`), ...placesNamed(text)];
    if (place)
      bag[
        `${place.country === country ? 'own' : 'other'} ${place.size >= 8 ? 'country' : place.size >= 5 ? 'town' : 'village'}`
      ] = weight;
  });
  if (fact === 'reach') for (const reach of reachesIn(line, country)) bag[`named ${reach}`] = weight;
  if (fact === 'goal') for (const goal of goalsIn(line)) bag[`wished ${goal}`] = weight;
  if (fact === 'goal') for (const name in line.around) if (name.startsWith('over ')) bag[name] = 1;
  return bag;
}

/** What a wish says by its grammar weighs as much as so many words in it (tried on batches that were held out). */
const toldByGrammar = 3;

/** What all lines of a brief say of a fact, each thing as strongly as the line that says it most. */
export function allOptionFeatures(ground: Ground, fact: OptionFact, country: string): Features {
  const bag: Record<string, number> = { [`any ${fact}`]: 1 };
  for (const line of ground.lines) {
    const own = optionFeatures(line, fact, country);
    for (const name in own) bag[name] = Math.max(bag[name] ?? 0, own[name] ?? 0);
  }
  if (fact === 'goal') bag[`most wished ${mostBinding((goal) => (bag[`wished ${goal}`] ?? 0) > 0) ?? 'none'}`] = toldByGrammar;
  if (fact === 'reach') {
    const reach = farthest(new Set(reachIds.filter((one) => bag[`named ${one}`])));
    bag[`farthest ${reach ?? 'none'}`] = reach ? (bag[`named ${reach}`] ?? 0) : 1;
  }
  return bag;
}
