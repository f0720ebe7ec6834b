/** What the hands do: wraps, and crossings where something is braided. */
export function movesWords({ wraps, crossings }: { wraps: number; crossings: number }): string {
  const crossed = `${crossings} crossings`;
  return crossings && wraps ? `${wraps} wraps and ${crossed}` : crossings ? crossed : `${wraps} wraps`;
}
