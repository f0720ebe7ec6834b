import { BufferAttribute, BufferGeometry, Color } from "three";

type Point = [number, number, number];

/** Wires as tubes in one geometry: each way is a line of points with its thickness and colour. */
export interface Way {
  points: Point[];
  d: number;
  colour: string;
}

const sub = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: Point, b: Point) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Point, b: Point): Point => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
function unit(a: Point, instead: Point): Point {
  const length = Math.hypot(...a);
  return length < 1e-9 ? instead : [a[0] / length, a[1] / length, a[2] / length];
}

/** The part of a vector square to a direction, carried on from `last` so that a tube does not twist. */
function squareTo(direction: Point, last: Point): Point {
  const along = dot(last, direction);
  const off: Point = [last[0] - along * direction[0], last[1] - along * direction[1], last[2] - along * direction[2]];
  const any: Point = Math.abs(direction[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0];
  return unit(off, unit(cross(direction, any), [0, 0, 1]));
}

/** Points that lie on each other make no direction. */
function distinct(points: Point[]): Point[] {
  return points.filter((point, i) => i === 0 || Math.hypot(...sub(point, points[i - 1]!)) > 1e-6);
}

/** The faces that close a tube: from its ring of `sides` points to one in their middle. */
function capFaces(ring: number, middle: number, sides: number, ahead: boolean): number[] {
  return Array.from({ length: sides }, (_, k) => [ring + k, ring + ((k + 1) % sides)]).flatMap(([here, next]) =>
    ahead ? [middle, here!, next!] : [middle, next!, here!],
  );
}

/**
 * The tubes of some ways one after another, `sides` flat faces round each; closed at both ends if asked for. `ends` are the indices where each way's part of the
 * geometry ends, so that only the first ways can be drawn.
 */
export function tubes(ways: Way[], sides: number, closed = false): { geometry: BufferGeometry; ends: number[] } {
  const positions: number[] = [];
  const normals: number[] = [];
  const colours: number[] = [];
  const indices: number[] = [];
  const ends: number[] = [];
  let normal: Point = [0, 0, 1];
  for (const way of ways) {
    const points = distinct(way.points);
    const colour = new Color(way.colour);
    points.forEach((point, i) => {
      const ahead = points[Math.min(i + 1, points.length - 1)]!;
      const direction = unit(sub(ahead, points[Math.max(i - 1, 0)]!), [1, 0, 0]);
      normal = squareTo(direction, normal);
      const side = cross(direction, normal);
      const first = positions.length / 3;
      for (let k = 0; k < sides; k++) {
        const [c, s] = [Math.cos((2 * Math.PI * k) / sides), Math.sin((2 * Math.PI * k) / sides)];
        for (let axis = 0; axis < 3; axis++) {
          const out = c * normal[axis]! + s * side[axis]!;
          normals.push(out);
          positions.push(point[axis]! + (way.d / 2) * out);
        }
        colours.push(colour.r, colour.g, colour.b);
        if (i === 0) continue;
        const [here, next] = [first + k, first + ((k + 1) % sides)];
        indices.push(here - sides, next - sides, here, next - sides, next, here);
      }
    });
    if (closed && points.length > 1) {
      const ring = positions.length / 3 - sides;
      const rings = [ring - (points.length - 1) * sides, ring];
      [points[0]!, points.at(-1)!].forEach((point, i) => {
        positions.push(...point);
        normals.push(...unit(sub(point, points[i === 0 ? 1 : points.length - 2]!), [1, 0, 0]));
        colours.push(colour.r, colour.g, colour.b);
        indices.push(...capFaces(rings[i]!, positions.length / 3 - 1, sides, i === 1));
      });
    }
    ends.push(indices.length);
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new BufferAttribute(new Float32Array(positions), 3));
  geometry.setAttribute("normal", new BufferAttribute(new Float32Array(normals), 3));
  geometry.setAttribute("color", new BufferAttribute(new Float32Array(colours), 3));
  geometry.setIndex(indices);
  return { geometry, ends };
}
