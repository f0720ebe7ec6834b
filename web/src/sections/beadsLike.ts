import type { Piece } from "../generated/piece";
import { withWire } from "../document/change";
import { carrier, fresh } from "../document/routes";

/** No piece has more placements of beads. */
const MOST = 24;

/** The beads of a section on another one that is like it, each placement on as much wire of its own as it has there. */
export const withBeadsLike = (piece: Piece, from: string, to: string): Piece =>
  piece.beads
    .filter((one) => one.section === from && !("other" in one))
    .reduce((now, one) => {
      if (now.beads.length >= MOST) return now;
      const [id] = fresh(
        now.beads.map((other) => other.id),
        "d",
      );
      const laid = { ...now, beads: [...now.beads, { ...one, id: id!, section: to }] };
      const wire = carrier(piece, one.id);
      return wire ? withWire(laid, wire.kind, [{ kind: "carry", beads: id! }]) : laid;
    }, piece);
