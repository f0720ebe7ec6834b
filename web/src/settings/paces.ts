/** Crafts that may have a pace of their own: what each is called, and what is counted in it. */
export const PACES = {
  weave: { name: "Weaving", of: "wraps" },
  braid: { name: "Braiding", of: "crossings" },
  crochet: { name: "Crochet", of: "moves" },
  knot: { name: "Knotting", of: "moves" },
} as const;
export type Paced = keyof typeof PACES;
