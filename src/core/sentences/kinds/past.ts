import { countNamed, dateNamed, defineSentence, firmNo, hears, no, otherNo, textNamed, type Said } from '../said';

/** So many steps can be taken back with one sentence. */
const most = 50;

const undoes = (said: Said, steps: number) => {
  const { done } = said.past;
  if (!done.length) return firmNo('There is nothing to take back.');
  if (steps > done.length) return firmNo(`Only ${done.length} ${done.length === 1 ? 'step' : 'steps'} can be taken back.`);
  return {
    act: { do: 'undo' as const, steps },
    says: `Takes back: ${done
      .slice(0, Math.min(steps, 4))
      .map(({ says }) => says)
      .join('; ')}${steps > 4 ? `; and ${steps - 4} more` : ''}.`,
    of: { n: String(steps) },
  };
};

/** "The last but one", "the second last", "the one before the last": a step with others after it, which stay. */
const isInTheMiddle = ({ sentence: { text } }: Said): boolean =>
  /\bbut (?:one|two)\b|\b(?:second|third|next)[ -](?:to[ -])?last\b|\bbefore (?:the )?last\b|\bone before\b/i.test(text);

export const undo = defineSentence({
  kind: 'undo',
  offers: 'Take steps back: “undo the last two”',
  at: ['page'],
  words: [
    'undo',
    'undo that',
    'go back one step',
    'undo the last {number}',
    'take back my last {number} changes',
    'back',
    'revert',
    'that was wrong',
    'cancel the last step',
    'step back',
    '{number} steps back',
    'take it back',
    'undo {number}',
  ],
  reads: (said) => {
    if (isInTheMiddle(said)) return otherNo('Only that one, or all since?');
    const steps = countNamed(said, 'plain', 'pieces')?.value ?? 1;
    if (!Number.isInteger(steps) || steps < 1 || steps > most) return no(`How many steps? One to ${most}.`);
    return undoes(said, steps);
  },
});

export const redo = defineSentence({
  kind: 'redo',
  offers: 'Do again what was taken back: “redo”',
  at: ['page'],
  words: ['redo', 'do it again', 'bring back what I undid', 'do again what was undone', 'redo the last step'],
  reads: ({ past }) =>
    past.undone === null
      ? firmNo('Nothing was taken back last, so there is nothing to do again.')
      : { act: { do: 'redo' }, says: `Does again: ${past.undone}.` },
});

export const undoOne = defineSentence({
  kind: 'undo-one',
  offers: 'Take one step out of the middle: “the last change but one”',
  at: ['page'],
  words: [
    'take back the last change but one',
    'undo the change before the last',
    'take out the second last step, keep the last',
    'undo only the one before',
    'not the last step, the one before it',
  ],
  reads: (said) => {
    const { done } = said.past;
    const n = 2 + (hears(said, 'two', 'third') ? 1 : 0);
    const one = done[n - 1];
    if (!one) return firmNo('There are not so many steps.');
    return {
      act: { do: 'take-out', change: one.id },
      says: `Takes back: ${one.says}. What came after it stays.`,
      of: { n: String(n) },
    };
  },
});

export const version = defineSentence({
  kind: 'version',
  offers: 'Keep this state under a name: “save this as ‘before Christmas’”',
  at: ['page'],
  words: [
    'save this as {quote}',
    'keep this as {quote}',
    'name this state {quote}',
    'remember this version as {quote}',
    'call this version {quote}',
    'a version named {quote}',
  ],
  reads: (said) => {
    const { sentence } = said;
    const as = sentence.tokens.findIndex(({ word }) => word === 'as' || word === 'called' || word === 'named');
    // "As the version carnival": what it is called follows what it is.
    const next = as < 0 ? [] : sentence.tokens.slice(as + 1);
    const rest = next.find(({ word }, i) => !(i < 2 && /^(?:the|a|version|state)$/.test(word) && next.length > i + 1));
    const name =
      sentence.slots.find(({ quote }) => quote !== undefined)?.quote ??
      // "Save it as it is and call it first draft": what it is to be called is told.
      (as >= 0 && rest && !hears(said, 'call', 'under') ? sentence.text.slice(rest.start).trim() : textNamed(said));
    if (!name) return no('Under which name?');
    if (name.length > 80) return no('A name has at most 80 characters.');
    return { act: { do: 'name', version: name }, says: `This state is kept as “${name}”.`, of: { text: name } };
  },
});

export const versionBack = defineSentence({
  kind: 'version-back',
  offers: 'Go back to a state that has a name: “back to ‘before Christmas’”',
  at: ['page'],
  words: [
    'go back to the version {quote}',
    'back to the version {quote}',
    'bring the state {quote} back',
    'restore the version {quote}',
    'return to version {quote}',
  ],
  reads: (said) => {
    const heard = said.sentence.text.toLowerCase();
    const found = said.past.versions.find(({ name }) => heard.includes(name.toLowerCase()));
    if (!found)
      return firmNo(
        said.past.versions.length
          ? `There is no version of this name. There are ${said.past.versions
              .slice(0, 5)
              .map(({ name }) => `“${name}”`)
              .join(', ')}.`
          : 'No state has a name yet. “Save this as …” gives it one.',
      );
    return {
      act: { do: 'back-to', change: found.id },
      says: `All goes back to “${found.name}”. It can be taken back.`,
      of: { text: found.name },
    };
  },
});

export const compare = defineSentence({
  kind: 'compare',
  offers: 'See what is different from before: “what differs from last week?”',
  at: ['page'],
  words: [
    'what is different from {date}',
    'what changed since {date}',
    'compare with the version {quote}',
    'what did I change',
    'show me what differs from last week',
    'compare with the first version',
    'the differences to {date}',
  ],
  reads: (said) => {
    const heard = said.sentence.text.toLowerCase();
    const named = said.past.versions.find(({ name }) => heard.includes(name.toLowerCase()));
    const day = dateNamed(said);
    const { moments } = said.past;
    // Of a day, the state in which it began; without one, the beginning.
    const before = day === null ? [] : moments.filter(({ at }) => at.slice(0, 10) < day);
    const at = named?.id ?? before.at(-1)?.id ?? '';
    return {
      act: { do: 'compare', change: at },
      says: `Shows what is different from ${named ? `“${named.name}”` : before.length ? (day ?? '') : 'the beginning'}.`,
    };
  },
});
