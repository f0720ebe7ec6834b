/** What the hands do: wraps, and crossings where something is braided. */
export function movesWords({ wraps, crossings }: { wraps: number; crossings: number }): string {
  const crossed = `${crossings} crossings`;
  return crossings && wraps ? `${wraps} wraps and ${crossed}` : crossings ? crossed : `${wraps} wraps`;
}

/** What the time is spent on. */
export const workWords = ({ wraps, crossings }: { wraps: number; crossings: number }) =>
  crossings && wraps ? "work" : crossings ? "braiding" : "weaving";
