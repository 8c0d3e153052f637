import { site } from '../../app/site.svelte';
import type { ObjectView, Shown } from '../../lib/api/types';

/** While an object is on its way there is nothing on its sheet. */
const NOTHING: ObjectView = {
  object: '/',
  kind: '',
  key: '',
  title: '',
  version: 0,
  body: {},
  shown: [],
  slots: [],
  uses: [],
  current: true,
  findings: [],
};

/** One object opened whole: its values as people read them, and the way to change each. */
export class Sheet {
  readonly view: () => ObjectView;

  constructor(view: () => ObjectView | undefined) {
    this.view = () => view() ?? NOTHING;
  }

  shown = $derived.by(() => new Map(this.view().shown.map((one) => [one.at, one] as const)));
  missing = $derived.by(
    () =>
      new Set(
        this.view()
          .slots.filter((slot) => slot.missing)
          .map((slot) => slot.at),
      ),
  );

  get object(): string {
    return this.view().object;
  }

  get kind(): string {
    return this.object.slice(0, this.object.indexOf('/'));
  }

  at(place: string): Shown | undefined {
    return this.shown.get(place);
  }

  /** The value at a place: of the object as the plan file has it. */
  value(place: string): unknown {
    return place
      .split('/')
      .slice(1)
      .map((step) => step.replaceAll('~1', '/').replaceAll('~0', '~'))
      .reduce<unknown>(
        (inside, step) =>
          typeof inside === 'object' && inside !== null
            ? (inside as Record<string, unknown>)[step]
            : undefined,
        this.view().body,
      );
  }

  async set(place: string, value: unknown, anyway = false): Promise<void> {
    const wish = { set: { object: this.object, field: place, value: value ?? null } };
    await (anyway ? site.changeAnyway(wish) : site.change(wish));
  }

  /** Adds an entry at the end of a list, which is made where there is none. */
  async add(place: string, value: unknown): Promise<void> {
    const list = this.value(place);
    await (Array.isArray(list) ? this.set(`${place}/${list.length}`, value) : this.set(place, [value]));
  }

  /** Puts an entry of a list in another place. */
  async move(place: string, from: number, to: number): Promise<void> {
    const list = [...(this.value(place) as unknown[])];
    const [entry] = list.splice(from, 1);
    list.splice(to, 0, entry);
    await this.set(place, list);
  }

  /** Whether anything can be changed here. */
  get open(): boolean {
    return site.open;
  }
}
