// @ts-check
// The core, compiled to WebAssembly, in a worker: it never blocks the page.

/** @typedef {{open(): number, buffer(n: number): number, size(): number, where(): number, movable(i: number): number,
 *   grab(i: number, x: number, y: number, z: number, turning: number): number, pull(x: number, y: number, z: number): number,
 *   memory: WebAssembly.Memory, _initialize(): void}} Core */

/** @type {Core} */
let core;
let count = 0;
let more = 0; // coordinates of joints behind the poses

// what Go's runtime asks of its host: time, randomness, and nothing else
/** @type {Record<string, (...args: number[]) => number>} */
const host = {
  clock_time_get(_id, _precision, at) {
    view().setBigUint64(at, BigInt(Math.round(performance.now() * 1e6)), true);
    return 0;
  },
  random_get(at, n) {
    crypto.getRandomValues(new Uint8Array(core.memory.buffer, at, n));
    return 0;
  },
  args_sizes_get: nothing,
  environ_sizes_get: nothing,
  fd_write(_fd, at, n, written) {
    let sum = 0;
    for (let i = 0; i < n; i++) sum += view().getUint32(at + 8 * i + 4, true);
    view().setUint32(written, sum, true);
    return 0;
  },
  fd_prestat_get: () => 8, // no such descriptor: there are no files
  proc_exit(code) {
    throw new Error("the core ended: " + code);
  },
};
const imports = { wasi_snapshot_preview1: new Proxy(host, { get: (t, name) => t[String(name)] ?? (() => 0) }) };

/** Says that a list is empty. @param {number} count @param {number} size */
function nothing(count, size) {
  view().setUint32(count, 0, true);
  view().setUint32(size, 0, true);
  return 0;
}

// made anew each time: growing memory detaches old views
function view() {
  return new DataView(core.memory.buffer);
}

/** @param {string} text */
function put(text) {
  const b = new TextEncoder().encode(text);
  const at = core.buffer(b.length);
  new Uint8Array(core.memory.buffer, at, b.length).set(b);
}

function text() {
  const n = core.size();
  const at = core.buffer(n);
  return new TextDecoder().decode(new Uint8Array(core.memory.buffer, at, n));
}

function poses() {
  return new Float64Array(core.memory.buffer, core.where(), 7 * count + more).slice();
}

/** @type {Record<string, (asked: any) => any>} */
const tasks = {
  async load({ url }) {
    const { instance } = await WebAssembly.instantiateStreaming(fetch(url), imports);
    core = /** @type {any} */ (instance.exports);
    core._initialize();
    return {};
  },
  open({ document }) {
    put(document);
    const n = core.open();
    if (n < 0) throw new Error(text());
    const { names, coordinates } = JSON.parse(text());
    count = n;
    more = coordinates.length;
    const movable = names.map((/** @type {string} */ _, /** @type {number} */ i) => core.movable(i) === 1);
    return { names, coordinates, movable, poses: poses() };
  },
  grab({ index, point, turning }) {
    if (core.grab(index, point[0], point[1], point[2], turning ? 1 : 0) < 0) throw new Error(text());
    return {};
  },
  pull({ to }) {
    const t = performance.now();
    const left = core.pull(to[0], to[1], to[2]);
    return { left, ms: performance.now() - t, poses: poses() };
  },
};

onmessage = async ({ data }) => {
  try {
    const out = await tasks[data.task](data);
    postMessage({ id: data.id, ...out }, out.poses ? { transfer: [out.poses.buffer] } : undefined);
  } catch (e) {
    postMessage({ id: data.id, error: e instanceof Error ? e.message : String(e) });
  }
};
