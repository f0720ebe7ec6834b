import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import { everyRow } from "./moves";

/** Shapes that grow from their middle. */
const MOTIFS = ["disc", "oval", "cup"];

/** What the chart of the section in hand is drawn from. */
export function useChart() {
  const bench = useBench();
  return computed(() => {
    const told = bench.crochet.value!;
    const placed = (bench.draft.value!.beads ?? []).filter(
      (one) => one.rule === "crocheted" && one.section === bench.hand.value,
    );
    const colours = placed.map(
      (one) => bench.draft.value!.tray?.find((kind) => kind.id === one.bead)?.colour ?? "gray",
    );
    return {
      rows: everyRow(told),
      begun: told.begun,
      way: told.way,
      polar: MOTIFS.includes(told.kind) || told.begun.kind === "hole",
      beads: told.beads,
      colours,
    };
  });
}
