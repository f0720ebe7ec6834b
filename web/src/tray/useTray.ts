import { onMounted, ref, shallowRef } from "vue";
import { api, ApiProblem, type Catalogue, type TrayBead } from "../api/client";
import { useUnitsAnew } from "../api/useUnitsAnew";
import type { Fault } from "../generated/fault";

/** A kind of bead as it is being typed. */
export interface Entry {
  name: string;
  material: string;
  shape: string;
  length: string;
  width: string;
  hole: string;
  drilled: string;
  mass: string;
  colour: string;
  guessed: string[];
  stock: string;
}
export const BLANK: Entry = {
  name: "",
  material: "glass",
  shape: "round",
  length: "4 mm",
  width: "4 mm",
  hole: "0.9 mm",
  drilled: "along",
  mass: "",
  colour: "#4b7f7a",
  guessed: [],
  stock: "0",
};

export const entryOf = ({ bead, stock }: TrayBead): Entry => ({
  ...bead,
  length: bead.length.typed,
  width: bead.width.typed,
  hole: bead.hole.typed,
  mass: bead.mass === null ? "" : String(bead.mass),
  guessed: [...bead.guessed],
  stock: String(stock),
});

/** A number as such, anything else as it was typed, to be answered by the core. */
const number = (text: string) => (/^\d+(\.\d+)?$/.test(text.trim()) ? Number(text.trim()) : text);
const told = (entry: Entry) => {
  const { stock, length, width, hole, mass, ...rest } = entry;
  const sizes = { length: { typed: length }, width: { typed: width }, hole: { typed: hole } };
  return { bead: { ...rest, id: "k1", ...sizes, mass: mass.trim() ? number(mass) : null }, stock: number(stock) };
};

/** The maker's tray of beads: read, added to, changed, and what is let go brought back. */
export function useTray() {
  const beads = shallowRef<TrayBead[] | null>(null);
  const catalogue = shallowRef<Catalogue["beads"] | null>(null);
  const trouble = ref("");
  const faults = ref<Fault[]>([]);
  const dropped = ref<{ id: string; name: string } | null>(null);

  async function load() {
    try {
      const [tray, words] = await Promise.all([api.tray(), api.catalogue()]);
      beads.value = tray.beads;
      catalogue.value = words.beads;
      trouble.value = "";
    } catch (error) {
      trouble.value = error instanceof Error ? error.message : "Meander cannot be reached";
    }
  }
  onMounted(load);
  useUnitsAnew(load);

  /** Does something and reads the tray again. Answers whether it was done; what is wrong stands in `faults`. */
  async function act(change: () => Promise<unknown>): Promise<boolean> {
    faults.value = [];
    try {
      await change();
      await load();
      return true;
    } catch (error) {
      if (error instanceof ApiProblem && error.faults.length) faults.value = error.faults;
      else trouble.value = error instanceof Error ? error.message : "Meander cannot be reached";
      return false;
    }
  }
  return {
    beads,
    catalogue,
    trouble,
    faults,
    dropped,
    keep: (entry: Entry, id: string | null) =>
      act(() => (id ? api.putBead(id, told(entry)) : api.keepBead(told(entry)))),
    async drop({ id, bead }: TrayBead) {
      if (await act(() => api.dropBead(id))) dropped.value = { id, name: bead.name };
    },
    async restore() {
      const { id } = dropped.value!;
      if (await act(() => api.restoreBead(id))) dropped.value = null;
    },
    forget: () => (faults.value = []),
  };
}
