import { type Goal } from './about';
import { factAt, type Fact } from './fact';
import { type Sentence } from './sentences';

/** A page or function that a seller can ask for, named as the plan names it. To add one, write a line. */
const features: Record<string, RegExp> = {
  newsletter: /\bnewsletter|mailing list|e-?mail list\b/i,
  journal: /\b(?:journal|blog|diary|news (?:page|section))\b/i,
  reviews: /\b(?:reviews|testimonials|what customers say)\b/i,
  gallery: /\b(?:gallery|portfolio|photos of (?:past|our|my|the)|picture page)\b/i,
  map: /\b(?:a map|map (?:of|to|with)|how to find us)\b/i,
  appointments:
    /\b(?:appointments?|booking (?:calendar|page|form|system)|book (?:a (?:slot|visit|class|lesson|time|fitting)|online))\b/i,
  'gift-cards': /\b(?:gift[- ](?:cards?|vouchers?|certificates?)|vouchers?)\b/i,
  questions: /\b(?:faqs?|frequently asked|usual questions|common questions|questions and answers|q ?& ?a)\b/i,
  hours: /\b(?:opening (?:hours|times)|hours of opening|when we(?:'re| are) open)\b/i,
  video: /\b(?:videos?|film)\b/i,
  form: /\b(?:(?:contact|enquiry|inquiry|order|commission|quote|request) form|a form)\b/i,
  steps: /\b(?:steps? (?:for|of|by)|how it works|step[- ]by[- ]step)\b/i,
  people:
    /\b(?:page about the (?:two|three|four|five) of us|team page|meet the (?:team|makers?)|page about (?:the )?(?:people|team))\b/i,
  'price-table': /\b(?:price (?:table|list)|table of prices)\b/i,
  offer: /\b(?:special offers?|sale (?:banner|section)|offer of the (?:week|month))\b/i,
  story: /\b(?:about (?:page|us page)|our story (?:page|section)|page (?:about|on) (?:us|me|our story))\b/i,
  posted: /\b(?:(?:instagram|social|facebook) (?:feed|pictures|posts|wall))\b/i,
  'free-text': /\b(?:repairs? (?:page|section)|page (?:for|about|on) (?:repairs|commissions|workshops|wholesale))\b/i,
};

const asking = /\b(?:want|need|like|must|should|have|add|include|please|there (?:should|must)|can you|with an?)\b/i;
const refused = /\b(?:no|not|without|don'?t (?:want|need)|never|skip the|drop the)\b[^.;,]*$/i;

/** Pages and functions that the brief asks for. */
export function readFeatures(brief: string, sentences: readonly Sentence[], wishes: ReadonlySet<Sentence>): Fact<string>[] {
  const found: Fact<string>[] = [];
  for (const sentence of sentences) {
    // What a question asks for is asked for by its answer.
    if (sentence.asks) continue;
    const labelled = sentence.label === 'features' || sentence.label === 'goal' || sentence.label === 'look';
    const wished = labelled || wishes.has(sentence) || asking.test(sentence.text);
    if (!wished && !/\bappointment\b/i.test(sentence.text)) continue;
    for (const [id, pattern] of Object.entries(features)) {
      const match = pattern.exec(sentence.source.text);
      if (!match || refused.test(sentence.source.text.slice(0, match.index)) || found.some((f) => f.value === id)) continue;
      const start = sentence.source.start + match.index;
      found.push(factAt(brief, id, labelled || wishes.has(sentence) ? 0.9 : 0.7, start, start + match[0].length));
    }
  }
  return found;
}

const goals: [Goal, RegExp][] = [
  ['bookings', /\b(?:book(?:s|ed|ing|ings)?|appointments?|classes|reserve)\b/i],
  ['sell', /\b(?:sell|sales|buy|orders?|purchase|checkout)\b/i],
  [
    'enquiries',
    /\b(?:enquir\w+|inquir\w+|get in touch|contact|call|ring|commissions?|quotes?|send (?:me|us) theirs|write to)\b/i,
  ],
  ['visits', /\b(?:visit|come (?:to|by|in)|footfall|walk in|find (?:us|the shop))\b/i],
  ['subscribers', /\b(?:sign up|subscribe|newsletter|mailing list)\b/i],
  ['known', /\b(?:known|noticed|found|seen|trust)\b/i],
];

const states =
  /\b(?:want from the (?:web)?site|point of (?:the|this|our) (?:site|website|shop|page)|(?:goal|aim|point|purpose)(?: of (?:the|this|our) (?:site|website|shop|page))? is|(?:site|website|shop) (?:is there|must|has|needs|should) (?:to )?(?:get|bring|make|help)|(?:want|get) (?:people|visitors|customers|them|buyers) to|so that people)\b/i;

/** What the site is for. Selling is what a shop does where nothing else is said. */
export function readGoal(brief: string, sentences: readonly Sentence[]): Fact<Goal> {
  const said = [
    ...sentences.filter((s) => s.label === 'goal'),
    ...sentences.filter((s) => s.label !== 'goal' && states.test(s.text)),
  ];
  for (const sentence of said) {
    const text = sentence.source.text;
    // What people are to be brought to do says it more plainly than what stands around it.
    const aim =
      /\b(?:get(?:ting)?|bring(?:ing)?|want|wants|help(?:s|ing)?) (?:people|visitors|customers|them|buyers|more people) (?:to|in)\b.*|\bis that people\b.*/i.exec(
        text,
      )?.[0] ?? text;
    const opens = goals.find(([, pattern]) => (pattern.exec(text)?.index ?? 9) < 3);
    const first = goals
      .map(([value, pattern]) => ({ value, match: pattern.exec(opens ? text : aim) }))
      .filter(({ match }) => match !== null)
      .sort((a, b) => (a.match?.index ?? 0) - (b.match?.index ?? 0))[0];
    if (first)
      return factAt(brief, first.value, sentence.label === 'goal' ? 0.9 : 0.7, sentence.source.start, sentence.source.end);
  }
  return { value: 'sell', confidence: 0.3, source: null };
}
