import { featuresOf, saidPlainly, unlikeMostly, unlikeOnce, type Features, type Seen } from './features';
import { saysManner } from '../cells/manners';
import { type Profile } from './contents';
import { unitOf, type Evidence, type HeadingTopic } from './heading';
import { judge } from './judge';
import { type Meaning } from './meaning';
import { plainly } from './profile';
import { namesAmong } from './seen';

/** How likely a column is each meaning; the shares of those that it may have add up to 1. */
export type Shares = ReadonlyMap<Meaning, number>;

/** How likely each column is each meaning that its contents allow. */
export function judgedShares(columns: readonly Seen[], told: readonly string[]): Map<number, Shares> {
  const names = namesAmong(columns);
  const features = featuresOf(columns, names, told);
  const isBare = columns.every(({ heading }) => !heading);
  return new Map(
    columns.map(({ index, heading, candidates, evidence, profile, values }, i) => {
      const said = saidPlainly(evidence);
      const allowed = filed(judge(features[i] ?? {}), features[i] ?? {}).filter(
        ([as]) =>
          (!needsContents.has(as) || candidates.some((candidate) => candidate.as === as)) &&
          !lacksWords(as, evidence) &&
          !(as === 'group' && !couldGroup(features[i] ?? {}, evidence)) &&
          !(as === 'title' && (isOfCodes(profile) || namesNothing(said)) && columns.some(couldName)) &&
          !(as === 'stock' && (profile.lists > 0.5 || isMeasured(heading))) &&
          !(as === 'stock' && !couldCount(profile, evidence)) &&
          !(as === 'taxClass' && profile.largest > highestRate) &&
          // One word for all that have one parts nothing.
          !(as === 'category' && profile.values === 1 && profile.filled > 1 && !evidence.category && !hasPaths(profile)) &&
          !(as === 'description' && profile.length < shortestText && (evidence.description ?? 0) < theWordItself) &&
          // Nobody chooses by sentences.
          !(as === 'option' && profile.sentences > plainly && !profile.listed) &&
          !(as === 'weight' && !isMass(unitOf(heading))) &&
          !(as === 'sku' && profile.rising && /^1$/.test(values[0] ?? '')) &&
          !(as === 'optionName' && (profile.united > plainly || !couldNameOption(features[i] ?? {}, evidence))),
      );
      // What a heading says plainly, and its cells allow, is believed before anything that is learned; then what its cells alone say plainly.
      const believed = namesOptions(said, profile)
        ? 'optionName'
        : groupsNames(profile, features[i] ?? {})
          ? 'group'
          : weighs(profile, evidence)
            ? 'weight'
            : said === 'group' && filesThings(features[i] ?? {})
              ? 'category'
              : candidates.some(({ as }) => as === said)
                ? said
                : (formOf(profile) ?? (isBare && index === names ? 'title' : null));
      const weighed = allowed.map(([as, share]): [Meaning, number] => [
        as,
        as === believed ? share * (as === 'category' && hasPaths(profile) ? pathSigns : plainWord) : share,
      ]);
      const sum = weighed.reduce((total, [, share]) => total + share, 0);
      return [index, new Map(weighed.map(([as, share]) => [as, share / sum]))];
    }),
  );
}

/** What would bring together what is not called alike is where things are filed: “Gruppe” over “Hölzer” and “Steine”. */
function filed(shares: ReadonlyMap<Meaning, number>, features: Features): [Meaning, number][] {
  const group = filesThings(features) ? (shares.get('group') ?? 0) : 0;
  return [...shares].map(([as, share]) => [as, as === 'group' ? share - group : as === 'category' ? share + group : share]);
}

const filesThings = (features: Features): boolean => Boolean(features[unlikeMostly]) && !features.lasting;

const fewRowsEach = 0.25;
const isOfCodes = ({ code }: Profile): boolean => code > plainly;

/** Words of which each stands in few rows: where there are such, no code is what a thing is called. */
const couldName = ({ profile, evidence }: Seen): boolean =>
  profile.text > plainly && profile.distinct > fewRowsEach && !isOfCodes(profile) && !namesNothing(saidPlainly(evidence));

/** What things are chosen by and where they are filed is not what they are called. */
const namesNothing = (said: HeadingTopic | null): boolean => said === 'option' || said === 'category';

/** A code that is the same in all rows of a thing, and another for each thing, is what brings them together. */
const groupsNames = (profile: Profile, features: Features): boolean =>
  isOfCodes(profile) && features['same for a name'] === 1 && features['one for each name'] === 1;

/** What is said of a weight in anybody's words, over weights with their units, is that: "On the scales". */
const weighs = ({ mass }: Profile, { weight }: Evidence): boolean => mass > plainly && (weight ?? 0) >= saidOtherwise;
const saidOtherwise = 1.2;

/** "Grams (g/m²)" are no grams. */
const isMass = (unit: string): boolean => !/[/²³%]/.test(unit);

/** "Dries in (h)": what has a unit is no number of pieces. */
function isMeasured(heading: string): boolean {
  const unit = unitOf(heading);
  return unit !== '' && !saysManner('pieces', unit);
}

/** Under "Option", what names things to choose by — "Size", "Colour" — is no choice itself. */
const namesOptions = (said: HeadingTopic | null, { optionNames }: Profile): boolean =>
  optionNames > plainly && (said === 'option' || said === 'optionName');

/** Words that hardly ever say how many there are say so only under a whole word for it; what has a unit, or cents, counts nothing. */
const couldCount = ({ whole, stockWords, decimals, united, filled }: Profile, { stock }: Evidence): boolean =>
  !filled || (united < plainly && ((whole + stockWords > someCells && decimals < someCents) || (stock ?? 0) >= theWordItself));
const someCents = 0.5;
const someCells = 0.2;
/** Words that only begin like one weigh less than it: "canto" is no "cantidad". */
const theWordItself = 2.36;

/** Per cent: no tax on sales is higher (27 in Hungary, OECD Consumption Tax Trends). A number above it is no rate. */
const highestRate = 40;

/** Letters of what tells anything. */
const shortestText = 8;

/** How many times likelier a meaning is that the heading or the cells say plainly. */
const plainWord = 12;

/** Beside paths that come again stand shelves that have no others in them. */
const hasPaths = ({ path, distinct }: Pick<Profile, 'path' | 'distinct'>): boolean =>
  path > plainly || (path > somePaths && distinct < comesAgain);
const somePaths = 0.25;
const comesAgain = 0.6;

/** The same for signs that nothing but a path has. */
const pathSigns = 60;

/** Nobody marks up what is no text. */
const someMarkup = 0.25;

/** What cells are by their form alone: paths are where things are filed, sentences tell of them, lists of sizes are there to choose from. */
const formOf = ({ path, distinct, html, sentences, listed, words }: Profile): Meaning | null => {
  if (hasPaths({ path, distinct })) return 'category';
  if (sentences > plainly || (html > someMarkup && words > 2)) return 'description';
  return listed > plainly ? 'option' : null;
};

/** What is read out of cells that have to be of its kind: no weights and no words of a heading make money of colours. */
const needsContents: ReadonlySet<Meaning> = new Set([
  'title',
  'description',
  'category',
  'group',
  'ignored',
  'price',
  'earlierPrice',
  'cost',
  'currency',
  'sku',
  'gtin',
  'stock',
  'weight',
  'picture',
  'kind',
  'taxClass',
  // Where no word and no cell speaks of a choice, the rows decide: by what they can't be told apart without.
  'option',
]);

/**
 * What brings rows together says so, or there is one of it for each name, and never one for two of unlike names; what differs from row to row of one thing does not. A column of
 * anything else would make one thing of several.
 */
const couldGroup = (features: Features, { group }: Evidence): boolean =>
  (!features[unlikeOnce] || Boolean(group) || Boolean(features.lasting)) &&
  (Boolean(features['names stand once']) ||
    (features['same for a name'] ?? 0) > 0.9 ||
    Boolean(group) ||
    Boolean(features.lasting)) &&
  (features['differs within a name'] ?? 0) <= 0.5 &&
  ((Boolean(group) && (features['one for each name'] ?? 1) > 0.25) ||
    Boolean(features.lasting) ||
    (features['one for each name'] ?? 0) > 0.7);

/**
 * What things are chosen by is the same for all rows of one thing, or its heading speaks of choices, and is no measure. What is headed as a
 * code or a group and is another for each thing is that.
 */
const couldNameOption = (features: Features, { option, optionName, group, sku }: Evidence): boolean =>
  Boolean(option) ||
  Boolean(optionName) ||
  Boolean(features['names stand once']) ||
  (features['same for a name'] === 1 && !((group || sku) && (features['one for each name'] ?? 0) > 0.7));

/** Of amounts without a word for it nobody can say that they are not what is charged: that is asked. */
const lacksWords = (as: Meaning, { old, now, price, cost }: Evidence): boolean =>
  (as === 'earlierPrice' && !old && (Boolean(now) || !price)) || (as === 'cost' && !cost);
