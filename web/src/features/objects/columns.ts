import type { FieldView, KindView } from '../../lib/api/types';

/** So many fields stand beside name and number. */
const MOST = 4;

/** Whether objects of a kind have a number by which they are called or dialled. */
export function isNumbered(kind: KindView): boolean {
  return kind.keys !== 'words' || kind.fields.some((field) => field.name === 'number');
}

/** What a list shows of each object: its first fields that are said in few words. */
export function columnsOf(kind: KindView): FieldView[] {
  return kind.fields
    .filter((field) => !['name', 'note', 'number'].includes(field.name))
    .filter((field) => !field.types.includes('words'))
    .slice(0, MOST);
}
