import { type Problem } from '../about';
import { Questions, type Answers, type Ask, type Asker, type Question, type Where } from './questions';
import { type Record } from './record';

/** All that there is to say of a list: what was left out, mended, looks odd, or has to be asked. */
export class Remarks {
  problems: Problem[] = [];
  readonly questions: Questions;
  leftOut = 0;

  constructor(answers: Answers) {
    this.questions = new Questions(answers);
  }

  note({ row, sheet }: Where, column: string, kind: Problem['kind'], say: string, found = ''): void {
    this.problems.push({ sheet, row, column, kind, say, found });
  }

  /** Leaves a row out, and says why. */
  leave(where: Where, column: string, say: string, found = ''): void {
    this.leftOut++;
    this.note(where, column, 'left-out', say, found);
  }

  /** Takes back questions that can't be asked before something else is known, and what was noted of their cells. */
  withdraw(about: Question['about']): void {
    const said = new Set(this.questions.withdraw(about).map(({ say }) => say));
    this.problems = this.problems.filter(({ kind, say }) => kind !== 'asked' || !said.has(say));
  }

  /** Asks about a cell, and gives the answer where there is one. What waits for an answer is not sold. */
  asker(where: Where, column: string, into?: Record): Asker {
    return (ask: Ask) => {
      const { answered, value } = this.questions.ask(ask, where, column);
      if (!answered) {
        this.note(where, column, 'asked', ask.say, ask.found);
        if (into && (ask.about === 'price' || ask.about === 'stock')) into.asks.add(ask.about);
      }
      return value;
    };
  }
}
