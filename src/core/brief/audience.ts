import { factAt, type Fact } from './fact';
import { type Sentence } from './sentences';

/** How a brief speaks of its buyers, and how surely. What they are is the first group. */
const patterns: [RegExp, number][] = [
  [
    /\b(?:people (?:who|that) (?:buy|shop|come)(?: (?:from|here|to|with))?(?: (?:us|me|here))?|(?:our|my) (?:\w+ )?(?:customers|buyers|regulars|clients|readers|guests)|(?:most |most of (?:our|my) )?(?:customers|clients)|buyers|shoppers|the people who buy|(?:most|half) of them)\s+(?:are|tend to be|is)[,\s]+(?:mostly |mainly |often |usually )?([^.;\n]{4,160})/i,
    0.9,
  ],
  [
    /^(?:mostly |mainly |it['’]s mostly )?((?:\p{L}+ ){1,6}?)(?:who )?(?:buy|order|come) (?:it |them |things )?(?:from|to) (?:us|me)\b/iu,
    0.75,
  ],
  [
    /^for (?!(?:example|instance|us|me|the (?:site|website|look)|\d|now|sale|years?|that|this|more)\b)((?:\p{L}+ ){0,5}\p{L}+s)\.?$/iu,
    0.7,
  ],
  [
    /\b(?:our|my) (?:customers|buyers|clients|regulars)\s+((?:have|want|like|come|read|know|live|love|need|care)\b[^.;\n]{4,140})/i,
    0.8,
  ],
  [
    /\b(?:aimed at|meant for|intended for|target(?:ed)?(?: audience)?:?|who buys:?|bought by (?!my|our|his|her|the)|popular with)\s+([^.;\n]{4,140})/i,
    0.85,
  ],
  [
    /(?<!\b(?:from|sell|make|look|looks|good|waiting|ask|asked|asks|known|used|years|months|weeks|days|famous|responsible|ready) )\bfor ((?:people|anyone|those|beginners|families|parents|children|knitters|gardeners|cooks|bakers|cyclists|readers|collectors|makers|walkers|homes|schools|restaurants|small|new|busy|young|older)\b[^.;\n]{0,80})/i,
    0.65,
  ],
];

/** Who buys. */
export function readAudience(brief: string, sentences: readonly Sentence[], wishes: ReadonlySet<Sentence>): Fact<string>[] {
  const found: Fact<string>[] = [];
  const add = (value: string, confidence: number, start: number) => {
    if (value.split(' ').length > 30 || found.some((known) => known.value === value)) return;
    found.push(factAt(brief, value.replace(/\s+/g, ' '), confidence, start, start + value.length));
  };
  sentences.forEach((sentence, i) => {
    const raw = sentence.source.text;
    if (sentence.asks) return;
    if (sentence.label === 'audience') {
      for (const { text, at } of parts(raw)) add(text, 0.95, sentence.source.start + at);
      return;
    }
    if (wishes.has(sentence) && !/\b(?:aimed at|meant for|intended for|audience)\b/i.test(raw)) return;
    for (const [pattern, confidence] of patterns) {
      const match = pattern.exec(raw);
      const said = match?.[1];
      if (!match || !said) continue;
      const at = sentence.source.start + match.index + match[0].lastIndexOf(said);
      if (/\bnot (?:people|those|the)\b/i.test(said)) {
        // What they are not is followed by what they are.
        const next = sentences[i + 1];
        const then = next && /^They(?:'re|’re| are)\s+(.+?)\.?$/.exec(next.source.text);
        if (next && then?.[1]) add(then[1], 0.85, next.source.start + next.source.text.indexOf(then[1]));
        break;
      }
      const value = said.replace(/[,\s]+(?:and|but|so)\s+(?:we|i|they)\b.*$/i, '').replace(/[\s,!]+$/, '');
      add(value, confidence, at);
      break;
    }
  });
  return found.slice(0, 4);
}

/** "Collectors, and people who were given one" are two kinds of buyer. */
function parts(text: string): { text: string; at: number }[] {
  const bare = text.replace(/[.!]+$/, '');
  const cut = /,\s+and\s+(?=(?:people|those|anyone)\b)/i.exec(bare);
  if (!cut) return [{ text: bare, at: 0 }];
  const second = cut.index + cut[0].length;
  return [
    { text: bare.slice(0, cut.index), at: 0 },
    { text: bare.slice(second), at: second },
  ];
}
