/** The new object that is being made, whichever screen asked for it. */
class Creating {
  open = $state(false);
  kind = $state('');
  /** The key of an object that it is a copy of. */
  like = $state<string | undefined>();
  name = $state('');
  /** Its key, where that is known: of an inbound number the number itself. */
  key = $state('');
  /** The number that it is to have, dialled inside. */
  number = $state('');
  /** What is asked for and known already, by place: `/called`. */
  values = $state.raw<Record<string, unknown>>({});
  /** What happens when it is there: its sheet opens where nothing else is said. */
  then = $state.raw<((object: string) => void) | undefined>();

  begin(
    kind: string,
    more: {
      like?: string;
      name?: string;
      key?: string;
      number?: string;
      values?: Record<string, unknown>;
      then?: (object: string) => void;
    } = {},
  ): void {
    this.kind = kind;
    this.like = more.like;
    this.name = more.name ?? '';
    this.key = more.key ?? '';
    this.number = more.number ?? '';
    this.values = more.values ?? {};
    this.then = more.then;
    this.open = true;
  }
}

export const creating = new Creating();
