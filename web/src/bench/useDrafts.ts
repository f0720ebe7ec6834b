import { shallowRef } from "vue";
import type { StoredPiece } from "../api/client";
import { say } from "../common/notices";
import type { Piece } from "../generated/piece";

/** What was typed at a piece and is not saved yet, kept in the browser whatever becomes of the page. */
interface Draft {
  /** The stored revision it was typed on. */
  revision: number;
  document: Piece;
}

const key = (id: string) => `meander-draft-${id}`;

/**
 * The draft of a piece: kept with every change, dropped once it is saved, brought back when the piece is opened again, as
 * it was typed, faults and all. `put`: shows a document in the place of the one that stands. Without an id nothing is kept.
 */
export function useDrafts(id: string | null, put: (document: Piece) => void) {
  /** What was never saved, where the piece was changed elsewhere since. */
  const leftOver = shallowRef<Piece | null>(null);

  function drop() {
    leftOver.value = null;
    if (id) localStorage.removeItem(key(id));
  }
  /** Where there is no room to keep it, it stays in the page alone. */
  function keep(draft: Draft) {
    if (!id) return;
    try {
      localStorage.setItem(key(id), JSON.stringify(draft));
    } catch {
      drop();
    }
  }
  function read(): Draft | null {
    try {
      const draft = JSON.parse(localStorage.getItem(key(id!)) ?? "null") as Draft | null;
      return draft?.document?.sections?.length ? draft : null;
    } catch {
      return null;
    }
  }
  function bringBack(piece: StoredPiece) {
    const draft = read();
    if (!draft || JSON.stringify(draft.document) === JSON.stringify(piece.document)) return drop();
    if (draft.revision !== piece.revision) return void (leftOver.value = draft.document);
    say("What you typed here last is back; it was not saved yet.");
    put(draft.document);
  }
  return {
    leftOver,
    keep,
    drop,
    bringBack,
    putBack() {
      const document = leftOver.value!;
      leftOver.value = null;
      put(document);
    },
  };
}
