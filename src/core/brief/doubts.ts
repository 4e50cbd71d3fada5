import { type NamedColour } from './colours';
import { type Fact, type Source } from './fact';
import { moodOf } from './tone';

/** Two things in a brief that can't both be. It is asked, not decided. */
export interface Doubt {
  id: string;
  /** The fact that the seller's answer sets. */
  about: 'coloursWanted' | 'tone' | 'currency' | 'place';
  say: string;
  options: { label: string; set: Partial<Record<'coloursWanted' | 'coloursAvoided' | 'tone', string[]>> }[];
  sources: Source[];
}

interface Told {
  coloursWanted: Fact<NamedColour>[];
  coloursAvoided: Fact<NamedColour>[];
  tone: Fact<string>[];
}

const sourcesOf = (...facts: (Fact<unknown> | undefined)[]): Source[] =>
  facts.flatMap((fact) => (fact?.source ? [fact.source] : []));

const names = (facts: readonly Fact<NamedColour>[]): string[] => facts.map((fact) => fact.value.name);

/** What the brief says against itself. */
export function doubtsOf({ coloursWanted, coloursAvoided, tone }: Told): Doubt[] {
  const doubts: Doubt[] = [];
  for (const wanted of coloursWanted) {
    const refused = coloursAvoided.find((avoided) => avoided.value.name === wanted.value.name);
    if (!refused) continue;
    const colour = wanted.value.name;
    const others = (facts: readonly Fact<NamedColour>[]) => names(facts).filter((name) => name !== colour);
    doubts.push({
      id: `colour-${colour.replace(/\W+/g, '-')}`,
      about: 'coloursWanted',
      say: `Your brief asks for ${colour} and refuses it. Which holds?`,
      options: [
        {
          label: `Use ${colour}`,
          set: { coloursWanted: [colour, ...others(coloursWanted)], coloursAvoided: others(coloursAvoided) },
        },
        {
          label: `No ${colour}`,
          set: { coloursWanted: others(coloursWanted), coloursAvoided: [colour, ...others(coloursAvoided)] },
        },
      ],
      sources: sourcesOf(wanted, refused),
    });
  }
  const opposed = oppositeTones(tone);
  if (opposed) {
    const { quiet, loud } = opposed;
    const rest = tone.filter((fact) => !quiet.includes(fact) && !loud.includes(fact)).map((fact) => fact.value);
    const say = (facts: Fact<string>[]) => facts.map((fact) => fact.value).join(' and ');
    doubts.push({
      id: 'tone-loudness',
      about: 'tone',
      say: `Your brief wants the shop ${say(quiet)}, and also ${say(loud)}. Which is nearer?`,
      options: [
        { label: `Rather ${say(quiet)}`, set: { tone: [...quiet.map((fact) => fact.value), ...rest] } },
        { label: `Rather ${say(loud)}`, set: { tone: [...loud.map((fact) => fact.value), ...rest] } },
      ],
      sources: sourcesOf(...quiet, ...loud),
    });
  }
  return doubts;
}

/** Words at the two ends of loudness. */
function oppositeTones(tone: readonly Fact<string>[]): { quiet: Fact<string>[]; loud: Fact<string>[] } | null {
  const quiet = tone.filter((fact) => moodOf([fact.value]).loud <= -0.6);
  const loud = tone.filter((fact) => moodOf([fact.value]).loud >= 0.8);
  return quiet.length && loud.length ? { quiet, loud } : null;
}
