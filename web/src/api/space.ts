/** A finished piece in space: lines of points x, y, z; how far what each placement of beads lies on stands out. */
export interface WholeInSpace {
  lines: { d: number; colour: string; points: number[] }[];
  out_mm: number[];
  extent: number[][];
}
