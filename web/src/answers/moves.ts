interface Moves {
  wraps: number;
  crossings: number;
  stitches: number;
}

/** What the hands do: wraps, crossings where something is braided, stitches where it is crocheted. */
export function movesWords({ wraps, crossings, stitches }: Moves): string {
  const all = [
    [wraps, "wraps"],
    [crossings, "crossings"],
    [stitches, "stitches"],
  ].filter(([count]) => count);
  return all.length ? all.map(([count, name]) => `${count} ${name}`).join(" and ") : `${wraps} wraps`;
}

/** What the time is spent on. */
export function workWords({ wraps, crossings, stitches }: Moves): string {
  if ([wraps, crossings, stitches].filter(Boolean).length > 1) return "work";
  return crossings ? "braiding" : stitches ? "crochet" : "weaving";
}
