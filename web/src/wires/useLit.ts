import { ref } from "vue";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { isVisit, seatNumber } from "../document/routes";

/** The base wires that are lit through the whole piece; one bench at a time. */
const wires = ref<string[]>([]);

/** A visit of a lit wire: its number on the wire's way, and a place in the finished piece, in mm. */
export interface LitVisit {
  number: number;
  at: [number, number];
}

export function useLit() {
  const isLit = (ids: string[]) => ids.every((id) => wires.value.includes(id)) && wires.value.length > 0;
  return {
    wires,
    isLit,
    toggle: (ids: string[]) => (wires.value = isLit(ids) ? [] : ids),
    clear: () => (wires.value = []),
  };
}

/** The visits of lit wires, in the order of their ways: told amid the seat they lie at. */
export function litVisits(piece: Piece, plan: Plan, lit: string[]): LitVisit[] {
  return piece.wires
    .filter((wire) => lit.includes(wire.id))
    .flatMap((wire) =>
      wire.route.filter(isVisit).flatMap((stop, i): LitVisit[] => {
        const ends = plan.sections.find((one) => one.id === stop.section)?.ends;
        const [from, to] = [ends?.start, ends?.end].map((end) => end?.places[seatNumber(stop) - 1]);
        if (!from || !to) return [];
        return [{ number: i + 1, at: [(from[0]! + to[0]!) / 2, (from[1]! + to[1]!) / 2] }];
      }),
    );
}
