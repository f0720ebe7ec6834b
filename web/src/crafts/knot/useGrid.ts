import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import type { Piece } from "../../generated/piece";
import type { Plan } from "../../generated/plan";
import { Grid } from "./grid";
import type { KnotTold } from "./knot";

/** What the grid of a knotted section is drawn from. */
export function gridOf(piece: Piece, plan: Plan, section: string, told: KnotTold) {
  const knots = told.knots.map(([kind, row, from, bead]) => {
    const { kind: key, hand, cords } = told.kinds[kind!]!;
    return [key, hand, cords, from!, row!, bead!] as [string, string, number, number, number, number];
  });
  const placed = piece.beads.filter((one) => one.rule === "knotted" && one.section === section);
  return {
    grid: new Grid(told.cords, knots),
    colours: told.wires.map(({ wire }) => plan.wires.find((one) => one.id === wire)?.colour ?? "gray"),
    beads: placed.map((one) => piece.tray?.find((kind) => kind.id === one.bead)?.colour ?? "gray"),
  };
}

/** That of the section in hand. */
export function useGrid() {
  const bench = useBench();
  return computed(() => gridOf(bench.draft.value!, bench.answer.value!.plan, bench.hand.value, bench.knot.value!));
}
