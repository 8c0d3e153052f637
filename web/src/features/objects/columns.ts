import type { FieldView, KindView } from '../../lib/api/types';

/** So many fields stand beside name and number. */
const MOST = 4;

/** What a list shows of each object: its first fields that are said in few words. */
export function columnsOf(kind: KindView): FieldView[] {
  return kind.fields
    .filter((field) => !['name', 'note', 'number'].includes(field.name))
    .filter((field) => !field.types.includes('words'))
    .slice(0, MOST);
}
