import { section } from "../bench/weave";
import type { Piece } from "../generated/piece";

/** Of repeats that open or close, the pitch of the first and of the last; null where all are alike. */
export function pitchWords(read: Piece, id: string, length: (mm: number) => string): string | null {
  const { rise } = section(read, id);
  const [from, to] = rise?.kind === "open" ? [rise.pitch.mm, rise.to?.mm] : [];
  return from !== undefined && to !== undefined ? `${length(from)} to ${length(to)}` : null;
}
