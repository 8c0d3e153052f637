/** Kind and key of a reference: `queue/bookings`. */
export function splitRef(object: string): [kind: string, key: string] {
  const slash = object.indexOf('/');
  return [object.slice(0, slash), object.slice(slash + 1)];
}
