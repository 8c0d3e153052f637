import type { FieldView, KindView } from '../../lib/api/types';

/** The field at a place of an object: of `/keys/3/to` that of each key. */
export function fieldAt(kind: KindView | undefined, at: string): FieldView | undefined {
  let inside = kind?.fields ?? [];
  let found: FieldView | undefined;
  for (const name of at.split('/').slice(1)) {
    found = inside.find((field) => field.name === name) ?? (found ? found.each : kind?.each);
    inside = found?.fields ?? [];
  }
  return found;
}

/** A step of a place in an object (RFC 6901). */
export function step(name: string | number): string {
  return '/' + String(name).replaceAll('~', '~0').replaceAll('/', '~1');
}

/** What is typed, as a value of the field: whole numbers where it takes them, text else. */
export function valueOf(form: FieldView, text: string): unknown {
  const plain = text.trim();
  if (form.types.includes('whole') && /^\d{1,9}$/.test(plain)) return Number(plain);
  if (form.types.includes('decimal') && /^\d{1,9}(\.\d{1,9})?$/.test(plain)) return Number(plain);
  if (form.types.includes('flag') && /^(true|false)$/.test(plain)) return plain === 'true';
  return form.types.includes('words') ? text.trimEnd() : plain;
}

const OUTSIDE = /^\+[1-9]\d{5,14}$/;

/** The outside number that a typed text stands for, where the field takes one. */
export function outsideNumber(form: FieldView, find: string): { value: string; title: string } | undefined {
  const digits = find.replace(/[\s()-]/g, '');
  return form.typed && OUTSIDE.test(digits)
    ? { value: 'outside/' + digits, title: `Outside number ${digits}` }
    : undefined;
}

/** Whether a value is one text, number or truth, and neither a list nor fields. */
export function isLeaf(value: unknown): value is string | number | boolean {
  return typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean';
}

/** Whether a field takes one text, number or truth. */
export function takesLeaf(form: FieldView): boolean {
  return form.types.some((type) => type !== 'list' && type !== 'fields');
}

/** What can be given besides, as the button says that adds it: `language, greeted as`, `more`. */
export function named(fields: FieldView[]): string {
  return fields.length > 2 ? 'more' : fields.map((field) => field.title.toLowerCase()).join(', ');
}

/** What counts where a field is not given, as people read it: `20 s`, `no`. */
export function usualOf(form: FieldView): string {
  const usual = form.usual ?? '';
  return form.value ? shownAs(form, usual) : usual;
}

/** A value of a field as people read it, as far as its form tells; a secret is not shown. */
export function shownAs(form: FieldView, text: string): string {
  if (form.secret) return 'kept, not shown';
  if (form.types.includes('flag')) return text === 'true' ? 'yes' : 'no';
  if (form.types.includes('duration')) return spaced(text);
  return form.unit && /^\d+$/.test(text) ? `${text} ${form.unit}` : text;
}

/** `2m30s` as `2 min 30 s`. */
function spaced(duration: string): string {
  return duration
    .replace(/(\d+)h/, '$1 h ')
    .replace(/(\d+)m/, '$1 min ')
    .replace(/(\d+)s/, '$1 s')
    .trim();
}
