import type { Picture } from "../generated/picture";
import { seenCells, type View } from "../strip/paint";
import { passPoints } from "../strip/passes";
import type { Way } from "./tubes";

/** A pass of the weaving wire with its number in the order of work. */
export interface MadeWay extends Way {
  number: number;
}

/** More passes than this are not shown in space at once: those nearest the middle of what is seen are. */
const MOST_PASSES = { straight: 700, round: 4000 };

const colourOf = (picture: Picture, wire: string) => picture.tones[wire]![2]![0] as string;

/** The passes of the weave that are seen, in the order of work; along, across and towards the maker are x, y and z. */
export function wovenWays(picture: Picture, view: View, lies: keyof typeof MOST_PASSES): MadeWay[] {
  const middle = (view.hand === "left" ? -1 : 1) * (view.left + view.width / view.scale / 2);
  const passes = [...seenCells(picture, view)].flatMap(({ place, first, last }) =>
    Array.from({ length: last - first + 1 }, (_, i) => first + i).flatMap((copy) =>
      picture.cells[place.cell]!.passes.map((row, i) => ({
        row,
        wire: place.wire,
        at: place.at + copy * place.step,
        number: place.pass + copy * place.every + i,
      })),
    ),
  );
  const off = (pass: { row: number[]; at: number }) => Math.abs(pass.at + pass.row[3]! * picture.finest_mm - middle);
  return passes
    .sort((a, b) => off(a) - off(b))
    .slice(0, MOST_PASSES[lies])
    .sort((a, b) => a.number - b.number)
    .map(({ row, at, wire, number }) => ({
      number,
      d: picture.wire_mm,
      colour: colourOf(picture, wire),
      points: passPoints(picture, row).map(([y, x, z]) => [y + at, x, z]),
    }));
}

/** Base wires and endings; the weaving wire's own ends only where the strip is finished. */
export function standingWays(picture: Picture, finished: boolean): Way[] {
  const woven = new Set(picture.placements.map((place) => place.wire));
  const rods = picture.rods.map((rod): Way => ({
    d: rod.d,
    colour: colourOf(picture, rod.wire),
    points: [
      [rod.from, rod.x, 0],
      [rod.to, rod.x, 0],
    ],
  }));
  const strands = picture.strands
    .filter((strand) => finished || !woven.has(strand.wire))
    .map((strand): Way => ({
      d: strand.d,
      colour: colourOf(picture, strand.wire),
      points: strand.points.map((point) => [point[1]!, point[0]!, point[2]!]),
    }));
  return [...rods, ...strands];
}
