// @ts-check
// What is drawn over the parts: the feature under the cursor, what is picked, and the freedoms that are left.
import {
  BufferAttribute, BufferGeometry, CatmullRomCurve3, ConeGeometry, DoubleSide, Group, Line, LineDashedMaterial, Mesh, MeshBasicMaterial,
  Points, PointsMaterial, Sphere, TubeGeometry, Vector3,
} from "three";
import { mostLabels } from "./labels.js";

/**
 * @typedef {import("./pick.js").Candidate} Candidate
 * @typedef {object} Motion as the account tells it
 * @property {string} kind
 * @property {string} class
 * @property {number[]} point
 * @property {number[]} direction
 * @property {number} pitch_mm
 * @property {string[]} rides
 */

/** @param {string} name */
export const css = (name) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** @type {Record<string, string>} */
const colorOf = {
  planned: "--slate",
  loose: "--ochre",
  shaky: "--ochre",
  idle: "--hatch",
  put: "--slate",
  on: "--slate",
  put_too: "--slate",
  hole: "--slate",
  on_too: "--slate",
  about: "--ochre",
  odds: "--madder",
  hover: "--verdigris",
};

// which freedoms are told first where there are too many
const order = ["loose", "shaky", "planned", "idle"];
const mostDrawn = 40;

/** Empties a group and frees what was drawn for it. Looks are kept. @param {Group} group */
export function empty(group) {
  for (const o of [...group.children]) {
    group.remove(o);
    /** @type {any} */ (o).geometry?.dispose();
  }
}

/** @type {Map<string, import("three").Material>} */
const looks = new Map();

/**
 * A look in a colour, made once: with the last that has it a renderer would let its program go, and make it anew for the next.
 * @template {import("three").Material} T @param {string} name @param {string} color @param {() => T} make
 */
function look(name, color, make) {
  const key = `${name} ${color}`;
  const had = looks.get(key);
  if (had) return /** @type {T} */ (had);
  const made = make();
  looks.set(key, made);
  return made;
}

/** @param {string} color */
const faceLook = (color) => look("face", color, () => {
  const clear = { transparent: true, opacity: 0.5, side: DoubleSide, depthWrite: false };
  return new MeshBasicMaterial({ color, ...clear, polygonOffset: true, polygonOffsetFactor: -1, polygonOffsetUnits: -2 });
});

/** @param {string} color */
const overLook = (color) => look("over", color, () => new MeshBasicMaterial({ color, depthTest: false, transparent: true }));

/** @param {string} color */
const pointLook = (color) => look("point", color, () => {
  return new PointsMaterial({ color, size: 8, sizeAttenuation: false, depthTest: false, transparent: true });
});

/** One of each thing that outlines are drawn of, without any size: drawn once, a renderer has them all ready. */
export function specks() {
  const color = css(colorOf.hover);
  const nothing = () => [new Vector3(), new Vector3(), new Vector3()];
  const shape = () => new BufferGeometry().setFromPoints(nothing());
  const all = new Group();
  all.add(new Mesh(shape(), faceLook(color)), new Mesh(shape(), overLook(color)), new Points(shape(), pointLook(color)));
  all.add(dashed(nothing(), color, 2, 1));
  for (const o of all.children) o.frustumCulled = false;
  return all;
}

/** Outlines a feature so that it can be told apart: its face or edge, and its axis. */
export class Outline {
  /** @param {import("./view.js").View} view */
  constructor(view) {
    this.view = view;
    this.group = new Group();
  }

  clear() {
    empty(this.group);
  }

  /** @param {Candidate | null} c @param {string} role */
  draw(c, role) {
    if (!c?.s) return;
    const color = css(colorOf[role]);
    for (const f of [c.f, ...(c.s.shape.twins.get(c.f.n) ?? [])]) {
      if (f.face >= 0) this.face(c.s, f, color);
      if (f.edge >= 0) this.edge(c.s, f, color);
    }
    if (c.f.dir && c.f.k !== "plane" && !(c.f.edge >= 0 && c.f.k === "axis")) this.axis(c.s, c.f, color);
    if (c.f.vertex >= 0 || c.f.helper || c.f.k === "circle" || c.f.k === "sphere") this.point(c.s, c.f, color);
  }

  /** @param {import("./scene.js").Use} u @param {import("three").Object3D} o */
  put(u, o) {
    o.matrixAutoUpdate = false;
    o.matrix.copy(u.world);
    o.renderOrder = 5;
    this.group.add(o);
  }

  /** @param {import("./scene.js").Use} u @param {import("./shape.js").Feature} f @param {string} color */
  face(u, f, color) {
    const [a, b] = u.shape.faceRange(f.face);
    const all = u.shape.geometry.getAttribute("position").array;
    const own = new Float32Array(3 * (b - a));
    for (let i = a; i < b; i++) {
      for (let q = 0; q < 3; q++) own[3 * (i - a) + q] = all[3 * u.shape.indices[i] + q];
    }
    const g = new BufferGeometry();
    g.setAttribute("position", new BufferAttribute(own, 3));
    this.put(u, new Mesh(g, faceLook(color)));
  }

  /** @param {import("./scene.js").Use} u @param {import("./shape.js").Feature} f @param {string} color */
  edge(u, f, color) {
    const [a, b] = u.shape.lineRange(f.edge);
    const pts = [];
    for (let i = a; i < b; i++) pts.push(new Vector3().fromArray(u.shape.lines, 3 * i));
    if (pts.length < 2) return;
    const r = this.view.pixel(u.toWorld(f.at.clone())) * 1.6;
    const tube = new TubeGeometry(new CatmullRomCurve3(pts, false, "centripetal"), Math.max(8, pts.length * 2), r, 5);
    this.put(u, new Mesh(tube, overLook(color)));
  }

  /** @param {import("./scene.js").Use} u @param {import("./shape.js").Feature} f @param {string} color */
  axis(u, f, color) {
    const dir = /** @type {Vector3} */ (f.dir);
    let reach = (f.r || 5) * 2.2;
    if (f.ends) {
      const [p, q] = f.ends.map((e) => new Vector3(e[0], e[1], e[2]));
      reach = p.distanceTo(q) * 0.75 + (f.r || 1);
    }
    const ends = [f.at.clone().addScaledVector(dir, -reach), f.at.clone().addScaledVector(dir, reach)];
    this.put(u, dashed(ends, color, reach / 9, reach / 18));
  }

  /** @param {import("./scene.js").Use} u @param {import("./shape.js").Feature} f @param {string} color */
  point(u, f, color) {
    this.put(u, new Points(new BufferGeometry().setFromPoints([f.at]), pointLook(color)));
  }
}

/** A dashed line over all else. @param {Vector3[]} ends @param {string} color @param {number} dashSize @param {number} gapSize */
export function dashed(ends, color, dashSize, gapSize) {
  const gap = Math.round((100 * gapSize) / dashSize) / 100;
  const made = () => new LineDashedMaterial({ color, dashSize: 1, gapSize: gap, depthTest: false, transparent: true });
  const l = new Line(new BufferGeometry().setFromPoints(ends), look(`dashed ${gap}`, color, made));
  l.computeLineDistances();
  const along = l.geometry.getAttribute("lineDistance");
  for (let i = 0; i < along.count; i++) along.setX(i, along.getX(i) / dashSize);
  return l;
}

/** Freedoms draws what is left: arrows for slides, arcs for turns, at the part that moves first. */
export class Freedoms {
  /** @param {import("./scene.js").Scene} scene @param {import("./labels.js").Labels} labels */
  constructor(scene, labels) {
    this.scene = scene;
    this.labels = labels;
    this.group = new Group();
    this.uncounted = 0; // motions that are not drawn
  }

  clear() {
    empty(this.group);
    this.labels.clear("motion");
  }

  /** @param {Motion[]} motions */
  draw(motions) {
    this.clear();
    const told = this.choose(motions);
    /** @type {Map<string, number>} */
    const count = new Map();
    let labels = 0;
    let left = 0;
    for (const t of told) {
      const n = count.get(t.name) || 0;
      count.set(t.name, n + 1);
      const at = t.free ? this.scene.boxOf(t.k).getCenter(new Vector3()) : this.arrow(t, n);
      if (!t.text) continue;
      if (labels++ < mostLabels) this.labels.add("motion", t.text, () => at, t.m.class);
      else left++;
    }
    left += this.uncounted;
    if (left > 0) this.labels.rest(`and ${left} more`);
    for (const o of this.group.children) o.renderOrder = 8;
  }

  /**
   * Chooses what is drawn: what is loose before what is planned or idle, a part that nobody has related yet by one word.
   * @param {Motion[]} motions
   */
  choose(motions) {
    const out = [];
    const free = new Set();
    this.uncounted = 0;
    const sorted = motions.filter((m) => m.rides.length).sort((a, b) => order.indexOf(a.class) - order.indexOf(b.class));
    for (const m of sorted) {
      const name = m.rides[0];
      const k = this.scene.holding(name);
      if (!k || !k.visible || (m.class === "idle" && motions.length > 12)) continue;
      if (k.data.left === 6 && m.rides.length === 1) {
        if (free.has(name)) continue;
        free.add(name);
        out.push({ m, k, name, free: true, text: "free" });
        continue;
      }
      if (out.length >= mostDrawn) {
        this.uncounted++;
        continue;
      }
      const more = m.rides.length > 1 ? ` · ${m.rides.length} ride` : "";
      const text = m.class !== "idle" || motions.length < 4 ? `${m.kind} · ${m.class}${more}` : "";
      out.push({ m, k, name, free: false, text });
    }
    // arrows say more than the word that nothing is said yet
    return [...out.filter((t) => !t.free), ...out.filter((t) => t.free)];
  }

  /**
   * Draws one motion and tells where its label goes.
   * @param {{m: Motion, k: import("./scene.js").Placed, name: string}} t @param {number} n of the same part before it
   */
  arrow({ m, k, name }, n) {
    const inner = this.scene.comps.has(name) ? "" : name.slice(k.data.name.length + 1) + "/";
    const ball = this.scene.boxOf(k, inner).getBoundingSphere(new Sphere());
    const color = css(colorOf[m.class]);
    const dir = new Vector3(m.direction[0], m.direction[1], m.direction[2]);
    const size = Math.max(ball.radius, 1e-3);
    if (m.kind === "slide") {
      const a = ball.center.clone().addScaledVector(dir, -size * 0.5);
      const b = ball.center.clone().addScaledVector(dir, size * 1.05);
      this.group.add(tube([a, b], size, color), tip(b, dir, size, color));
      return b.clone().addScaledVector(dir, size * 0.15);
    }
    const p = new Vector3(m.point[0], m.point[1], m.point[2]);
    const along = ball.center.clone().sub(p).dot(dir);
    const c = p.clone().addScaledVector(dir, along + size * 0.35);
    const hand = m.kind === "screw" ? Math.sign(m.pitch_mm) : 0;
    const pts = arc(c, dir, ball.center.clone().sub(p).addScaledVector(dir, -along), size, n, hand);
    const last = pts.length - 1;
    this.group.add(tube(pts, size, color), tip(pts[last], pts[last].clone().sub(pts[last - 1]), size, color));
    const ends = [c.clone().addScaledVector(dir, -size * 1.3), c.clone().addScaledVector(dir, size * 0.8)];
    this.group.add(dashed(ends, color, size * 0.08, size * 0.05));
    return pts[20];
  }
}

/** @param {Vector3[]} pts @param {number} size @param {string} color */
function tube(pts, size, color) {
  const g = new TubeGeometry(new CatmullRomCurve3(pts), Math.max(2, pts.length), size * 0.014, 6);
  const made = () => new MeshBasicMaterial({ color, depthTest: false, transparent: true, opacity: 0.95 });
  return new Mesh(g, look("arrow", color, made));
}

/** @param {Vector3} p @param {Vector3} d @param {number} size @param {string} color */
function tip(p, d, size, color) {
  const c = new Mesh(new ConeGeometry(size * 0.05, size * 0.13, 12), overLook(color));
  c.position.copy(p);
  c.quaternion.setFromUnitVectors(new Vector3(0, 1, 0), d.clone().normalize());
  return c;
}

/**
 * Points of an arc about an axis through c, beginning towards off; with a hand it rises along the axis.
 * @param {Vector3} c @param {Vector3} dir @param {Vector3} off @param {number} size @param {number} n @param {number} hand
 */
function arc(c, dir, off, size, n, hand) {
  const r = size * 0.5 * (1 + 0.12 * n);
  const up = new Vector3(0, 0, 1).cross(dir);
  let u = new Vector3(1, 0, 0);
  if (off.length() > 1e-6 * size) u = off.clone().normalize();
  else if (up.lengthSq() > 1e-6) u = up.normalize();
  const v = dir.clone().cross(u);
  const pts = [];
  for (let k = 0; k <= 28; k++) {
    const t = -1.2 + (3.6 * k) / 28;
    const p = c.clone().addScaledVector(u, r * Math.cos(t)).addScaledVector(v, r * Math.sin(t));
    pts.push(p.addScaledVector(dir, (hand * size * 0.3 * k) / 28));
  }
  return pts;
}
