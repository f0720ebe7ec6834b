/** The value at a JSON pointer, undefined where there is none. */
export function valueAt(document: unknown, pointer: string): unknown {
  return pointer
    .split("/")
    .slice(1)
    .reduce<unknown>((value, key) => (value as Record<string, unknown> | undefined)?.[key], document);
}

/**
 * A document with the value at a JSON pointer replaced; all else stays what it was. Only what the pointer leads through is
 * copied: parts that two places share, as a section and its mirror image, stay apart.
 */
export function withValue<T>(document: T, pointer: string, value: unknown): T {
  const put = (now: unknown, [key, ...others]: string[]): unknown => {
    if (key === undefined) return value;
    const copy = (Array.isArray(now) ? [...now] : { ...(now as object) }) as Record<string, unknown>;
    copy[key] = put(copy[key], others);
    return copy;
  };
  return put(document, pointer.split("/").slice(1)) as T;
}
