import { computed, ref, shallowRef } from "vue";
import type { Piece } from "../generated/piece";

/** Changes of one value that follow each other faster than this are one step back. */
const ONE_STEP_MS = 1200;

/** Undo and redo as a stack of whole documents, each one that can be planned or is being planned. */
export function useHistory() {
  const stack = shallowRef<Piece[]>([]);
  const place = ref(-1);
  let last = { path: "", at: 0 };

  function begin(document: Piece) {
    stack.value = [document];
    place.value = 0;
    last = { path: "", at: 0 };
  }

  /**
   * Keeps a document; `path` is what was changed in it. Answers how to forget it again, where it turns out that it cannot
   * be planned.
   */
  function keep(document: Piece, path: string): () => void {
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

  return {
    begin,
    keep,
    back: () => move(-1),
    forth: () => move(1),
    canUndo: computed(() => place.value > 0),
    canRedo: computed(() => place.value < stack.value.length - 1),
  };
}
