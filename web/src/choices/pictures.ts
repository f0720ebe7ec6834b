/** Small pictures of what can be chosen, 48 by 48, each a few lines; by what is chosen and its key. */
type Pictures = Record<string, string[]>;

const ring = (x: number, y: number, r: number) =>
  `M${x + r} ${y}a${r} ${r} 0 1 1-${2 * r} 0 ${r} ${r} 0 0 1 ${2 * r} 0`;

export const ENDINGS: Pictures = {
  plain: ["M4 24h28", "M32 17v14"],
  eye: ["M4 24h18", ring(31, 24, 9)],
  curl: ["M4 34h22a11 11 0 1 0-11-11 7 7 0 1 0 14 0 3.500 3.500 0 1 0-7 0"],
  post: ["M4 30h24V10", "M23 10h10"],
  bail: ["M4 32h20c10 0 8-22 15-22s5 22-3 22H24", "M24 27v10M28 27v10M32 27v10"],
  loop: ["M4 24h18", ring(33, 24, 9), "M12 19v10M16 19v10M20 19v10"],
  hook: ["M4 32h24a10 10 0 0 0 0-20h-8"],
  doubled_hook: ["M4 34h24a12 12 0 0 0 0-24h-8", "M4 29h24a7 7 0 0 0 0-14h-8", "M20 10v5"],
  tuck: ["M4 18h30a6 6 0 0 1 0 12h-4", "M26 30h-4M18 30h-4"],
  coil: ["M4 24h38", "M18 17v14M22 17v14M26 17v14M30 17v14M34 17v14"],
  swept: ["M4 16h34M4 34h34", "M38 22a5 5 0 0 0-5-5C22 17 16 24 14 33"],
  rolled: ["M4 18h40", "M4 32h16c6 0 4-20 9-20s-1 12 3 12 0-12 4-12 0 12 3 12"],
  led: [ring(22, 24, 10), "M4 40C10 40 10 30 14.500 27", "M20 24C30 19 38 16 44 8"],
  wrap: ["M4 18h40M4 30h40", "M20 13v22M24 13v22M28 13v22"],
  ribbon: ["M4 18h22M4 24h22M4 30h22", "M26 11h14v26H26z"],
  fold: ["M4 15h24a9 9 0 0 1 0 18H4"],
};

export const FINDINGS: Pictures = {
  jump_rings: [ring(17, 24, 9), ring(31, 24, 9)],
  eye_hook: [ring(10, 30, 6), "M10 24h22a8 8 0 0 0 0-16h-8"],
  two_eye_hook: [ring(11, 16, 5), ring(11, 32, 5), "M16 16h14a8 8 0 0 1 0 16H16", "M38 24h-6"],
  toggle: [ring(14, 24, 10), "M34 8v32M34 24h-8"],
  chain: [
    "M4 24a7 5 0 1 1 14 0 7 5 0 1 1-14 0M16 24a7 5 0 1 1 14 0 7 5 0 1 1-14 0M28 24a7 5 0 1 1 14 0 7 5 0 1 1-14 0",
  ],
  clasp: [ring(10, 24, 5), "M15 24h4M19 24c0-9 6-10 12-10s11 4 11 10-5 10-11 10-12-1-12-10", "M30 20h8"],
  ear_wire: ["M16 42V20a10 10 0 0 1 20 0v14", ring(16, 42, 3)],
};

export const SECTIONS: Pictures = {
  weave: ["M3 17h42M3 31h42", "M12 10v28M18 10v14M24 10v14M30 10v28M36 24v14M42 24v14"],
  bend: ["M4 34h18a11 11 0 1 0-11-11 7 7 0 1 0 14 0", "M25 34h19"],
  braid: [
    "M10 4c0 10 14 10 14 20S10 34 10 44",
    "M24 4c0 10 14 8 14 18M38 22c0 10-14 10-14 22",
    "M38 4c0 8-10 9-13 13M21 21c-6 5-11 5-11 11M13 36c4 3 11 3 11 8",
  ],
  crochet: [
    "M4 40h40",
    ...[8, 20, 32].map((x) => `M${x} 40c-4-6 2-10 6-8s2 8-3 6`),
    ...[10, 22, 34].map((x) => `M${x} 30c-3-8 2-14 6-12s1 9-4 7`),
    "M30 14L44 4c2-1 3 2 1 3l-4 2",
  ],
  knot: [
    "M4 8h40",
    ...[14, 34].map((x) => `M${x - 2} 8v36M${x + 2} 8v36`),
    ...[14, 34].map((x) => `M${x - 8} 18c6-3 10 4 16 2M${x + 8} 18c-6-3-10 4-16 2`),
    "M16 32c6-3 10 4 16 2M32 32c-6-3-10 4-16 2",
  ],
  bind: ["M4 12l40 24M4 36l40-24", "M20 15v18M24 15v18M28 15v18"],
  lace: ["M4 12h40M4 36h40", "M8 9v6l8 18v6M24 9v6l8 18v6M40 9v6"],
};
