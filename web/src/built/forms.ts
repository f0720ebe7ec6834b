/** A value of a form in its sentence: the words before and after it, and how it is changed. */
export interface Part {
  key: string;
  /** flag: a choice between "true" and "false". */
  kind: "size" | "count" | "choice" | "flag";
  label: string;
  before?: string;
  after?: string;
  /** How far an arrow key moves a size, in mm. */
  by?: number;
  options?: { key: string; name: string }[];
}
export interface Form {
  key: string;
  name: string;
  parts: Part[];
  /** What it begins with. */
  start: Record<string, unknown>;
}

export const mm = (value: number) => ({ typed: `${value} mm` });
export const size = (key: string, label: string, before = "", after = "", by = 1): Part => ({
  key,
  kind: "size",
  label,
  before,
  after,
  by,
});
export const count = (key: string, label: string, before = "", after = ""): Part => ({
  key,
  kind: "count",
  label,
  before,
  after,
});
export const flag = (key: string, label: string, before: string, yes: string, no: string): Part => ({
  key,
  kind: "flag",
  label,
  before,
  options: [
    { key: "true", name: yes },
    { key: "false", name: no },
  ],
});
export const SIDES = [
  { key: "near", name: "near" },
  { key: "far", name: "far" },
];
const towards: Part = {
  key: "towards",
  kind: "choice",
  label: "Side it bends to",
  before: "towards its",
  after: "side",
  options: SIDES,
};
const frame = [
  size("length", "Length of the frame", "", "long,"),
  size("width", "Width of the frame", "", "wide", 0.5),
];
const open = size("open", "Left open at the end", ", left open", "at its end", 0.5);
const radius = size("radius", "Radius of the bend", "on a radius of", "");
const shaped: Part = {
  key: "shaped",
  kind: "choice",
  label: "When it is bent",
  before: ", bent",
  after: "it is woven",
  options: [
    { key: "after", name: "after" },
    { key: "before", name: "before" },
  ],
};
const CROSSINGS = [
  { key: "left", name: "from the left" },
  { key: "right", name: "from the right" },
  { key: "in_turn", name: "from either side in turn" },
];

/** What woven sections are bent to. */
export const FORMS: Form[] = [
  { key: "straight", name: "straight strip", parts: [], start: {} },
  {
    key: "arc",
    name: "arc",
    parts: [radius, towards, shaped],
    start: { radius: mm(25), towards: "far", shaped: "after" },
  },
  { key: "ring", name: "closed ring", parts: [], start: {} },
  {
    key: "helix",
    name: "helix",
    parts: [
      size("dowel", "Dowel", "on a dowel of", "", 0.5),
      size("rise", "Rise of a turn", ", rising", "a turn (0: side by side)", 0.5),
    ],
    start: { dowel: mm(8), rise: mm(0) },
  },
  { key: "drop", name: "drop", parts: [...frame, open], start: { length: mm(32), width: mm(16), open: mm(5) } },
  { key: "leaf", name: "leaf", parts: [...frame, open], start: { length: mm(36), width: mm(12), open: mm(0) } },
  {
    key: "crescent",
    name: "crescent",
    parts: [...frame, radius, towards, open],
    start: { length: mm(45), width: mm(9), open: mm(0), radius: mm(24), towards: "far" },
  },
  {
    key: "waists",
    name: "chain of frames",
    parts: [
      count("frames", "Frames in the chain", "of", "frames, each"),
      ...frame,
      {
        key: "crossing",
        kind: "choice",
        label: "Wire that lies over at a waist",
        before: ", the wire",
        after: "over at each waist",
        options: CROSSINGS,
      },
    ],
    start: { length: mm(18), width: mm(6), frames: 9, crossing: "left" },
  },
];
export const FRAMES = ["drop", "leaf", "crescent", "waists"];

/** What a wire that is not woven is bent to. */
export const BENDS: Form[] = [
  { key: "line", name: "straight run", parts: [size("length", "Length of the run", "of")], start: { length: mm(30) } },
  {
    key: "arc",
    name: "arc",
    parts: [count("angle", "Angle of the arc", "of", "°"), radius, towards],
    start: { radius: mm(12), angle: 180, towards: "far" },
  },
  {
    key: "wave",
    name: "wave",
    parts: [
      count("waves", "Waves", "of", "waves"),
      size("length", "Length of the wave", "over"),
      size("height", "Height of the wave", ",", "high", 0.5),
    ],
    start: { length: mm(40), height: mm(6), waves: 4 },
  },
  {
    key: "waved_ring",
    name: "waved ring",
    parts: [
      count("waves", "Waves of the ring", "of", "waves,"),
      size("across", "Middle of the ring, across", "", "across,", 0.5),
      size("height", "Height of the wave", "", "high", 0.2),
    ],
    start: { across: mm(8), height: mm(1.6), waves: 8 },
  },
  {
    key: "swirl",
    name: "swirl",
    parts: [
      count("turns", "Turns of the swirl", "of", "turns,"),
      size("inside", "Inside of the swirl", "", "inside,", 0.5),
      size("pitch", "Pitch of the swirl", "", "from turn to turn", 0.1),
    ],
    start: { inside: mm(2), turns: 3, pitch: mm(1.2) },
  },
  {
    key: "loops",
    name: "row of loops",
    parts: [
      count("count", "Loops", "of", "loops,"),
      size("inside", "Inside of a loop", "", "inside,", 0.5),
      size("pitch", "From loop to loop", "", "from one to the next,", 0.5),
      {
        key: "sides",
        kind: "choice",
        label: "Sides the loops stand on",
        options: [
          { key: "one", name: "all on one side" },
          { key: "in_turn", name: "on either side in turn" },
        ],
      },
    ],
    start: { inside: mm(5), count: 8, pitch: mm(4), sides: "one" },
  },
  {
    key: "zigzag",
    name: "zigzag",
    parts: [
      count("legs", "Legs of the zigzag", "of", "legs"),
      size("leg", "Leg of the zigzag", "of"),
      count("angle", "Angle between legs", ",", "° apart,"),
      size("fold", "Inside of a fold", "folds", "inside", 0.5),
    ],
    start: { leg: mm(12), fold: mm(2), angle: 40, legs: 8 },
  },
  {
    key: "rosette",
    name: "rosette",
    parts: [
      count("petals", "Petals", "of", "petals,"),
      size("long", "Longer petal", "", "and", 0.5),
      size("short", "Shorter petal", "", "in turn,", 0.5),
      size("fold", "Inside of a petal's fold", "folds", "inside,", 0.2),
      size("centre", "Centre of the rosette", "centre", "", 0.5),
    ],
    start: { long: mm(14), short: mm(10), fold: mm(2), centre: mm(0), petals: 8 },
  },
];
