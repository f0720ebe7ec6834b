import { shallowRef } from "vue";

/** Something that was done, said where it is seen from anywhere; with a way to take it back, where there is one. */
export interface Notice {
  id: number;
  /** One of each is seen at a time. */
  of: string;
  words: string;
  act?: { words: string; run: () => void };
}

/** How many are seen at once, the oldest goes. */
const MOST = 3;
let last = 0;
export const notices = shallowRef<Notice[]>([]);

export const take = (id: number) => (notices.value = notices.value.filter((one) => one.id !== id));

export function say(words: string, act?: Notice["act"], of = words) {
  const others = notices.value.filter((one) => one.of !== of);
  notices.value = [...others, { id: ++last, of, words, act }].slice(-MOST);
}
