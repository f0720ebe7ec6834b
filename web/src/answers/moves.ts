interface Moves {
  wraps: number;
  crossings: number;
  stitches: number;
  ties: number;
}

/** What the hands do: wraps, crossings where something is braided, stitches where it is crocheted, ties where it is knotted. */
export function movesWords({ wraps, crossings, stitches, ties }: Moves): string {
  const all = [
    [wraps, "wraps"],
    [crossings, "crossings"],
    [stitches, "stitches"],
    [ties, "ties"],
  ].filter(([count]) => count);
  return all.length ? all.map(([count, name]) => `${count} ${name}`).join(" and ") : `${wraps} wraps`;
}

/** What the time is spent on. */
export function workWords({ wraps, crossings, stitches, ties }: Moves): string {
  if ([wraps, crossings, stitches, ties].filter(Boolean).length > 1) return "work";
  if (ties) return "knotting";
  return crossings ? "braiding" : stitches ? "crochet" : "weaving";
}
