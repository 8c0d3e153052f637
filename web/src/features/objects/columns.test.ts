import { expect, test } from 'vitest';
import type { FieldView, KindView } from '../../lib/api/types';
import { columnsOf, isNumbered } from './columns';

function kind(keys: KindView['keys'], ...names: string[]): KindView {
  const fields = names.map((name) => ({ name, types: ['text'] }) as unknown as FieldView);
  return { keys, fields } as unknown as KindView;
}

test('what has a number shows it: by its key, or by a field', () => {
  expect(isNumbered(kind('digits', 'name'))).toBe(true);
  expect(isNumbered(kind('e164', 'name'))).toBe(true);
  expect(isNumbered(kind('words', 'name', 'number'))).toBe(true);
  expect(isNumbered(kind('words', 'name', 'about', 'always'))).toBe(false);
});

test('a list shows the first fields besides name, note and number', () => {
  const shown = columnsOf(kind('words', 'name', 'note', 'number', 'a', 'b', 'c', 'd', 'e'));
  expect(shown.map((field) => field.name)).toEqual(['a', 'b', 'c', 'd']);
});
