import { typed } from '../../lib/typed';

/** A text of more characters is not shown to be changed: a browser takes minutes to lay it out. */
export const MOST_SHOWN = 200_000;

/** What is typed to make a site; all of it outlives a reload. */
export interface EmptySite {
  key: string;
  name: string;
  timeZone: string;
  country: string;
  language: string;
}

const FILE = 'sites/file';
const NAME = 'sites/file-name';
const EMPTY = 'sites/empty';
const SAMPLE = 'sites/sample';

/** A key made of a name: "Ferry Quay" is `ferry-quay`. */
export function keyOf(name: string): string {
  return name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
}

/** How large a text is, as people say it: "912 characters", "61,738 lines, 1.3 MB". */
export function sizeOf(text: string): string {
  if (text.length < 1000) return `${text.length} characters`;
  let lines = 1;
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) lines++;
  const size =
    text.length < 1_000_000
      ? `${Math.round(text.length / 1000)} kB`
      : `${(text.length / 1_000_000).toFixed(1)} MB`;
  return lines === 1 ? size : `${lines.toLocaleString('en')} lines, ${size}`;
}

/** Codes that are of no country: of several, of none, of no place that is known. */
const NO_COUNTRY = new Set(['EU', 'EZ', 'QO', 'UN', 'XA', 'XB', 'ZZ']);

/** Countries by the name that people look for: `['NO', 'Norway']`, by their names. */
export function countries(): [code: string, name: string][] {
  const names = new Intl.DisplayNames('en', { type: 'region', fallback: 'none' });
  const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
  return letters
    .flatMap((first) => letters.map((second) => first + second))
    .flatMap((code): [string, string][] => {
      const name = NO_COUNTRY.has(code) ? undefined : names.of(code);
      // A code that was given up is written today as another.
      const current = Intl.getCanonicalLocales(`und-${code}`)[0] === `und-${code}`;
      return name && current ? [[code, name]] : [];
    })
    .sort(([, one], [, other]) => one.localeCompare(other, 'en'));
}

function emptyKept(): EmptySite {
  const kept = typed.get(EMPTY);
  return kept
    ? (JSON.parse(kept) as EmptySite)
    : {
        key: '',
        name: '',
        timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        country: '',
        language: navigator.language,
      };
}

/** What is typed or chosen on the page of sites. */
export class NewSites {
  text = $state.raw(typed.get(FILE) ?? '');
  name = $state(typed.get(NAME) ?? '');
  sample = $state(typed.get(SAMPLE) ?? '');
  empty = $state(emptyKept());
  /** Whether what was chosen is too large to outlive a reload. */
  tooLarge = $state(false);

  get shown(): boolean {
    return this.text.length <= MOST_SHOWN;
  }

  /** Keeps a text that was typed, or that of a file. */
  take(text: string, name = ''): void {
    this.text = text;
    this.name = name;
    this.tooLarge = !typed.keep(FILE, text) || !typed.keep(NAME, name);
  }

  keepSample(): void {
    typed.keep(SAMPLE, this.sample);
  }

  keepEmpty(): void {
    typed.keep(EMPTY, JSON.stringify(this.empty));
  }

  /** A site is called, and has the key that the name makes. */
  call(name: string): void {
    this.empty.name = name;
    this.empty.key = keyOf(name);
  }

  /** Nothing of it is needed any more. */
  drop(): void {
    [FILE, NAME, EMPTY, SAMPLE].forEach((one) => typed.drop(one));
    this.text = '';
    this.name = '';
    this.sample = '';
    this.empty = emptyKept();
  }
}
