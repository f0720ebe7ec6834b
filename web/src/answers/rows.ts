import type { Quantity } from "../bench/pins";

/** What each quantity is called, and by how much its arrows change it. */
export const ROWS: Record<Quantity, { name: string; by: number }> = {
  finger: { name: "Finger", by: 1 },
  wrist: { name: "Wrist", by: 1 },
  frames: { name: "Frames", by: 1 },
  repeats: { name: "Repeats", by: 1 },
  woven: { name: "Woven length", by: 1 },
  wire: { name: "Weaving wire to hand", by: 50 },
};
/** What is called otherwise in a section that is no strip, by its craft. */
export const OTHERS: Record<string, Partial<typeof ROWS>> = {
  braid: { repeats: { name: "Stitches", by: 1 }, woven: { name: "Braided length", by: 1 } },
  crochet: { repeats: { name: "Rows or stitches", by: 1 }, woven: { name: "Crocheted length", by: 1 } },
  knot: { repeats: { name: "Times the pattern", by: 1 }, woven: { name: "Knotted length", by: 1 } },
};
