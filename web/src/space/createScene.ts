import {
  AmbientLight,
  BufferGeometry,
  DirectionalLight,
  Group,
  Mesh,
  MeshBasicMaterial,
  MeshPhongMaterial,
  PerspectiveCamera,
  Scene,
  SphereGeometry,
  Vector3,
  WebGLRenderer,
} from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import type { Picture } from "../generated/picture";
import type { View } from "../strip/paint";
import { bent, type Round } from "./round";
import { beadGroup, disposeBeads } from "./solids";
import { tubes, type Way } from "./tubes";
import { type MadeWay, standingWays, wovenWays } from "./ways";

/** Narrow, so that near and far look almost alike, in degrees. */
const FIELD_OF_VIEW = 12;
/** Few passes are drawn rounder than many. */
const SIDES = { fine: 12, coarse: 7, coarsest: 5, fineUpTo: 260, coarseUpTo: 800 };

/** The strip in space on a canvas; nothing is drawn but when `render` is called. Throws where there is no WebGL. */
export function createScene(canvas: HTMLCanvasElement) {
  const renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
  renderer.setPixelRatio(window.devicePixelRatio || 1);
  const scene = new Scene();
  const camera = new PerspectiveCamera(FIELD_OF_VIEW, 1, 1, 6000);
  const sun = new DirectionalLight(0xffffff, 2.4);
  sun.position.set(-0.6, 1.4, 2.2);
  const fill = new DirectionalLight(0xffffff, 0.7);
  fill.position.set(1, -1, -0.6);
  camera.add(sun, fill);
  scene.add(camera, new AmbientLight(0xffffff, 0.85));
  const controls = new OrbitControls(camera, canvas);
  controls.minDistance = 6;
  controls.maxDistance = 3000;
  const material = new MeshPhongMaterial({ vertexColors: true, shininess: 60, specular: 0x777777 });
  const model = new Group();
  const weave = new Mesh(undefined, material);
  const standing = new Mesh(undefined, material);
  const end = new Mesh(new SphereGeometry(1, 20, 14), new MeshBasicMaterial());
  model.add(weave, standing, end);
  scene.add(model);
  let beads = new Group();
  let ways: MadeWay[] = [];
  let ends: number[] = [];

  const render = () => renderer.render(scene, camera);
  controls.addEventListener("change", render);

  /** Builds what is seen of the strip, straight or bent round. */
  function build(picture: Picture, view: View, made: number | null, round: Round | null) {
    const lie = <W extends Way>(all: W[]) => (round ? all.map((way) => bent(way, round)) : all);
    ways = lie(wovenWays(picture, view, round ? "round" : "straight"));
    const few = ways.length <= SIDES.fineUpTo;
    const sides = few ? SIDES.fine : ways.length <= SIDES.coarseUpTo ? SIDES.coarse : SIDES.coarsest;
    const woven = tubes(ways, sides);
    ends = woven.ends;
    weave.geometry.dispose();
    weave.geometry = woven.geometry;
    standing.geometry.dispose();
    standing.geometry = tubes(lie(standingWays(picture, made === null)), SIDES.fine, true).geometry;
    const seen = [view.left, view.left + view.width / view.scale].map((mm) => (view.hand === "left" ? -mm : mm));
    lay(beadGroup(picture, Math.min(...seen), Math.max(...seen), round));
    end.scale.setScalar(picture.wire_mm * 0.75);
    model.scale.x = view.hand === "left" ? -1 : 1;
  }

  /** Lays solids in the place of those before. */
  function lay(next: Group) {
    model.remove(beads);
    disposeBeads(beads);
    beads = next;
    model.add(beads);
  }

  /** Builds a whole finished piece from its lines and its beads. */
  function buildWhole(lines: Way[], solids: Group, left: boolean) {
    ways = [];
    ends = [];
    weave.geometry.dispose();
    weave.geometry = new BufferGeometry();
    standing.geometry.dispose();
    standing.geometry = tubes(lines, lines.length > SIDES.fineUpTo ? SIDES.coarse : SIDES.fine, true).geometry;
    lay(solids);
    end.visible = false;
    model.scale.x = left ? -1 : 1;
  }

  /** Looks at the whole of a piece so large, in mm, about its middle, a little from the side. */
  function lookWhole(turned: boolean, [x, y]: [number, number], [wide, high]: [number, number]) {
    model.rotation.set(0, turned ? Math.PI : 0, 0);
    const tall = Math.max(high, wide / camera.aspect) * 1.15;
    controls.target.set(turned !== model.scale.x < 0 ? -x : x, y, 0);
    camera.position.copy(controls.target);
    camera.position.z += tall / 2 / Math.tan((FIELD_OF_VIEW * Math.PI) / 360);
    controls.update();
    orbit(-0.35, 0.25);
  }

  /** Shows the passes that are made, the last of them as far as it has grown; all of them for null. */
  function show(made: number | null, grown: number) {
    end.visible = false;
    for (const bead of beads.children) bead.visible = made === null || bead.userData.pass < made;
    if (made === null) return weave.geometry.setDrawRange(0, Infinity);
    const whole = ways.filter((way) => way.number < made - 1).length;
    const last = ways[whole];
    const from = ends[whole - 1] ?? 0;
    const going = last?.number === made - 1;
    weave.geometry.setDrawRange(0, going ? from + 3 * Math.floor((grown * (ends[whole]! - from)) / 3) : from);
    if (!going) return;
    end.visible = true;
    end.position.set(...last.points[Math.round(grown * (last.points.length - 1))]!);
  }

  /** Looks straight at a place along the strip, so that so many mm of it are seen, from the front or with the work turned over. */
  function face(turned: boolean, along: number, across: number, shownMm: number) {
    model.rotation.set(turned ? Math.PI : 0, 0, 0);
    const distance = shownMm / camera.aspect / 2 / Math.tan((FIELD_OF_VIEW * Math.PI) / 360);
    controls.target.set(along, turned ? -across : across, 0);
    camera.position.set(along, turned ? -across : across, distance);
    controls.update();
  }

  /** Looks at the whole of a strip that is bent round, a little from above and from the side. */
  function look(turned: boolean, across: number, radius: number) {
    model.rotation.set(turned ? Math.PI : 0, 0, 0);
    const distance = (1.9 * radius) / 2 / Math.tan((FIELD_OF_VIEW * Math.PI) / 360);
    controls.target.set(0, turned ? -across : across, turned ? radius : -radius);
    camera.position.copy(controls.target);
    camera.position.z += distance;
    controls.update();
    orbit(-0.45, 0.5);
  }

  /** Moves on along the strip, whichever way it is looked at. */
  function follow(along: number) {
    const by = along - controls.target.x;
    controls.target.x += by;
    camera.position.x += by;
    controls.update();
  }

  /** Turns the view round the strip and over it, in radians. */
  function orbit(round: number, over: number) {
    const arm = camera.position.clone().sub(controls.target);
    arm.applyAxisAngle(new Vector3(0, 1, 0), round);
    const side = new Vector3().crossVectors(arm, camera.up).normalize();
    arm.applyAxisAngle(side, over);
    camera.position.copy(controls.target).add(arm);
    controls.update();
  }

  function zoom(factor: number) {
    const arm = camera.position
      .clone()
      .sub(controls.target)
      .multiplyScalar(1 / factor);
    camera.position.copy(controls.target).add(arm);
    controls.update();
  }

  function resize(width: number, height: number) {
    renderer.setSize(width, height);
    camera.aspect = width / height;
    camera.updateProjectionMatrix();
  }

  function dispose() {
    controls.dispose();
    disposeBeads(beads);
    for (const mesh of [weave, standing, end]) mesh.geometry.dispose();
    material.dispose();
    renderer.dispose();
  }

  const setMark = (colour: string) => (end.material as MeshBasicMaterial).color.set(colour);
  return { build, buildWhole, lookWhole, show, face, look, follow, orbit, zoom, resize, render, setMark, dispose };
}
