// @ts-check
// The eye: camera, light and the renderer. A picture is drawn only when something asked for it.
import {
  AmbientLight, DirectionalLight, HemisphereLight, MOUSE, PerspectiveCamera, Scene as World, Vector2, Vector3, WebGLRenderer,
} from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import { specks } from "./marks.js";
import { pause } from "../net.js";

const wide = 28; // degrees
const narrow = 0.2;
const unsaid = 250; // ms that programs take where nobody says when they are there

export class View {
  /**
   * @param {HTMLElement} box @param {() => {center: Vector3, radius: number} | null} extent
   * @param {() => boolean} before whether some is to be made ready first
   * @param {() => void} after
   */
  constructor(box, extent, before, after) {
    this.box = box;
    this.extent = extent;
    this.before = before;
    this.after = after;
    this.width = Math.max(box.clientWidth, 1);
    this.height = Math.max(box.clientHeight, 1);
    // What follows the pointer has a picture of its own over the first, so that moving the pointer does not draw all parts again. Both
    // are drawn by one renderer, since browsers take long to make one: the first is kept in a plain canvas below.
    this.below = document.createElement("canvas");
    this.paper = /** @type {CanvasRenderingContext2D} */ (this.below.getContext("2d"));
    box.append(this.below);
    this.gl = this.renderer();
    this.world = new World();
    this.overlay = new World();
    this.pictures = 0; // of all parts that were drawn
    this.asked = false;
    this.askedOver = false;
    this.bare = true; // nothing is drawn on top
    /** @type {Set<string>} looks that the browser has made ready, or is about to */
    this.known = new Set();
    this.learning = 0; // calls that go on
    this.learnt = Promise.resolve();
    this.camera = new PerspectiveCamera(wide, 1, 1, 1e5);
    this.camera.up.set(0, 0, 1);
    this.world.add(new HemisphereLight(0xffffff, 0xc9bfae, 1.9), new AmbientLight(0xffffff, 0.25));
    const key = new DirectionalLight(0xffffff, 1.3);
    key.position.set(2, -3, 5);
    this.world.add(key);
    this.controls = new OrbitControls(this.camera, this.gl.domElement);
    this.controls.mouseButtons = { LEFT: MOUSE.ROTATE, MIDDLE: MOUSE.PAN, RIGHT: MOUSE.PAN };
    this.controls.enableDamping = false;
    this.controls.zoomToCursor = true;
    this.controls.addEventListener("change", () => this.draw());
    new ResizeObserver(() => this.resize()).observe(box);
    this.resize();
    const marks = new World().add(specks()); // how outlines look is made ready before the pointer moves
    this.learn([marks], marks).then(() => this.speck(marks));
  }

  resize() {
    this.width = Math.max(this.box.clientWidth, 1);
    this.height = Math.max(this.box.clientHeight, 1);
    this.gl.setSize(this.width, this.height);
    const { width, height } = this.gl.domElement;
    Object.assign(this.below, { width, height });
    Object.assign(this.below.style, { width: `${this.width}px`, height: `${this.height}px` });
    this.camera.aspect = this.width / this.height;
    this.camera.updateProjectionMatrix();
    this.draw();
  }

  /** Asks for one picture. */
  draw() {
    if (this.asked) return;
    this.asked = true;
    requestAnimationFrame(() => {
      this.asked = false;
      if (this.learns()) return;
      if (this.before()) {
        this.makeReady();
        this.draw();
        return;
      }
      this.fitDepth();
      this.drawAll();
      this.after();
    });
  }

  /** Has the browser make looks ready that it does not know, without waiting for it; it tells whether there are any. A picture follows. */
  learns() {
    /** @type {Map<string, import("three").Object3D>} */
    const fresh = new Map();
    this.world.traverse((/** @type {any} */ o) => {
      const key = o.material && `${o.material.id} ${o.type} ${!!o.isInstancedMesh}`;
      if (key && !this.known.has(key)) fresh.set(key, o);
    });
    for (const key of fresh.keys()) this.known.add(key);
    if (fresh.size) this.learn([...fresh.values()], this.world).then(() => this.draw());
    return this.learning > 0;
  }

  /**
   * Has the browser make the looks of things ready, as they are in a world, one call after another. What asks for a program before it
   * is there, or before what was asked for earlier is drawn, holds up the page.
   * @param {import("three").Object3D[]} things @param {World} world
   */
  learn(things, world) {
    this.learning++;
    this.learnt = this.learnt.then(async () => {
      for (const o of things) this.gl.compile(o, this.camera, world);
      await this.idle();
      // some browsers do not say when programs are there
      if (!this.gl.extensions.has("KHR_parallel_shader_compile")) await pause(unsaid);
      for (const o of things) await this.gl.compileAsync(o, this.camera, world);
      this.learning--;
    });
    return this.learnt;
  }

  /** Waits until all that the browser was asked to draw is drawn. */
  async idle() {
    const gl = /** @type {WebGL2RenderingContext} */ (this.gl.getContext());
    const done = gl.fenceSync(gl.SYNC_GPU_COMMANDS_COMPLETE, 0);
    gl.flush();
    while (done && !gl.isContextLost() && gl.getSyncParameter(done, gl.SYNC_STATUS) !== gl.SIGNALED) await pause(10);
    gl.deleteSync(done);
  }

  /** Draws everything, and what follows the pointer over it. */
  drawAll() {
    this.drawBelow();
    this.bare = false;
    this.drawTop();
  }

  /** Draws all parts, and keeps their picture below. */
  drawBelow() {
    this.pictures++;
    this.gl.render(this.world, this.camera);
    this.paper.clearRect(0, 0, this.below.width, this.below.height);
    this.paper.drawImage(this.gl.domElement, 0, 0);
  }

  /**
   * Draws at once, and what is about a place into a small canvas.
   * @param {HTMLCanvasElement} small @param {Vector3} middle @param {number} reach
   */
  into(small, middle, reach) {
    while (this.before()) this.makeReady();
    this.fitDepth();
    this.drawAll();
    const c = this.below;
    const at = middle.clone().project(this.camera);
    const side = new Vector3().setFromMatrixColumn(this.camera.matrixWorld, 0).multiplyScalar(reach).add(middle).project(this.camera);
    const h = Math.min(c.height, Math.max(small.height, Math.abs(side.x - at.x) * c.width));
    const w = (h * small.width) / small.height;
    const [x, y] = [((at.x + 1) / 2) * c.width - w / 2, ((1 - at.y) / 2) * c.height - h / 2];
    small.getContext("2d")?.drawImage(c, x, y, w, h, 0, 0, small.width, small.height);
  }

  /** Draws at once, all of it into a canvas of another size. @param {HTMLCanvasElement} to */
  copy(to) {
    while (this.before()) this.makeReady();
    this.fitDepth();
    this.drawAll();
    const c = to.getContext("2d", { willReadFrequently: true });
    c?.drawImage(this.below, 0, 0, to.width, to.height);
    return c;
  }

  /** Asks for one picture of what follows the pointer; one of everything brings it along. */
  drawOver() {
    if (this.asked || this.askedOver) return;
    this.askedOver = true;
    requestAnimationFrame(() => {
      if (this.askedOver) this.drawTop();
    });
  }

  drawTop() {
    this.askedOver = false;
    const bare = !this.overlay.children.some((o) => o.children.length > 0);
    if (bare && this.bare) return;
    this.bare = bare;
    if (bare) this.gl.clear();
    else this.gl.render(this.overlay, this.camera);
  }

  /** Gives the renderer what is to be drawn, without a picture of it: that of many parts would be drawn again and again. */
  makeReady() {
    this.speck(this.world);
  }

  /** Draws no more than a speck of a world: what it wants is ready then. @param {World} world */
  speck(world) {
    this.gl.setScissorTest(true);
    this.gl.setScissor(0, 0, 1, 1);
    this.gl.render(world, this.camera);
    this.gl.setScissorTest(false);
  }

  /** Makes the renderer. Its canvas has its size before: another size later makes the browser wait for what draws. */
  renderer() {
    const canvas = document.createElement("canvas");
    const ratio = Math.min(devicePixelRatio || 1, 2);
    canvas.width = Math.floor(this.width * ratio);
    canvas.height = Math.floor(this.height * ratio);
    const gl = new WebGLRenderer({ canvas, antialias: true, alpha: true, powerPreference: "low-power" });
    gl.debug.checkShaderErrors = false; // asking waits for them
    gl.setPixelRatio(ratio);
    canvas.className = "top";
    this.box.append(canvas);
    return gl;
  }

  fitDepth() {
    const s = this.extent();
    if (!s) return;
    const d = this.camera.position.distanceTo(s.center);
    this.camera.near = Math.max(d - s.radius * 2.5, d / 2000, 1e-3);
    this.camera.far = d + s.radius * 4;
    this.controls.maxDistance = Infinity;
    this.camera.updateProjectionMatrix();
  }

  /** Draws in parallel, or as the eye sees: a narrow eye far away is off by a tenth of a degree at the border. @param {boolean} on */
  parallel(on) {
    const to = on ? narrow : wide;
    if (this.camera.fov === to) return;
    const f = Math.tan((this.camera.fov * Math.PI) / 360) / Math.tan((to * Math.PI) / 360);
    this.camera.fov = to;
    this.camera.updateProjectionMatrix();
    this.nearer(f);
  }

  /** Where the eye is and what it looks at, to be kept. */
  kept() {
    const { camera, controls } = this;
    return { eye: camera.position.toArray(), at: controls.target.toArray(), fov: camera.fov };
  }

  /** @param {{eye: number[], at: number[], fov: number}} v */
  restore(v) {
    this.camera.fov = v.fov;
    this.camera.updateProjectionMatrix();
    this.camera.position.fromArray(v.eye);
    this.controls.target.fromArray(v.at);
    this.controls.update();
    this.draw();
  }

  /**
   * Shows everything. @param {Vector3[]} corners of what there is @param {Vector3} [from] the side it is seen from
   * @param {number} [covered] the part of the stage, from below, that something lies over
   */
  home(corners, from, covered = 0) {
    const s = this.extent();
    if (!s) return;
    const dir = (from ?? new Vector3(0.62, -0.72, 0.46)).clone().normalize();
    let need = s.radius / Math.sin((this.camera.fov * Math.PI) / 360) / Math.min(1, this.camera.aspect);
    this.controls.target.copy(s.center);
    const p = new Vector3();
    // from the ball's distance nearer, until what is seen fills the stage between its head and its foot
    for (let n = 0; n < 6; n++) {
      this.camera.position.copy(s.center).addScaledVector(dir, need);
      this.camera.lookAt(s.center);
      this.camera.updateMatrixWorld(true);
      let far = 0;
      for (const c of corners) {
        p.copy(c).project(this.camera);
        far = Math.max(far, Math.abs(p.x) / 0.84, Math.abs(p.y) / (0.72 * (1 - covered)));
      }
      if (far > 0) need *= 1 + (far - 1) * 0.8;
    }
    const lower = covered * need * Math.tan((this.camera.fov * Math.PI) / 360); // into the middle of what is not covered
    const up = new Vector3(0, 1, 0).applyQuaternion(this.camera.quaternion);
    this.controls.target.addScaledVector(up, -lower);
    this.camera.position.copy(s.center).addScaledVector(dir, need).addScaledVector(up, -lower);
    this.controls.update();
    this.draw();
  }

  /** @param {number} dx @param {number} dy radians */
  turn(dx, dy) {
    const off = this.camera.position.clone().sub(this.controls.target);
    off.applyAxisAngle(new Vector3(0, 0, 1), dx);
    const side = new Vector3().crossVectors(this.camera.up, off).normalize();
    const next = off.clone().applyAxisAngle(side, dy);
    if (Math.abs(next.clone().normalize().z) < 0.995) off.copy(next);
    this.camera.position.copy(this.controls.target).add(off);
    this.controls.update();
    this.draw();
  }

  /** @param {number} f part of the distance */
  nearer(f) {
    const off = this.camera.position.clone().sub(this.controls.target).multiplyScalar(f);
    this.camera.position.copy(this.controls.target).add(off);
    this.controls.update();
    this.draw();
  }

  /** Where a place is drawn, in pixels. @param {Vector3} p */
  project(p) {
    const v = p.clone().project(this.camera);
    return new Vector2(((v.x + 1) / 2) * this.width, ((1 - v.y) / 2) * this.height);
  }

  /** The size of one pixel at a place, in mm. @param {Vector3} p */
  pixel(p) {
    return (2 * this.camera.position.distanceTo(p) * Math.tan((this.camera.fov * Math.PI) / 360)) / this.height;
  }

  /** A place in pixels as the camera has it. @param {number} x @param {number} y */
  spot(x, y) {
    return new Vector2((x / this.width) * 2 - 1, 1 - (y / this.height) * 2);
  }

  /**
   * A place some pixels to the right of and above another, as the eye sees it.
   * @param {Vector3} p @param {number} right @param {number} up
   */
  beside(p, right, up) {
    const e = new Vector3();
    const u = new Vector3();
    this.camera.matrixWorld.extractBasis(e, u, new Vector3());
    const d = this.pixel(p);
    return p.clone().addScaledVector(e, right * d).addScaledVector(u, up * d);
  }
}
