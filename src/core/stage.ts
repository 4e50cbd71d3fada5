import { type Decided, type Reads } from './places';

interface Remembered<In extends readonly unknown[], Out> {
  inputs: In;
  reads: Reads;
  out: Out;
}

/** So many results are remembered: the present one, and those that are being tried beside it. */
const most = 3;

/**
 * A part of making a shop that runs again only where something that it read has changed: one of its inputs, by identity, or a decision. What
 * it reads of the decisions is noted while it runs.
 */
export class Stage<In extends readonly unknown[], Out> {
  private remembered: Remembered<In, Out>[] = [];
  /** How often it ran: for tests, and for the bench. */
  runs = 0;

  constructor(private readonly run: (decided: Decided, ...inputs: In) => Out) {}

  make(decided: Decided, ...inputs: In): Out {
    const known = this.remembered.find(
      (one) => one.inputs.every((input, i) => Object.is(input, inputs[i])) && one.reads.hold(decided),
    );
    if (known) {
      // The one that was used last is forgotten last.
      this.remembered = [known, ...this.remembered.filter((one) => one !== known)];
      return known.out;
    }
    const { watched, reads } = decided.watched();
    this.runs++;
    const out = this.run(watched, ...inputs);
    this.remembered = [{ inputs, reads, out }, ...this.remembered].slice(0, most);
    return out;
  }
}
