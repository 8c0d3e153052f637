/** So long at most what stands beside waits for what is looked at. */
const LONGEST = 600;

/** Questions in two turns: the server answers what is looked at before what stands beside it. */
export class Turns {
  #open = 0;
  #waiting: (() => void)[] = [];

  /** Asks at once. */
  async first<T>(ask: () => Promise<T>): Promise<T> {
    this.#open++;
    try {
      return await ask();
    } finally {
      if (--this.#open === 0) this.#waiting.splice(0).forEach((go) => go());
    }
  }

  /** Asks once everything is answered that is asked at once by now, or it takes too long. */
  async second<T>(ask: () => Promise<T>): Promise<T> {
    await Promise.race([this.settled(), new Promise((then) => setTimeout(then, LONGEST))]);
    return ask();
  }

  /** Until everything is answered that is asked at once by now. */
  async settled(): Promise<void> {
    // What is looked at may be asked for after this, in the same breath.
    await new Promise((then) => setTimeout(then));
    if (this.#open) await new Promise<void>((then) => this.#waiting.push(then));
  }
}

export const turns = new Turns();
