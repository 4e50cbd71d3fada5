import { type Goods, type KeptList } from './about';

/** As many notes, questions and cells of one question are shown of a list at once. */
const most = { notes: 200, questions: 40, cells: 4 };

/** What is known of a list where it is not at hand itself. */
export function keptListOf({ file, currency, digits, products, problems, former, report }: Goods, keptAs: string): KeptList {
  const questions = report?.questions ?? [];
  return {
    keptAs,
    file,
    currency,
    digits,
    counts: {
      products: products.length,
      variants: products.reduce((n, { variants }) => n + variants.length, 0),
      former: former.length,
      notes: problems.length,
      leftOut: problems.filter(({ kind }) => kind === 'left-out').length,
      questions: questions.length,
    },
    notes: problems.slice(0, most.notes),
    report: report && {
      ...report,
      questions: questions
        .slice(0, most.questions)
        .map((question) => ({ ...question, cells: question.cells.slice(0, most.cells), alike: question.cells.length })),
    },
  };
}
