/** The value at a JSON pointer, undefined where there is none. */
export function valueAt(document: unknown, pointer: string): unknown {
  return pointer
    .split("/")
    .slice(1)
    .reduce<unknown>((value, key) => (value as Record<string, unknown> | undefined)?.[key], document);
}

/** A copy of the document with the value at a JSON pointer replaced. */
export function withValue<T>(document: T, pointer: string, value: unknown): T {
  const copy = structuredClone(document);
  const keys = pointer.split("/").slice(1);
  const last = keys.pop()!;
  const parent = valueAt(copy, ["", ...keys].join("/")) as Record<string, unknown>;
  parent[last] = value;
  return copy;
}
