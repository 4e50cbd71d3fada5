import { type Problem } from '../about';
import { Questions, type Answers, type Ask, type Asker } from './questions';
import { type Record } from './record';

/** All that there is to say of a list: what was left out, mended, looks odd, or has to be asked. */
export class Remarks {
  readonly problems: Problem[] = [];
  readonly questions: Questions;
  leftOut = 0;

  constructor(answers: Answers) {
    this.questions = new Questions(answers);
  }

  note(row: number, column: string, kind: Problem['kind'], say: string, found = ''): void {
    this.problems.push({ row, column, kind, say, found });
  }

  /** Leaves a row out, and says why. */
  leave(row: number, column: string, say: string, found = ''): void {
    this.leftOut++;
    this.note(row, column, 'left-out', say, found);
  }

  /** Asks about a cell, and gives the answer where there is one. What waits for an answer is not sold. */
  asker(row: number, column: string, into?: Record): Asker {
    return (ask: Ask) => {
      const { answered, value } = this.questions.ask(ask, row, column);
      if (!answered) {
        this.note(row, column, 'asked', ask.say, ask.found);
        if (into && (ask.about === 'price' || ask.about === 'stock')) into.asks.add(ask.about);
      }
      return value;
    };
  }
}
