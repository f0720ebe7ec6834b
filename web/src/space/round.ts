import type { Way } from "./tubes";

/**
 * How a strip is bent round: the radius of its centre line, the place along it that lies nearest to whoever looks, and how far it
 * rises outwards and moves across in a whole turn, so that its ends lie over or beside each other. In mm.
 */
export interface Round {
  radius: number;
  middle: number;
  lift: number;
  slide: number;
}

/** Straight runs are bent in steps of so many mm. */
const STEP_MM = 1.5;

/** The points of a way with none farther from the next than a step along the strip. */
function stepped(points: Way["points"]): Way["points"] {
  return points.flatMap((point, i) => {
    const last = points[i - 1];
    const parts = last ? Math.max(1, Math.ceil(Math.abs(point[0] - last[0]) / STEP_MM)) : 1;
    return Array.from({ length: parts }, (_, k): Way["points"][number] => {
      const share = (k + 1) / parts;
      return last
        ? ([0, 1, 2].map((axis) => last[axis]! + share * (point[axis]! - last[axis]!)) as Way["points"][number])
        : point;
    });
  });
}

/** A way bent round with the strip: its front lies outside, and what is nearest to whoever looks stays where it was. */
export function bent<W extends Way>(way: W, { radius, middle, lift, slide }: Round): W {
  const points = stepped(way.points).map(([along, across, out]): Way["points"][number] => {
    const angle = (along - middle) / radius;
    const turns = angle / (2 * Math.PI);
    const far = radius + out + turns * lift;
    return [far * Math.sin(angle), across + turns * slide, far * Math.cos(angle) - radius];
  });
  return { ...way, points };
}
