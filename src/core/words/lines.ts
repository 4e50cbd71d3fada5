import { type Source, type Statement } from '../brief';
import { capitalised } from './grammar';
import { fromBrief, type Text } from './text';

export interface TitledText {
  title: Text | null;
  text: Text;
}

/** Verbs after which what is made stands for itself. */
const makes =
  /^(?:is|are|was|(?:make|sell|draw|print|bake|grow|knit|weave|brew|roast|build|offer|import|publish|design|dye|carve|sew|pour|forge|blend|bind|distil|blow|tan)(?:e?s))\s+/;

/** "Night Garden is a nursery in Malmö" → "A nursery in Malmö": the name stands above the headline already. */
export function withoutName(text: string, name: string | undefined): string {
  if (!name || !text.toLowerCase().startsWith(`${name.toLowerCase()} `)) return text;
  const told = text.slice(name.length + 1);
  const rest = told.replace(makes, '');
  return rest !== told && rest.split(' ').length >= 3 && !/^(?:by|for|in|on|at|from|with|to|not|no)\b/.test(rest)
    ? capitalised(rest)
    : text;
}

/** The part of a long sentence that says what is done: "We are X, the two of us, and we dye yarn" → "We dye yarn". */
export function liftClause(text: string): string {
  if (text.split(' ').length <= 22) return text;
  const match = /,?\s+(?:and|so|but)\s+((?:we|I)\s+(?!are\b|am\b).+)$/.exec(text);
  const clause = match?.[1];
  return clause && clause.split(' ').length >= 7 ? capitalised(clause) : text;
}

const joint = /^(.+?)(?:;\s+|:\s+|,\s+(?:so|and|because)\s+|\s+–\s+)(.+)$/;

/** "…, so that the roots hold": what begins with a word that joins or asks is no sentence by itself. */
const hangs = (tail: string): boolean => /^(?:that|which|who|whose|where|when|while|if|as|to|not)\b/i.test(tail);

/** Parts a sentence into a short claim and what follows from it, where it has such a joint. */
export function titled(statement: Statement): TitledText {
  const match = joint.exec(statement.text);
  const [, head = '', tail = ''] = match ?? [];
  const count = head.split(' ').length;
  if (count >= 3 && count <= 9 && tail.split(' ').length >= 4 && !hangs(tail) && !/^(?:If|When|Because|As|While)\b/.test(head)) {
    const source: Source = statement.source;
    return { title: fromBrief(`${head}.`, source), text: fromBrief(capitalised(tail), source) };
  }
  return { title: null, text: fromBrief(statement.text, statement.source) };
}
