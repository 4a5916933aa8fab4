// The stage: draws the assembly, says what lies under the cursor, and draws freedoms. It renders only when something changed.
import {
  AmbientLight, BufferAttribute, BufferGeometry, Color, ConeGeometry, DirectionalLight, DoubleSide, Group, HemisphereLight, Line, LineBasicMaterial,
  LineDashedMaterial, LineSegments, Matrix4, Mesh, MeshBasicMaterial, MeshLambertMaterial, MOUSE, PerspectiveCamera, Points, PointsMaterial, Quaternion,
  Raycaster, Scene, SRGBColorSpace, Vector2, Vector3, WebGLRenderer, Box3, Sphere, TubeGeometry, CatmullRomCurve3,
} from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import { acceleratedRaycast } from "three-mesh-bvh";
import { loadShape } from "./shape.js";

Mesh.prototype.raycast = acceleratedRaycast;

const css = (name) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const colorOf = { planned: "--slate", loose: "--ochre", shaky: "--ochre", idle: "--hatch", put: "--slate", on: "--slate", odds: "--madder", hover: "--verdigris" };
const calm = matchMedia("(prefers-reduced-motion: reduce)");

export class Stage {
  constructor(view, labels) {
    this.view = view; this.labelBox = labels;
    this.comps = new Map(); this.hidden = new Set(); this.labels = [];
    this.showFreedoms = true;
    this.gl = new WebGLRenderer({ antialias: true, alpha: true, powerPreference: "low-power" });
    this.gl.setPixelRatio(Math.min(devicePixelRatio || 1, 2));
    view.append(this.gl.domElement);
    this.scene = new Scene();
    this.camera = new PerspectiveCamera(28, 1, 1, 1e5);
    this.camera.up.set(0, 0, 1);
    this.root = new Group(); this.marks = new Group(); this.hover = new Group(); this.picked = new Group();
    this.scene.add(this.root, this.marks, this.hover, this.picked);
    this.scene.add(new HemisphereLight(0xffffff, 0xc9bfae, 1.9), new AmbientLight(0xffffff, 0.25));
    const key = new DirectionalLight(0xffffff, 1.3); key.position.set(2, -3, 5);
    this.scene.add(key);
    this.controls = new OrbitControls(this.camera, this.gl.domElement);
    this.controls.mouseButtons = { LEFT: MOUSE.ROTATE, MIDDLE: MOUSE.PAN, RIGHT: MOUSE.PAN };
    this.controls.enableDamping = false;
    this.controls.zoomToCursor = true;
    this.controls.addEventListener("change", () => this.draw());
    this.ray = new Raycaster();
    new ResizeObserver(() => this.resize()).observe(view);
    addEventListener("themechange", () => { this.recolor(); this.freedoms(this.motions || []); this.draw(); });
    this.resize();
  }

  resize() {
    const w = Math.max(this.view.clientWidth, 1), h = Math.max(this.view.clientHeight, 1);
    this.gl.setSize(w, h);
    this.camera.aspect = w / h;
    this.camera.updateProjectionMatrix();
    this.draw();
  }

  // draw asks for one picture; nothing is drawn while nothing changes.
  draw() {
    if (this.asked) return;
    this.asked = true;
    requestAnimationFrame(() => { this.asked = false; this.fitDepth(); this.gl.render(this.scene, this.camera); this.placeLabels(); });
  }

  fitDepth() {
    const s = this.extent(); if (!s) return;
    const d = this.camera.position.distanceTo(s.center);
    this.camera.near = Math.max((d - s.radius * 2.5), d / 2000, 1e-3); this.camera.far = d + s.radius * 4;
    this.camera.updateProjectionMatrix();
  }

  async show(state, keepView) {
    const wanted = new Map(state.components.filter((c) => !c.suppressed).map((c) => [c.name, c]));
    const loaded = await Promise.all([...wanted.values()].map(async (c) => [c, await Promise.all(c.shapes.map((s) => loadShape(s.sha)))]));
    for (const [name, k] of this.comps) if (!wanted.has(name)) { this.root.remove(k.group); this.comps.delete(name); }
    let fresh = 0;
    for (const [c, shapes] of loaded) {
      let k = this.comps.get(c.name);
      const key = c.shapes.map((s) => s.sha + s.path).join();
      if (k && k.key !== key) { this.root.remove(k.group); this.comps.delete(c.name); k = null; }
      if (!k) { k = this.build(c, shapes, key); this.comps.set(c.name, k); this.root.add(k.group); pose(k.group, c.pose); fresh++; }
      k.data = c;
      c.shapes.forEach((s, i) => pose(k.shapes[i].holder, s.pose));
      k.group.visible = !this.hidden.has(c.name);
    }
    this.motions = state.motions;
    this.goTo(Object.fromEntries([...wanted.values()].map((c) => [c.name, c.pose])));
    if (!keepView && fresh) this.home();
    this.draw();
  }

  build(c, shapes, key) {
    const group = new Group();
    const k = { group, data: c, key, shapes: [] };
    c.shapes.forEach((s, i) => {
      const holder = new Group(), d = shapes[i];
      const mesh = new Mesh(d.geometry, new MeshLambertMaterial({ polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1, side: DoubleSide, transparent: false }));
      mesh.material.color = new Color().setRGB(s.tint[0] / 255, s.tint[1] / 255, s.tint[2] / 255, SRGBColorSpace);
      const lines = new LineSegments(d.edges, new LineBasicMaterial({ color: css("--ink"), transparent: true, opacity: 0.75 }));
      mesh.userData = { k, i }; holder.add(mesh, lines); group.add(holder);
      k.shapes.push({ holder, mesh, lines, d, path: s.path, tint: mesh.material.color.clone() });
    });
    return k;
  }

  recolor() {
    for (const k of this.comps.values()) for (const s of k.shapes) s.lines.material.color.set(css("--ink"));
  }

  // goTo moves components to poses, gliding there.
  goTo(poses, done) {
    cancelAnimationFrame(this.gliding);
    const from = new Map(), to = new Map();
    for (const [name, p] of Object.entries(poses)) {
      const k = this.comps.get(name); if (!k) continue;
      const o = new Vector3(...p.origin), q = new Quaternion(p.quaternion[1], p.quaternion[2], p.quaternion[3], p.quaternion[0]);
      if (k.group.position.distanceTo(o) < 1e-9 && Math.abs(k.group.quaternion.dot(q)) > 1 - 1e-12) continue;
      from.set(k, [k.group.position.clone(), k.group.quaternion.clone()]); to.set(k, [o, q]);
    }
    if (!to.size) { this.freedoms(this.motions || []); done?.(); return; }
    const start = performance.now(), span = calm.matches ? 0 : 260;
    const step = (now) => {
      const t = span ? Math.min(1, (now - start) / span) : 1, e = t * t * (3 - 2 * t);
      for (const [k, [o, q]] of to) { const [o0, q0] = from.get(k); k.group.position.lerpVectors(o0, o, e); k.group.quaternion.slerpQuaternions(q0, q, e); }
      if (t < 1) { this.gliding = requestAnimationFrame(step); } else { this.freedoms(this.motions || []); done?.(); }
      this.refreshPicked();
      this.draw();
    };
    step(start);
  }

  // swing plays solved poses there and back.
  swing(names, poses) {
    cancelAnimationFrame(this.gliding);
    const mid = (poses.length - 1) / 2, start = performance.now(), span = calm.matches ? 0 : 2200;
    this.clearLabels("motion");
    return new Promise((ready) => {
      const step = (now) => {
        const t = span ? Math.min(1, (now - start) / span) : 1;
        const x = Math.max(0, Math.min(poses.length - 1, mid + mid * Math.sin(t * 2 * Math.PI) * (1 - 0.12 * t)));
        const i = Math.min(Math.floor(x), poses.length - 1), j = Math.min(i + 1, poses.length - 1), f = x - i;
        names.forEach((n, c) => {
          const k = this.comps.get(n); if (!k || !poses[i][c]) return;
          const a = poses[i][c], b = poses[j][c];
          k.group.position.set(...a.origin).lerp(new Vector3(...b.origin), f);
          k.group.quaternion.copy(quat(a)).slerp(quat(b), f);
        });
        this.draw();
        if (t < 1) this.gliding = requestAnimationFrame(step); else ready();
      };
      this.gliding = requestAnimationFrame(step);
    });
  }

  // boxOf is a component's extent where it stands now, or that of what lies under a path inside it.
  boxOf(k, path = "") {
    const box = new Box3();
    k.group.updateMatrixWorld(true);
    for (const s of k.shapes) { if (!s.path.startsWith(path)) continue; const g = s.d.geometry; if (!g.boundingBox) g.computeBoundingBox(); box.union(g.boundingBox.clone().applyMatrix4(s.holder.matrixWorld)); }
    return box;
  }

  extent() {
    const box = new Box3();
    for (const k of this.comps.values()) if (k.group.visible) box.union(this.boxOf(k));
    return box.isEmpty() ? null : box.getBoundingSphere(new Sphere());
  }

  corners() {
    const out = [];
    for (const k of this.comps.values()) if (k.group.visible) for (const s of k.shapes) {
      const b = s.d.geometry.boundingBox; if (!b) continue;
      for (let i = 0; i < 8; i++) out.push(new Vector3(i & 1 ? b.max.x : b.min.x, i & 2 ? b.max.y : b.min.y, i & 4 ? b.max.z : b.min.z).applyMatrix4(s.holder.matrixWorld));
    }
    return out;
  }

  home() {
    const s = this.extent(); if (!s) return;
    const dir = new Vector3(0.62, -0.72, 0.46).normalize();
    let need = s.radius / Math.sin((this.camera.fov * Math.PI) / 360) / Math.min(1, this.camera.aspect);
    this.controls.target.copy(s.center);
    // from the ball's distance nearer, until what is seen fills the stage between its head and its foot
    for (let n = 0; n < 6; n++) {
      this.camera.position.copy(s.center).addScaledVector(dir, need);
      this.camera.lookAt(s.center); this.camera.updateMatrixWorld(true);
      let far = 0;
      for (const p of this.corners()) { const q = p.project(this.camera); far = Math.max(far, Math.abs(q.x) / 0.84, Math.abs(q.y) / 0.72); }
      if (far > 0) need *= 1 + (far - 1) * 0.8;
    }
    this.camera.position.copy(s.center).addScaledVector(dir, need);
    this.controls.update();
    this.draw();
  }

  turn(dx, dy) {
    const off = this.camera.position.clone().sub(this.controls.target);
    off.applyAxisAngle(new Vector3(0, 0, 1), dx);
    const side = new Vector3().crossVectors(this.camera.up, off).normalize();
    const next = off.clone().applyAxisAngle(side, dy);
    if (Math.abs(next.clone().normalize().z) < 0.995) off.copy(next);
    this.camera.position.copy(this.controls.target).add(off);
    this.controls.update(); this.draw();
  }

  nearer(f) {
    const off = this.camera.position.clone().sub(this.controls.target).multiplyScalar(f);
    this.camera.position.copy(this.controls.target).add(off);
    this.controls.update(); this.draw();
  }

  setHidden(names) {
    this.hidden = names;
    for (const [n, k] of this.comps) k.group.visible = !names.has(n);
    this.freedoms(this.motions || []); this.draw();
  }

  // light makes some components stand out and the others recede; none brings all back.
  light(names) {
    const set = names && new Set(names);
    for (const [n, k] of this.comps) for (const s of k.shapes) {
      const dim = set && !set.has(n);
      s.mesh.material.transparent = dim; s.mesh.material.opacity = dim ? 0.18 : 1; s.mesh.material.depthWrite = !dim;
      s.lines.material.opacity = dim ? 0.15 : 0.75;
      s.mesh.material.needsUpdate = true;
    }
    this.draw();
  }

  project(p) {
    const v = p.clone().project(this.camera);
    return new Vector2((v.x + 1) / 2 * this.view.clientWidth, (1 - v.y) / 2 * this.view.clientHeight);
  }

  // candidates lists what can be picked at a place, best first: what is nearest to the eye, corners and rims close by, then what lies behind.
  candidates(x, y, filter) {
    const w = this.view.clientWidth, h = this.view.clientHeight;
    this.ray.setFromCamera(new Vector2((x / w) * 2 - 1, 1 - (y / h) * 2), this.camera);
    const meshes = [];
    for (const k of this.comps.values()) if (k.group.visible) for (const s of k.shapes) meshes.push(s.mesh);
    const hits = this.ray.intersectObjects(meshes, false);
    const out = [], seen = new Set();
    const add = (k, s, f, score) => {
      const key = refOf(k, s, f); if (seen.has(key) || !wants(filter, f)) return;
      seen.add(key); out.push({ k, s, f, ref: key, score });
    };
    const front = hits.length ? hits[0].distance : Infinity;
    const cursor = new Vector2(x, y);
    const near = 9;
    const m = new Matrix4();
    for (const k of this.comps.values()) {
      if (!k.group.visible) continue;
      for (const s of k.shapes) {
        const g = s.d.geometry;
        if (!g.boundingSphere || !isFinite(g.boundingSphere.radius)) continue;
        const c = g.boundingSphere.center.clone().applyMatrix4(s.holder.matrixWorld);
        if (this.ray.ray.distanceToPoint(c) > g.boundingSphere.radius * 1.05 + this.pixel(c) * near) continue;
        m.multiplyMatrices(this.camera.projectionMatrix, this.camera.matrixWorldInverse).multiply(s.holder.matrixWorld);
        const seenFrom = (p, slack) => this.camera.position.distanceTo(p) <= front * (1 + 1e-3) + slack;
        for (const [e, f] of s.d.byEdge) {
          const [a, b] = s.d.lineRange(e);
          let best = Infinity, p = null, prev = null, last = null;
          for (let i = a; i < b; i++) {
            const own = new Vector3(s.d.lines[3 * i], s.d.lines[3 * i + 1], s.d.lines[3 * i + 2]), n = own.clone().applyMatrix4(m);
            const q = new Vector2((n.x + 1) / 2 * w, (1 - n.y) / 2 * h);
            if (prev) { const [d, t] = segment(cursor, prev, q); if (d < best) { best = d; p = last.clone().lerp(own, t); } }
            prev = q; last = own;
          }
          if (best > near) continue;
          p.applyMatrix4(s.holder.matrixWorld);
          const visible = seenFrom(p, g.boundingSphere.radius * 0.02 + this.pixel(p) * 3) ;
          add(k, s, f, visible ? (best < 5 ? -10 + best : 2 + best) : 300 + best);
        }
        for (const f of s.d.points) {
          const p = f.at.clone().applyMatrix4(s.holder.matrixWorld);
          const d = this.project(p).distanceTo(cursor);
          if (d < near) add(k, s, f, seenFrom(p, this.pixel(p) * 3) ? (d < 5 ? -20 + d : 20 + d) : 400 + d);
        }
      }
    }
    hits.forEach((hit, i) => {
      const { k, i: si } = hit.object.userData, s = k.shapes[si];
      const f = s.d.byFace.get(s.d.faceOf(hit.faceIndex));
      if (f) add(k, s, f, i === 0 ? 0 : 50 + i);
    });
    out.sort((a, b) => a.score - b.score);
    return out.slice(0, 24);
  }

  // partAt is the part under a place, and where on it.
  partAt(x, y) {
    this.ray.setFromCamera(new Vector2((x / this.view.clientWidth) * 2 - 1, 1 - (y / this.view.clientHeight) * 2), this.camera);
    const meshes = [];
    for (const k of this.comps.values()) if (k.group.visible) for (const s of k.shapes) meshes.push(s.mesh);
    const hit = this.ray.intersectObjects(meshes, false)[0];
    if (!hit) return null;
    const { k, i } = hit.object.userData, s = k.shapes[i], inner = s.path.replace(/\/$/, "");
    // of a subassembly that moves in itself, the part; of a rigid one, the whole
    const name = k.data.base === undefined ? k.data.name : `${k.data.name}/${inner}`;
    return { k, at: hit.point, name, frame: k.data.base === undefined ? k.group : s.holder };
  }

  // part is a part by the core's name for it: what moves with it, and its middle.
  part(name) {
    const [top, ...rest] = name.split("/"), k = this.comps.get(name) || this.comps.get(top);
    if (!k || !k.group.visible) return null;
    const inner = !rest.length || rest.join("/") === k.data.base ? "" : rest.join("/") + "/";
    const s = k.shapes.find((x) => x.path.startsWith(inner)); if (!s) return null;
    return { frame: inner ? s.holder : k.group, middle: this.boxOf(k, inner).getCenter(new Vector3()) };
  }

  // beside is a place some pixels to the right of and above another, as the eye sees it.
  beside(p, right, up) {
    const e = new Vector3(), u = new Vector3(); this.camera.matrixWorld.extractBasis(e, u, new Vector3());
    const d = this.pixel(p);
    return p.clone().addScaledVector(e, right * d).addScaledVector(u, up * d);
  }

  // across is where the cursor points in the plane through a point that faces the eye.
  across(x, y, p) {
    this.ray.setFromCamera(new Vector2((x / this.view.clientWidth) * 2 - 1, 1 - (y / this.view.clientHeight) * 2), this.camera);
    const n = this.camera.getWorldDirection(new Vector3()), d = this.ray.ray.direction;
    return this.ray.ray.origin.clone().addScaledVector(d, p.clone().sub(this.ray.ray.origin).dot(n) / d.dot(n));
  }

  // put sets components where they are at once, from seven numbers each, and draws a line from the hand to its target.
  put(names, poses, hand) {
    cancelAnimationFrame(this.gliding);
    empty(this.marks); this.clearLabels("motion");
    const set = (o, p) => { o.position.set(p[0], p[1], p[2]); o.quaternion.set(p[4], p[5], p[6], p[3]); };
    const inner = [];
    names.forEach((n, i) => {
      const p = poses.subarray(7 * i, 7 * i + 7), [top, ...rest] = n.split("/");
      const k = this.comps.get(n) || this.comps.get(top); if (!k) return;
      if (!rest.length || rest.join("/") === k.data.base) { set(k.group, p); k.group.updateMatrixWorld(true); } else inner.push([k, rest.join("/") + "/", p]);
    });
    const own = new Group(), m = new Matrix4();
    for (const [k, path, p] of inner) for (const s of k.shapes) if (s.path === path) {
      set(own, p); own.updateMatrix();
      m.copy(k.group.matrixWorld).invert().multiply(own.matrix).decompose(s.holder.position, s.holder.quaternion, s.holder.scale);
      s.holder.updateMatrixWorld(true);
    }
    if (hand) {
      const l = new Line(new BufferGeometry().setFromPoints(hand), new LineDashedMaterial({ color: css("--slate"), dashSize: this.pixel(hand[0]) * 6, gapSize: this.pixel(hand[0]) * 4, depthTest: false, transparent: true }));
      l.computeLineDistances(); l.renderOrder = 8; this.marks.add(l);
    }
    this.refreshPicked(); this.draw();
  }

  // pixel is the size of one pixel at a place, in mm.
  pixel(p) { return 2 * this.camera.position.distanceTo(p) * Math.tan((this.camera.fov * Math.PI) / 360) / this.view.clientHeight; }

  find(ref) {
    const parts = ref.split("/"), name = parts.pop();
    if (parts[0] === "@") {
      const f = { n: name, k: { xy: "plane", yz: "plane", zx: "plane", origin: "frame" }[name] || "axis", label: name, at: new Vector3() };
      return { k: null, s: null, f, ref };
    }
    const k = this.comps.get(parts[0]); if (!k) return null;
    const path = parts.slice(1).map((p) => p + "/").join("");
    const s = k.shapes.find((x) => x.path === path); if (!s) return null;
    const f = s.d.byName.get(name);
    return f ? { k, s, f, ref } : null;
  }

  // spot is a place on the feature itself: on the line of an edge, not its middle.
  spot(c) {
    const p = c.f.at.clone();
    if (c.f.edge >= 0) { const [a, b] = c.s.d.lineRange(c.f.edge), i = a + Math.floor((b - a) * 0.6); if (i < b) p.set(c.s.d.lines[3 * i], c.s.d.lines[3 * i + 1], c.s.d.lines[3 * i + 2]); }
    return p.applyMatrix4(c.s.holder.matrixWorld);
  }

  // outline draws a feature so that it can be told apart: its face or edge, and its axis.
  outline(c, color, box) {
    if (!c || !c.s) return;
    const { s, f } = c;
    s.holder.updateWorldMatrix(true, true);
    const put = (o) => { o.matrixAutoUpdate = false; o.matrix.copy(s.holder.matrixWorld); o.renderOrder = 5; box.add(o); };
    if (f.face >= 0) {
      const [a, b] = s.d.faceRange(f.face);
      const g = new BufferGeometry();
      g.setAttribute("position", s.d.geometry.getAttribute("position"));
      g.setIndex(new BufferAttribute(s.d.indices.slice(a, b), 1));
      put(new Mesh(g, new MeshBasicMaterial({ color, transparent: true, opacity: 0.5, side: DoubleSide, depthWrite: false, polygonOffset: true, polygonOffsetFactor: -1, polygonOffsetUnits: -2 })));
    }
    if (f.edge >= 0) {
      const [a, b] = s.d.lineRange(f.edge);
      const pts = []; for (let i = a; i < b; i++) pts.push(new Vector3(s.d.lines[3 * i], s.d.lines[3 * i + 1], s.d.lines[3 * i + 2]));
      if (pts.length > 1) {
        const r = this.pixel(f.at.clone().applyMatrix4(s.holder.matrixWorld)) * 1.6;
        put(new Mesh(new TubeGeometry(new CatmullRomCurve3(pts, false, "centripetal"), Math.max(8, pts.length * 2), r, 5), new MeshBasicMaterial({ color, depthTest: false, transparent: true })));
      }
    }
    if (f.dir && f.k !== "plane" && !(f.edge >= 0 && f.k === "axis")) {
      const reach = f.ends ? new Vector3(...f.ends[0]).distanceTo(new Vector3(...f.ends[1])) * 0.75 + (f.r || 1) : (f.r || 5) * 2.2;
      const g = new BufferGeometry().setFromPoints([f.at.clone().addScaledVector(f.dir, -reach), f.at.clone().addScaledVector(f.dir, reach)]);
      const l = new Line(g, new LineDashedMaterial({ color, dashSize: reach / 9, gapSize: reach / 18, depthTest: false, transparent: true }));
      l.computeLineDistances(); put(l);
    }
    if (f.vertex >= 0 || f.k === "circle" || f.k === "sphere") {
      put(new Points(new BufferGeometry().setFromPoints([f.at]), new PointsMaterial({ color, size: 8, sizeAttenuation: false, depthTest: false, transparent: true })));
    }
  }

  setHover(c) { empty(this.hover); if (c) this.outline(c, css(colorOf.hover), this.hover); this.draw(); }

  setPicked(list) { this.pickList = list; this.refreshPicked(); this.draw(); }

  refreshPicked() {
    empty(this.picked); this.clearLabels("pick");
    for (const { c, role } of this.pickList || []) {
      if (!c?.s) continue;
      this.outline(c, css(colorOf[role]), this.picked);
      this.label("pick", role === "put" ? "put this" : "on this", () => c.f.at.clone().applyMatrix4(c.s.holder.matrixWorld), role);
    }
  }

  // freedoms draws what is left: arrows for slides, arcs for turns, at the part that moves first.
  freedoms(motions) {
    empty(this.marks); this.clearLabels("motion");
    if (!this.showFreedoms || this.previewing) return;
    const firsts = new Map();
    let drawn = 0;
    motions.forEach((m, i) => {
      const k = this.comps.get(m.rides[0]) || this.comps.get((m.rides[0] || "").split("/")[0]); if (!k || !k.group.visible || drawn > 40) return;
      if (m.class === "idle" && motions.length > 12) return;
      if (k.data.left === 6 && m.rides.length === 1) { // a part nobody has related yet: one word instead of six arrows
        if (!firsts.has(m.rides[0])) { firsts.set(m.rides[0], 1); const c = this.boxOf(k).getCenter(new Vector3()); this.label("motion", "free", () => c, m.class, i); }
        return;
      }
      drawn++;
      const ball = this.boxOf(k, this.comps.has(m.rides[0]) ? "" : m.rides[0].slice(k.data.name.length + 1) + "/").getBoundingSphere(new Sphere());
      const color = css(colorOf[m.class]), dir = new Vector3(...m.direction);
      const count = firsts.get(m.rides[0]) || 0; firsts.set(m.rides[0], count + 1);
      const size = Math.max(ball.radius, 1e-3);
      const tube = (pts) => new Mesh(new TubeGeometry(new CatmullRomCurve3(pts), Math.max(2, pts.length), size * 0.014, 6), new MeshBasicMaterial({ color, depthTest: false, transparent: true, opacity: 0.95 }));
      const tip = (p, d) => { const c = new Mesh(new ConeGeometry(size * 0.05, size * 0.13, 12), new MeshBasicMaterial({ color, depthTest: false, transparent: true })); c.position.copy(p); c.quaternion.setFromUnitVectors(new Vector3(0, 1, 0), d.clone().normalize()); return c; };
      let at;
      if (m.kind === "slide") {
        const a = ball.center.clone().addScaledVector(dir, -size * 0.5), b = ball.center.clone().addScaledVector(dir, size * 1.05);
        this.marks.add(tube([a, b]), tip(b, dir)); at = b.clone().addScaledVector(dir, size * 0.15);
      } else {
        const p = new Vector3(...m.point), c = p.clone().addScaledVector(dir, ball.center.clone().sub(p).dot(dir)).addScaledVector(dir, size * 0.35);
        const off = ball.center.clone().sub(p); off.addScaledVector(dir, -off.dot(dir));
        const r = Math.min(Math.max(size * 0.5, 0.2 * size), size) * (1 + 0.12 * count);
        const u = off.length() > 1e-6 * size ? off.normalize() : new Vector3(0, 0, 1).cross(dir).lengthSq() > 1e-6 ? new Vector3(0, 0, 1).cross(dir).normalize() : new Vector3(1, 0, 0);
        const v = dir.clone().cross(u), pts = [];
        const pitch = m.kind === "screw" ? Math.sign(m.pitch_mm) * size * 0.3 : 0;
        for (let k2 = 0; k2 <= 28; k2++) { const t = -1.2 + (3.6 * k2) / 28; pts.push(c.clone().addScaledVector(u, r * Math.cos(t)).addScaledVector(v, r * Math.sin(t)).addScaledVector(dir, pitch * k2 / 28)); }
        this.marks.add(tube(pts), tip(pts[28], pts[28].clone().sub(pts[27])));
        const axis = new Line(new BufferGeometry().setFromPoints([c.clone().addScaledVector(dir, -size * 1.3), c.clone().addScaledVector(dir, size * 0.8)]), new LineDashedMaterial({ color, dashSize: size * 0.08, gapSize: size * 0.05, depthTest: false, transparent: true }));
        axis.computeLineDistances(); this.marks.add(axis); at = pts[20];
      }
      const more = m.rides.length > 1 ? ` · ${m.rides.length} ride` : "";
      if (m.class !== "idle" || motions.length < 4) this.label("motion", `${m.kind} · ${m.class}${more}`, () => at, m.class, i);
    });
    for (const o of this.marks.children) o.renderOrder = 8;
  }

  label(kind, text, where, cls) {
    const el = document.createElement("span");
    el.textContent = text; el.className = `l-${cls}`;
    this.labelBox.append(el);
    this.labels.push({ kind, el, where });
  }

  clearLabels(kind) {
    this.labels = this.labels.filter((l) => { if (l.kind === kind) l.el.remove(); return l.kind !== kind; });
  }

  // placeLabels keeps labels beside what they name, inside the stage and off one another.
  placeLabels() {
    const taken = [];
    for (const l of this.labels) {
      const p = this.project(l.where()), w = l.el.offsetWidth || 80, h = 22;
      let x = Math.max(4, Math.min(this.view.clientWidth - w - 4, p.x + 10)), y = Math.max(44, Math.min(this.view.clientHeight - h - 44, p.y - 11));
      for (let n = 0; n < 24 && taken.some((t) => x < t[0] + t[2] && t[0] < x + w && y < t[1] + h && t[1] < y + h); n++) y = y + 23 > this.view.clientHeight - h - 4 ? 44 : y + 23;
      taken.push([x, y, w]);
      l.el.style.transform = `translate(${Math.round(x)}px, ${Math.round(y)}px)`;
    }
  }
}

export function refOf(k, s, f) { return `${k.data.name}/${s.path}${f.n}`; }

export function wants(filter, f) {
  switch (filter) {
    case "face": return f.face >= 0;
    case "axis": return !!f.dir && f.k !== "plane" && f.k !== "circle";
    case "rim": return f.k === "circle";
    case "point": return f.vertex >= 0 || f.k === "sphere";
  }
  return true;
}

function pose(o, p) { o.position.set(...p.origin); o.quaternion.copy(quat(p)); o.updateMatrixWorld(true); }
function quat(p) { return new Quaternion(p.quaternion[1], p.quaternion[2], p.quaternion[3], p.quaternion[0]); }

function empty(group) {
  for (const o of [...group.children]) { group.remove(o); if (o.geometry && !o.geometry.boundsTree) { if (!o.geometry.index || !o.isMesh) o.geometry.dispose(); } o.material?.dispose?.(); }
}

function segment(p, a, b) {
  const d = b.clone().sub(a), l = d.lengthSq();
  const t = l ? Math.max(0, Math.min(1, p.clone().sub(a).dot(d) / l)) : 0;
  return [p.distanceTo(a.clone().addScaledVector(d, t)), t];
}
