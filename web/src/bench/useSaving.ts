import { computed, onBeforeUnmount, ref, shallowRef } from "vue";
import { api, ApiProblem, type StoredPiece } from "../api/client";
import type { Piece } from "../generated/piece";

const SETTLE_MS = 400;
const RETRY_MS = 3000;

export type SaveState = "saved" | "waiting" | "saving" | "conflict" | "unreachable";

/**
 * Saves by itself shortly after the last change, one save at a time. A save refused as stale stops saving until the
 * maker has chosen between the two versions; while the server cannot be reached it tries again. `saved`: called with
 * every document that was.
 */
export function useSaving(id: string, saved: (document: Piece) => void = () => {}) {
  const own = ref<SaveState>("saved");
  /** Changes that are being planned and are saved once they are. */
  const planning = ref(0);
  const state = computed<SaveState>(() => (own.value === "saved" && planning.value ? "waiting" : own.value));
  const conflict = shallowRef<{ mine: Piece; theirs: StoredPiece } | null>(null);
  let revision = 0;
  let pending: Piece | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let flying: Promise<void> | null = null;

  function opened(piece: { revision: number }) {
    revision = piece.revision;
    pending = null;
    own.value = "saved";
  }

  function later(document: Piece, delay = SETTLE_MS) {
    pending = document;
    if (conflict.value) return;
    own.value = "waiting";
    clearTimeout(timer);
    timer = setTimeout(() => void flush(), delay);
  }

  /** Not saved while a change is planned, which is saved afterwards where it can be. */
  async function during<T>(planned: Promise<T>): Promise<T> {
    planning.value++;
    try {
      return await planned;
    } finally {
      planning.value--;
    }
  }

  async function send(document: Piece) {
    own.value = "saving";
    try {
      revision = (await api.save(id, revision, document)).revision;
      if (!pending) own.value = "saved";
      saved(document);
    } catch (error) {
      if (error instanceof ApiProblem && error.current) {
        conflict.value = { mine: document, theirs: error.current };
        own.value = "conflict";
      } else {
        own.value = "unreachable";
        pending ??= document;
        clearTimeout(timer);
        timer = setTimeout(() => void flush(), RETRY_MS);
      }
    }
  }

  /** Saves what is waiting now. */
  async function flush(): Promise<void> {
    clearTimeout(timer);
    await flying;
    if (!pending || conflict.value) return;
    const document = pending;
    pending = null;
    flying = send(document).finally(() => (flying = null));
    await flying;
    if (pending && own.value === "saving") await flush();
  }

  /** The maker keeps this tab's version: it is saved over the other one, which stays among the versions. */
  async function keepMine() {
    const { mine, theirs } = conflict.value!;
    conflict.value = null;
    revision = theirs.revision;
    later(pending ?? mine, 0);
    await flush();
  }

  function settled() {
    conflict.value = null;
  }

  onBeforeUnmount(() => void flush());

  return { state, conflict, opened, later, during, flush, keepMine, settled, revision: () => revision };
}
