import type { Mark } from "./chart";

/** How a chart is put on the page: pixels to a column and to a row, and where its middle stands. */
export interface Put {
  px: number;
  /** From columns and rows to pixels. */
  to: (at: [number, number]) => [number, number];
}

/** The usual signs of stitches, drawn from foot to head: chains as rings, a slip stitch as a dot, a single as a cross, taller ones as posts with a head and a bar for each time the wire is laid round the hook. */
const BARS: Record<string, number> = { half: 0, double: 1, treble: 2 };
/** How far a sign keeps from the places it stands between, as a share of its length. */
const [FOOT, HEAD] = [0.18, 0.9];

export function paintMark(ctx: CanvasRenderingContext2D, mark: Mark, { px, to }: Put): void {
  const head = to(mark.head);
  if (mark.kind === "chain") return ring(ctx, head, px);
  if (mark.kind === "picot") {
    for (let i = 0; i < 3; i++) ring(ctx, [head[0] + (i - 1) * px * 0.22, head[1] - px * 0.3], px * 0.4);
    return;
  }
  if (mark.kind === "slip") {
    ctx.beginPath();
    ctx.arc(head[0], head[1], px * 0.13, 0, 2 * Math.PI);
    return ctx.fill();
  }
  for (const foot of mark.feet.length ? mark.feet.map(to) : [[head[0], head[1] + px] as [number, number]])
    post(ctx, mark.kind, foot, head, px);
}

function ring(ctx: CanvasRenderingContext2D, [x, y]: [number, number], px: number) {
  ctx.beginPath();
  ctx.ellipse(x, y, px * 0.3, px * 0.15, 0, 0, 2 * Math.PI);
  ctx.stroke();
}

function post(
  ctx: CanvasRenderingContext2D,
  kind: string,
  [x0, y0]: [number, number],
  [x1, y1]: [number, number],
  px: number,
) {
  const long = Math.hypot(x1 - x0, y1 - y0) || 1;
  const [dx, dy] = [(x1 - x0) / long, (y1 - y0) / long];
  const at = (share: number): [number, number] => [x0 + dx * long * share, y0 + dy * long * share];
  const bar = (share: number, wide: number, lean: number) => {
    const [x, y] = at(share);
    ctx.moveTo(x - (-dy * wide + dx * lean), y - (dx * wide + dy * lean));
    ctx.lineTo(x + (-dy * wide + dx * lean), y + (dx * wide + dy * lean));
  };
  ctx.beginPath();
  if (kind === "single") {
    const [a, b] = [at(0.34), at(0.8)];
    ctx.moveTo(...a);
    ctx.lineTo(...b);
    bar(0.57, px * 0.24, 0);
  } else {
    ctx.moveTo(...at(FOOT));
    ctx.lineTo(...at(HEAD));
    bar(HEAD, px * 0.24, 0);
    for (let i = 0; i < (BARS[kind] ?? 0); i++) bar(0.48 + i * 0.16, px * 0.17, px * 0.1);
  }
  ctx.stroke();
}
