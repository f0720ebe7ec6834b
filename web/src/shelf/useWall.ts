import { useStorage } from "@vueuse/core";
import { computed, type Ref, ref } from "vue";
import { kindWords } from "../bench/kinds";
import { useFormat } from "../units/format";
import type { FaultyPiece, ShelfPiece } from "../api/client";

export type Hung = ShelfPiece | FaultyPiece;

export const SORTS = [
  { value: "changed", text: "changed last" },
  { value: "name", text: "by name" },
  { value: "kind", text: "by kind" },
];

/** What a piece is, in a line: "Cuff for a 171 mm wrist · 28 repeats". */
export function useAbout() {
  const format = useFormat();
  return ({ worn, kind, pieces, strip, sections }: ShelfPiece) => {
    const what = pieces === 2 ? "Pair of earrings" : kindWords(kind, worn, format.length);
    return `${what} · ${strip ? `${strip.repeats} ${strip.repeats === 1 ? "repeat" : "repeats"}` : sections.join(", ")}`;
  };
}

/** What of the shelf hangs on the wall: of one collection, found by words, in the order chosen. */
export function useWall(pieces: Ref<Hung[]>) {
  const about = useAbout();
  const wanted = ref("");
  const sort = useStorage("meander-shelf-sort", "changed");
  const chosen = useStorage<string>("meander-shelf-collection", "");
  const collections = computed(() =>
    [...new Set(pieces.value.flatMap((one) => one.collection ?? []))].sort((a, b) => a.localeCompare(b)),
  );
  /** One that is no longer there is not chosen. */
  const collection = computed(() => (collections.value.includes(chosen.value) ? chosen.value : ""));
  const words = (one: Hung) =>
    `${one.name} ${one.collection ?? ""} ${one.fault ? "" : `${about(one)} ${one.wires.join(" ")}`}`.toLowerCase();
  const fits = (one: Hung) =>
    (!collection.value || one.collection === collection.value) &&
    wanted.value
      .toLowerCase()
      .split(/\s+/)
      .every((word) => words(one).includes(word));
  const key = (one: Hung) => (sort.value === "kind" ? `${one.fault ? "" : one.kind} ${one.name}` : one.name);
  const shown = computed(() => {
    const found = pieces.value.filter(fits);
    return sort.value === "changed"
      ? found
      : found.toSorted((a, b) => key(a).localeCompare(key(b), undefined, { numeric: true }));
  });
  return { wanted, sort, collections, collection, choose: (name: string) => (chosen.value = name), shown };
}
