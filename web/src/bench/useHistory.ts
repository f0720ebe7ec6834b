import { computed, ref, shallowRef } from "vue";
import type { Piece } from "../generated/piece";

/** Changes of one value that follow each other faster than this are one step back. */
const ONE_STEP_MS = 1200;

/** Undo and redo as a stack of whole documents, each one that can be planned or is being planned. */
export function useHistory() {
  const stack = shallowRef<Piece[]>([]);
  /** What led to each of them, in words. */
  const led = new WeakMap<Piece, string>();
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
    const instead = goesOn ? stack.value.slice(place.value, place.value + 1) : [];
    stack.value = [...kept, document];
    place.value = stack.value.length - 1;
    last = { path, at: now };
    return () => {
      const at = stack.value.indexOf(document);
      if (at < 0) return;
      stack.value = [...stack.value.slice(0, at), ...instead, ...stack.value.slice(at + 1)];
      if (place.value >= at && !instead.length) place.value--;
    };
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
    canUndo: computed(() => place.value > 0),
    canRedo: computed(() => place.value < stack.value.length - 1),
  };
}
