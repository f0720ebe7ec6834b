import { computed, ref, shallowRef } from "vue";
import type { Piece } from "../generated/piece";

/** Changes of one value that follow each other faster than this are one step back. */
const ONE_STEP_MS = 1200;

/** Undo and redo as a stack of whole documents, each one that can be planned or is being planned. */
export function useHistory() {
  const stack = shallowRef<Piece[]>([]);
  /** What led to each of them, in words. */
  const led = new WeakMap<Piece, string>();
  /** What stood in the place of a document before the same value went on to be changed; what could not be planned. */
  const before = new WeakMap<Piece, Piece>();
  const forgotten = new WeakSet<Piece>();
  const place = ref(-1);
  let last = { path: "", at: 0 };

  function begin(document: Piece) {
    stack.value = [document];
    place.value = 0;
    last = { path: "", at: 0 };
  }

  /**
   * Keeps a document; `path` is what was changed in it, `words` what was done. Answers how to forget it again, where it
   * turns out that it cannot be planned.
   */
  function keep(document: Piece, path: string, words = ""): () => void {
    led.set(document, words);
    const now = Date.now();
    const goesOn = path !== "" && path === last.path && now - last.at < ONE_STEP_MS && place.value > 0;
    const kept = stack.value.slice(0, place.value + (goesOn ? 0 : 1));
    if (goesOn) before.set(document, stack.value[place.value]!);
    stack.value = [...kept, document];
    place.value = stack.value.length - 1;
    last = { path, at: now };
    return () => {
      forgotten.add(document);
      const at = stack.value.indexOf(document);
      if (at < 0) return;
      const instead = lastGood(document);
      stack.value = [...stack.value.slice(0, at), ...instead, ...stack.value.slice(at + 1)];
      if (place.value >= at && !instead.length) place.value--;
    };
  }

  /** The last that could be planned of those that stood in its place; none where there was none. */
  function lastGood(document: Piece): Piece[] {
    const found = before.get(document);
    if (!found) return [];
    return forgotten.has(found) ? lastGood(found) : [found];
  }

  function move(by: 1 | -1): Piece | null {
    const document = stack.value[place.value + by];
    if (!document) return null;
    place.value += by;
    last = { path: "", at: 0 };
    return document;
  }

  const words = () => led.get(stack.value[place.value]!) ?? "";
  return {
    begin,
    keep,
    /** One step back: the document there was, and what is undone with it; null where there is none. */
    back() {
      const undone = words();
      const document = move(-1);
      return document && { document, words: undone };
    },
    forth() {
      const document = move(1);
      return document && { document, words: words() };
    },
    /** The document that stands, as it could be planned last. */
    now: () => stack.value[place.value] ?? null,
    canUndo: computed(() => place.value > 0),
    canRedo: computed(() => place.value < stack.value.length - 1),
  };
}
