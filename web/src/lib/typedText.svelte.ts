import { typed } from './typed';

/** A text of several lines while it is being typed: it is kept under a name until it is used, and begins where it was. */
export class TypedText {
  readonly #name: () => string;
  #text = $state('');

  /** @param name what it is for, such as `numbers/saltreach` */
  constructor(name: () => string) {
    this.#name = name;
    this.#text = typed.get(name()) ?? '';
  }

  get text(): string {
    return this.#text;
  }

  set text(to: string) {
    this.#text = to;
    if (to.trim()) typed.keep(this.#name(), to);
    else typed.drop(this.#name());
  }
}
