import type { Start } from "../api/client";

/** A kind of piece to begin with: what it is called, and a small picture of it, 48 by 48. */
export interface Kind {
  key: Start;
  name: string;
  about: string;
  lines: string[];
}

export const KINDS: Kind[] = [
  {
    key: "cuff",
    name: "Cuff",
    about: "open at the wrist",
    lines: ["M13 35C3 27 5 12 24 12S45 27 35 35", "M17 31c-5-5-4-14 7-14s12 9 7 14", "M13 35l4-4M35 35l-4-4"],
  },
  {
    key: "bracelet",
    name: "Bracelet",
    about: "closed by a hook and a loop",
    lines: ["M20 38C2 36 2 10 24 10s22 26 4 28", "M20 34c-11-2-12-19 4-19s15 17 4 19", "M28 36c-2 4-6 4-8 0"],
  },
  {
    key: "plait",
    name: "Braided bracelet",
    about: "one wire folded to its loop, a second wound on",
    lines: [
      "M24 3a5 5 0 0 1 5 5c0 3-2 4-3 6M24 3a5 5 0 0 0-5 5c0 3 2 4 3 6",
      "M19 14c0 8 10 6 10 14S19 34 19 42M24 14c0 5 5 4 5 9M29 14c0 7-10 8-10 15s10 6 10 13M24 42c0-4 3-5 4-8",
    ],
  },
  {
    key: "crochet",
    name: "Crocheted bracelet",
    about: "a band of fine wire, in ribbon ends",
    lines: [
      "M6 14h36M6 24h36M6 34h36",
      ...[8, 18, 28, 38].map((x) => `M${x} 14c-4 5 1 9 4 6s0-6-2-4`),
      ...[8, 18, 28, 38].map((x) => `M${x} 24c-4 5 1 9 4 6s0-6-2-4`),
      "M6 9v30M42 9v30",
    ],
  },
  {
    key: "knotted",
    name: "Knotted bracelet",
    about: "four cords in square knots, in ribbon ends",
    lines: [
      "M21 4v40M27 4v40",
      ...[9, 21, 33].map((y) => `M14 ${y}c8-3 12 4 20 2M34 ${y}c-8-3-12 4-20 2`),
      "M14 4v7M34 4v7M14 11c-3 4-3 6 0 12M34 11c3 4 3 6 0 12M14 23c-3 4-3 6 0 12v9M34 23c3 4 3 6 0 12v9",
    ],
  },
  {
    key: "ring",
    name: "Ring",
    about: "round a finger",
    lines: ["M24 12a13 13 0 1 0 .1 0", "M24 17a8 8 0 1 0 .1 0", "M14 17l4 4M34 17l-4 4M24 38v-5"],
  },
  {
    key: "links",
    name: "Row of links",
    about: "woven frames in a row",
    lines: ["M4 24c4-7 9-7 13.500 0s9.500 7 13.500 0 9-7 13 0", "M4 24c4 7 9 7 13.500 0s9.500-7 13.500 0 9 7 13 0"],
  },
  {
    key: "earring",
    name: "Earrings",
    about: "a pair, hung from ear wires",
    lines: ["M14 18c-9 12-7 22 0 22s9-10 0-22v-4a4 4 0 1 1 5 3", "M35 18c-9 12-7 22 0 22s9-10 0-22v-4a4 4 0 1 1 5 3"],
  },
  {
    key: "pendant",
    name: "Pendant",
    about: "on a chain or a cord",
    lines: ["M6 4l18 12L42 4", "M24 16c-13 10-13 20 0 28 13-8 13-18 0-28z", "M17 27l14 4M16 33l16-4M24 16v28"],
  },
  {
    key: "component",
    name: "Component",
    about: "bent wire for something larger",
    lines: [
      "M24 24c-6-14 6-14 0 0s14-6 14 0-14 6-14 0 6 14 0 14-6-14 0-14-14 6-14 0 14-6 14 0",
      "M24 24c8-12 14-6 0 0zM24 24C12 16 18 10 24 24zM24 24c-8 12-14 6 0 0zM24 24c12 8 6 14 0 0z",
    ],
  },
];
