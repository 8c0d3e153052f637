import { expect, test } from 'vitest';
import type { FieldView, KindView } from '../../lib/api/types';
import { fieldAt, isLeaf, named, step, takesLeaf, usualOf, valueOf } from './fields';

function field(name: string, types: FieldView['types'], more: Partial<FieldView> = {}): FieldView {
  return {
    name,
    title: name,
    help: '',
    types,
    allowed: '',
    chosen: false,
    strict: false,
    makes: [],
    byKey: false,
    value: false,
    needed: false,
    secret: false,
    fields: [],
    ...more,
  };
}

const MENU = {
  fields: [
    field('keys', ['fields'], { each: field('*', ['fields'], { fields: [field('to', ['text'])] }) }),
    field('prompts', ['list'], { each: field('*', ['text'], { title: 'Prompt' }) }),
  ],
} as unknown as KindView;

test('a place finds its field through maps and lists', () => {
  expect(fieldAt(MENU, '/keys/3/to')?.name).toBe('to');
  expect(fieldAt(MENU, '/prompts/0')?.title).toBe('Prompt');
  expect(fieldAt(MENU, '/colour')).toBeUndefined();
  expect(fieldAt(undefined, '/keys')).toBeUndefined();
});

test('a step of a place keeps slashes and tildes apart (RFC 6901)', () => {
  expect(step('queue/bookings')).toBe('/queue~1bookings');
  expect(step('a~b')).toBe('/a~0b');
  expect(step(3)).toBe('/3');
});

test('what is typed is a number or a truth only where the field takes one', () => {
  expect(valueOf(field('tries', ['whole']), ' 3 ')).toBe(3);
  expect(valueOf(field('tries', ['whole']), 'many')).toBe('many');
  expect(valueOf(field('number', ['text']), '2500')).toBe('2500');
  expect(valueOf(field('rate', ['decimal']), '7.5')).toBe(7.5);
  expect(valueOf(field('enabled', ['flag']), 'false')).toBe(false);
  expect(valueOf(field('ringFor', ['duration']), ' 20s ')).toBe('20s');
  expect(valueOf(field('note', ['words']), '  said so \n')).toBe('  said so');
});

test('what is usual is said as people read it', () => {
  const usual = (types: FieldView['types'], text: string, more: Partial<FieldView> = {}) =>
    usualOf(field('x', types, { usual: text, value: true, ...more }));
  expect(usual(['duration'], '2m30s')).toBe('2 min 30 s');
  expect(usual(['duration'], '1h')).toBe('1 h');
  expect(usual(['flag'], 'true')).toBe('yes');
  expect(usual(['whole'], '3', { unit: 'tries' })).toBe('3 tries');
  expect(usual(['text'], 'as busy', { value: false })).toBe('as busy');
});

test('a list or fields are no single value', () => {
  expect(isLeaf('x')).toBe(true);
  expect(isLeaf(0)).toBe(true);
  expect(isLeaf(['x'])).toBe(false);
  expect(isLeaf(undefined)).toBe(false);
  expect(takesLeaf(field('called', ['text', 'fields']))).toBe(true);
  expect(takesLeaf(field('members', ['list']))).toBe(false);
});

test('what can be added is said by name as long as it is short', () => {
  const some = ['Sets', 'Greeted as', 'Note'].map((title) => field(title, ['text'], { title }));
  expect(named(some.slice(0, 2))).toBe('sets, greeted as');
  expect(named(some.slice(0, 1))).toBe('sets');
  expect(named(some)).toBe('more');
});
