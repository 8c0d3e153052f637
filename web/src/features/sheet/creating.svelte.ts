/** The new object that is being made, whichever screen asked for it. */
class Creating {
  open = $state(false);
  kind = $state('');
  /** The key of an object that it is a copy of. */
  like = $state<string | undefined>();
  name = $state('');
  /** What happens when it is there: its sheet opens where nothing else is said. */
  then = $state.raw<((object: string) => void) | undefined>();

  begin(kind: string, more: { like?: string; name?: string; then?: (object: string) => void } = {}): void {
    this.kind = kind;
    this.like = more.like;
    this.name = more.name ?? '';
    this.then = more.then;
    this.open = true;
  }
}

export const creating = new Creating();
