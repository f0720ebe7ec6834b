import { count, type Form, mm, type Part, size } from "../built/forms";

/** A way beads are placed: `on` says what kind of section carries them, `thread` whether they take a wire of their own. */
export interface Rule extends Form {
  on: "weave" | "bend" | "any";
  thread: boolean;
}

const choice = (key: string, label: string, options: Part["options"], before = "", after = ""): Part => ({
  key,
  kind: "choice",
  label,
  options,
  before,
  after,
});
const fill = count("count", "Beads asked for", "asked for:", "(0: as many as fit)");

/** All of them, in the order they are offered. */
export const RULES: Rule[] = [
  {
    key: "woven",
    name: "on the weaving wire as it is woven",
    on: "weave",
    thread: false,
    parts: [
      count("every", "Every how many", "one on every", ""),
      choice(
        "of",
        "Counted by",
        [
          { key: "repeat", name: "repeat" },
          { key: "wrap", name: "wrap" },
        ],
        "",
        "",
      ),
      count("first", "The first", "beginning with number", ","),
      choice(
        "on",
        "Where it lies",
        [
          { key: "front", name: "in front" },
          { key: "back", name: "at the back" },
          { key: "near", name: "beside the near wire" },
          { key: "far", name: "beside the far wire" },
        ],
        "",
        "",
      ),
    ],
    start: { of: "repeat", every: 2, first: 1, on: "front" },
  },
  {
    key: "rows",
    name: "in rows across the frame",
    on: "weave",
    thread: true,
    parts: [
      size("from", "Where the rows begin", "from", "on"),
      count("wraps", "Wraps between rows", ",", "wraps a side between rows"),
    ],
    start: { counts: [], wraps: 2, from: mm(4) },
  },
  {
    key: "curve",
    name: "along a side of the strip",
    on: "weave",
    thread: true,
    parts: [
      choice(
        "side",
        "Side they lie on",
        [
          { key: "inside", name: "inside" },
          { key: "outside", name: "outside" },
        ],
        "on its",
        ",",
      ),
      count("wraps", "Wraps between beads", "", "wraps between,"),
      fill,
    ],
    start: { side: "inside", wraps: 1, count: 0 },
  },
  {
    key: "strung",
    name: "strung on the bent wire",
    on: "bend",
    thread: false,
    parts: [
      size("from", "Where the beads begin", "from", "on,"),
      size("apart", "Room between beads", "", "apart,", 0.5),
      fill,
    ],
    start: { from: mm(2), apart: mm(0), count: 1 },
  },
  {
    key: "framed",
    name: "framed on a straight wire as its stem",
    on: "bend",
    thread: true,
    parts: [
      size("from", "Where the bead begins", "from", "on,"),
      count("circuits", "Circuits round the bead", "", "circuits round it,"),
      count("coils", "Coils on the stem", "", "coils on the stem at each side"),
    ],
    start: { from: mm(8), circuits: 3, coils: 6 },
  },
  {
    key: "centre",
    name: "hung in the centre",
    on: "any",
    thread: true,
    parts: [count("wraps", "Wraps at each side", "with", "wraps at each side")],
    start: { wraps: 3 },
  },
  {
    key: "scattered",
    name: "scattered round the bent wire",
    on: "bend",
    thread: true,
    parts: [
      size("from", "Where the beads begin", "from", "on,"),
      count("coils", "Bare turns between", "", "bare turns between,"),
      count("passes", "Passes along the core", "in", "passes (1 or 2),"),
      fill,
    ],
    start: { from: mm(2), coils: 4, passes: 1, count: 0 },
  },
  {
    key: "met",
    name: "stitched on where it meets another",
    on: "any",
    thread: true,
    parts: [
      count("places", "Places they are stitched", "at", "places,"),
      count("wraps", "Wraps at each side", "", "wraps at each side"),
    ],
    start: { places: 1, wraps: 3 },
  },
  {
    key: "surface",
    name: "across the front from corner to corner",
    on: "weave",
    thread: true,
    parts: [fill],
    start: { count: 0 },
  },
];
