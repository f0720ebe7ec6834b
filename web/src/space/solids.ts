import { Group, LatheGeometry, Mesh, MeshPhongMaterial, Vector2, Vector3 } from "three";
import type { Picture } from "../generated/picture";
import { bent, type Round } from "./round";

type Solid = Picture["beads"]["solids"][number];
/** Look, place, direction of the hole, face, pass and number of its placement. */
type Row = [number, number, number, number, number, number, number, number];
const UP = new Vector3(0, 1, 0);
/** Half the way over which a bead's direction is read, in mm. */
const NEAR_MM = 0.01;

const pairs = (flat: number[]) =>
  Array.from({ length: flat.length / 2 }, (_, i): [number, number] => [flat[2 * i]!, flat[2 * i + 1]!]);

/** How far a bead stands out from its middle towards the maker, in mm. */
function halfDepth({ profile, axis, end_on }: Solid): number {
  const upright = axis === "up" ? !end_on : axis === "hole" && end_on;
  return Math.max(...pairs(profile).map(([along, from]) => (upright ? Math.abs(along) : from)));
}

/** How far the weave stands out from the middle of the strip. */
const thick = (picture: Picture) =>
  Math.max(...picture.shapes.flatMap((shape) => shape.points.filter((_, i) => i % 3 === 1).map(Math.abs))) *
    picture.finest_mm +
  picture.wire_mm / 2;

/** Which way a solid's own axis points, its hole leading along `hole` and the maker being at +z. */
function axisOf(solid: Solid, hole: Vector3, out: Vector3): Vector3 {
  const through = solid.end_on ? out : hole;
  if (solid.axis === "hole") return through;
  if (solid.axis === "up") return solid.end_on ? hole : out;
  return new Vector3().crossVectors(through, solid.end_on ? hole : out).normalize();
}

/** Where a bead lies in space, which way its hole leads, and which way it is seen from. */
interface Lie {
  at: Vector3;
  hole: Vector3;
  out: Vector3;
}

/** Beads as solids, each named by the pass it is threaded on; `lie` answers null for those that are not shown. */
function group(drawn: Picture["beads"], lie: (row: Row, depth: number) => Lie | null): Group {
  const all = new Group();
  const { looks, solids, set } = drawn;
  const made = solids.map((solid, i) => ({
    solid,
    geometry: new LatheGeometry(
      pairs(solid.profile).map(([along, off]) => new Vector2(off, along)),
      solid.sides,
    ),
    material: new MeshPhongMaterial({
      color: looks[i]![2]!.tone,
      shininess: 80,
      specular: 0x888888,
      flatShading: solid.sides < 8,
    }),
  }));
  for (const row of set as Row[]) {
    const { solid, geometry, material } = made[row[0]]!;
    const place = lie(row, halfDepth(solid));
    if (!place) continue;
    const mesh = new Mesh(geometry, material);
    mesh.position.copy(place.at);
    mesh.quaternion.setFromUnitVectors(UP, axisOf(solid, place.hole, place.out));
    mesh.userData.pass = row[6];
    all.add(mesh);
  }
  return all;
}

/** The beads of a strip from one place along it to another; straight or bent round. */
export function beadGroup(picture: Picture, from: number, to: number, round: Round | null): Group {
  const weave = picture.beads.set.length ? thick(picture) : 0;
  const bend = (points: [number, number, number][]) =>
    (round ? bent({ points, d: 0, colour: "" }, round).points : points).map((point) => new Vector3(...point));
  return group(picture.beads, ([, x, y, dx, dy, side], depth) => {
    if (!round && (y < from || y > to)) return null;
    const z = side * (weave + depth);
    const line = [-1, 1].map((end): [number, number, number] => [y + end * NEAR_MM * dy, x + end * NEAR_MM * dx, z]);
    const lift = [z, z + NEAR_MM].map((at): [number, number, number] => [y, x, at]);
    const [before, after] = bend(line);
    const [at, above] = bend(lift);
    return { at: at!, hole: after!.sub(before!).normalize(), out: above!.sub(at!).normalize() };
  });
}

/** The beads of a finished piece; `out`: how far what each placement lies on stands out. The page's y runs down. */
export function wholeBeads(drawn: Picture["beads"], out: number[]): Group {
  return group(drawn, ([, x, y, dx, dy, side, , placement], depth) => ({
    at: new Vector3(x, -y, side * (depth + (out[placement] ?? 0))),
    hole: new Vector3(dx, -dy, 0).normalize(),
    out: new Vector3(0, 0, 1),
  }));
}

/** Lets go of what a group was drawn from. */
export function disposeBeads(group: Group) {
  for (const mesh of group.children as Mesh[]) {
    mesh.geometry.dispose();
    (mesh.material as MeshPhongMaterial).dispose();
  }
}
