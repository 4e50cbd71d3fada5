/** A row of a sheet, as its file counts it. */
export interface Where {
  row: number;
  sheet: string;
}

/** Something about a list that only the seller knows. Cells that raise the same one are answered together. */
export interface Question {
  id: string;
  about: 'currency' | 'price' | 'stock' | 'barcode' | 'double' | 'columns' | 'placeholder';
  say: string;
  choices: { value: string; say: string }[];
  /** The value of the choice that is likeliest. */
  likeliest: string;
  cells: { sheet: string; row: number; column: string; found: string }[];
}

/** A price or a number of pieces that was asked for: what the seller has answered, or null until then. */
export interface Ask {
  about: Question['about'];
  /** What is the same of all cells that are answered together. */
  alike: string;
  found: string;
  say: string;
  choices: { value: string; say: string; minor?: number | null }[];
  likeliest?: string;
}
export type Asker = (ask: Ask) => number | null;

export type Answers = Readonly<Record<string, string>>;

const weight: readonly Question['about'][] = ['columns', 'currency', 'price', 'double', 'stock', 'barcode', 'placeholder'];

/** Gathers questions, and gives what was answered already. */
export class Questions {
  private readonly byId = new Map<string, Question>();

  constructor(private readonly answers: Answers) {}

  /** The answer, where there is one; else the question is put. */
  ask(ask: Ask, { row, sheet }: Where, column: string): { answered: boolean; value: number | null } {
    const id = `${ask.about} ${ask.alike}`;
    const answer = Object.hasOwn(this.answers, id) ? this.answers[id] : undefined;
    const chosen = ask.choices.find(({ value }) => value === answer);
    if (chosen) return { answered: true, value: chosen.minor ?? null };
    const cell = { sheet, row, column, found: ask.found };
    const known = this.byId.get(id);
    if (known) known.cells.push(cell);
    else
      this.byId.set(id, {
        id,
        about: ask.about,
        say: ask.say,
        choices: ask.choices.map(({ value, say }) => ({ value, say })),
        likeliest: ask.likeliest ?? ask.choices.find(({ value }) => value !== 'unsold')?.value ?? ask.choices[0]?.value ?? '',
        cells: [cell],
      });
    return { answered: false, value: null };
  }

  /** Takes back what can't be asked before something else is known, and gives it. */
  withdraw(about: Question['about']): Question[] {
    const withdrawn = [...this.byId.values()].filter((question) => question.about === about);
    for (const { id } of withdrawn) this.byId.delete(id);
    return withdrawn;
  }

  /** The answer to a question by its id, where there is one. */
  answerTo(id: string): string | null {
    return Object.hasOwn(this.answers, id) ? (this.answers[id] ?? null) : null;
  }

  /** Those first that keep most from being sold. */
  all(): Question[] {
    return [...this.byId.values()].sort((a, b) => weight.indexOf(a.about) - weight.indexOf(b.about));
  }
}
