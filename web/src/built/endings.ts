import { count, flag, type Form, mm, size } from "./forms";

/** How a wire may end, by itself or with others. */
export const ENDINGS: (Form & { wires: "one" | "all" })[] = [
  { key: "plain", name: "cut flush", parts: [], start: {}, wires: "all" },
  {
    key: "eye",
    name: "a simple loop",
    parts: [size("inside", "Inside of the loop", "", "inside", 0.5)],
    start: { inside: mm(2.5) },
    wires: "one",
  },
  {
    key: "curl",
    name: "a curl",
    parts: [
      count("turns", "Turns of the curl", "of", "turns,"),
      size("inside", "Inside of the curl", "", "inside", 0.5),
    ],
    start: { inside: mm(1.5), turns: 2 },
    wires: "one",
  },
  {
    key: "post",
    name: "an ear post",
    parts: [size("length", "Length of the ear post", "of")],
    start: { length: mm(14) },
    wires: "one",
  },
  {
    key: "bail",
    name: "a bail",
    parts: [
      size("inside", "Inside of the bail", "", "inside,", 0.5),
      count("wraps", "Wraps that bind the bail", "", "wraps"),
    ],
    start: { inside: mm(4), wraps: 3 },
    wires: "all",
  },
  {
    key: "loop",
    name: "a closing loop",
    parts: [
      count("turns", "Turns of the closing loop", "of", "turns,"),
      size("inside", "Inside of the closing loop", "", "inside,", 0.5),
      count("wraps", "Wraps that bind the closing loop", "", "wraps"),
    ],
    start: { inside: mm(5), wraps: 3, turns: 1 },
    wires: "all",
  },
  {
    key: "hook",
    name: "a hook",
    parts: [
      size("inside", "Inside of the hook", "", "inside,", 0.5),
      size("shank", "Shank of the hook", "shank"),
      count("wraps", "Wraps that bind the hook", ",", "wraps"),
    ],
    start: { inside: mm(4), shank: mm(9), wraps: 3 },
    wires: "all",
  },
  {
    key: "doubled_hook",
    name: "a doubled hook",
    parts: [
      size("inside", "Inside of the doubled hook", "", "inside,", 0.5),
      size("shank", "Shank of the doubled hook", "shank"),
      count("wraps", "Wraps that bind the doubled hook", ",", "wraps"),
    ],
    start: { inside: mm(4), shank: mm(9), wraps: 3 },
    wires: "one",
  },
  {
    key: "tuck",
    name: "a tuck to the back",
    parts: [size("length", "Length tucked in", "of", "", 0.5)],
    start: { length: mm(5) },
    wires: "all",
  },
  {
    key: "coil",
    name: "a coil of its own wire",
    parts: [
      count("turns", "Turns of the coil end", "of", "turns,"),
      size("inside", "Inside of the coil end", "", "inside", 0.5),
    ],
    start: { inside: mm(2.5), turns: 6 },
    wires: "one",
  },
  {
    key: "wrap",
    name: "wraps over the band",
    parts: [count("wraps", "Wraps over the band", "", "times")],
    start: { wraps: 2 },
    wires: "all",
  },
  {
    key: "ribbon",
    name: "a ribbon end",
    parts: [
      size("wide", "Ribbon end, wide inside", "", "wide", 0.5),
      size("thick", "Ribbon end, thick inside", "and", "thick inside,", 0.1),
      size("depth", "Depth of the ribbon end", "", "deep,", 0.5),
      size("length", "Length of the ribbon end", "", "long with its ring", 0.5),
      flag("glued", "Ribbon end: how it holds", ",", "glued in", "only crimped"),
    ],
    start: { wide: mm(6), thick: mm(2.5), depth: mm(6), length: mm(10), glued: false },
    wires: "all",
  },
  { key: "fold", name: "a fold: two wires are one", parts: [], start: {}, wires: "all" },
];
