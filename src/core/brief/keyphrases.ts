/** Words that part phrases: they carry grammar, not subject. */
const stopWords = new Set(
  'a about above after again all also am an and any are as at be because been before being below between both but by can could did do does doing down during each every few for from further given had has have having he her here hers him his how i if in into is it its itself just me more most my no nor not now of off on once only or other our out over own same she should so some such than that the their them then there these they this those through to too under until up upon used very was we were what when where which while who whom why will with would you your'.split(
    ' ',
  ),
);

/** A phrase of several words with its score. */
export interface Keyphrase {
  phrase: string;
  score: number;
}

/**
 * The phrases that a text is about, the most telling first: runs of words between stop words and marks, each scored by the sum of
 * degree/frequency of its words. S. Rose, D. Engel, N. Cramer, W. Cowley, "Automatic keyword extraction from individual documents",
 * in Text Mining: Applications and Theory (2010), section 1.2.
 */
export function keyphrases(text: string): Keyphrase[] {
  const runs = text
    .toLowerCase()
    .split(/[^\p{L}\p{N}\s'’-]+/u)
    .flatMap((stretch) => {
      const found: string[][] = [[]];
      for (const word of stretch.match(/[\p{L}\p{N}][\p{L}\p{N}'’-]*/gu) ?? []) {
        if (stopWords.has(word)) found.push([]);
        else found.at(-1)?.push(word);
      }
      return found.filter((run) => run.length > 0);
    });
  const frequency = new Map<string, number>();
  const degree = new Map<string, number>();
  for (const run of runs)
    for (const word of run) {
      frequency.set(word, (frequency.get(word) ?? 0) + 1);
      degree.set(word, (degree.get(word) ?? 0) + run.length);
    }
  const scored = new Map(
    runs.map((run) => [run.join(' '), run.reduce((sum, word) => sum + (degree.get(word) ?? 0) / (frequency.get(word) ?? 1), 0)]),
  );
  return [...scored]
    .map(([phrase, score]) => ({ phrase, score }))
    .sort((a, b) => b.score - a.score || a.phrase.localeCompare(b.phrase));
}
