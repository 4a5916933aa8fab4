// A part's derived data as the server sends it: a JSON head, then plain numbers in the counts it states.
import { BufferGeometry, BufferAttribute, Vector3 } from "three";
import { MeshBVH } from "three-mesh-bvh";

const known = new Map();

export function loadShape(sha) {
  if (!known.has(sha)) known.set(sha, fetchShape(sha).catch((e) => { known.delete(sha); throw e; }));
  return known.get(sha);
}

async function fetchShape(sha) {
  const r = await fetch(`/shape/${sha}`);
  if (!r.ok) throw new Error("a part's shape could not be fetched");
  const buf = await r.arrayBuffer();
  const n = new DataView(buf).getUint32(0, true);
  const head = JSON.parse(new TextDecoder().decode(new Uint8Array(buf, 4, n)));
  let at = 4 + n;
  const take = (Type, count) => { const a = new Type(buf, at, count); at += 4 * count; return a; };
  const c = head.counts;
  const positions = take(Float32Array, c.positions), normals = take(Float32Array, c.normals), lines = take(Float32Array, c.lines);
  const indices = take(Uint32Array, c.indices), faceEnds = take(Uint32Array, c.face_ends), lineEnds = take(Uint32Array, c.line_ends);

  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new BufferAttribute(positions, 3));
  geometry.setAttribute("normal", new BufferAttribute(normals, 3));
  // the search tree sorts triangles; faces are found by the order they came in
  const index = new Uint32Array(indices);
  geometry.setIndex(new BufferAttribute(index, 1));
  if (index.length) geometry.boundsTree = new MeshBVH(geometry, { indirect: true });
  geometry.computeBoundingSphere();

  const segments = [];
  let start = 0;
  for (const end of lineEnds) {
    for (let i = start + 1; i < end; i++) for (const k of [i - 1, i]) segments.push(lines[3 * k], lines[3 * k + 1], lines[3 * k + 2]);
    start = end;
  }
  const edges = new BufferGeometry();
  edges.setAttribute("position", new BufferAttribute(new Float32Array(segments), 3));

  const byFace = new Map(), byEdge = new Map(), byName = new Map(), points = [];
  for (const f of head.features) {
    byName.set(f.n, f);
    f.at = new Vector3(...f.o);
    if (f.z) f.dir = new Vector3(...f.z);
    if (f.face >= 0) byFace.set(f.face, f);
    if (f.edge >= 0) byEdge.set(f.edge, f);
    if (f.vertex >= 0) points.push(f);
  }
  for (const [n, k, dir] of [["origin", "frame"], ["xy", "plane", [0, 0, 1]], ["yz", "plane", [1, 0, 0]], ["zx", "plane", [0, 1, 0]], ["x", "axis", [1, 0, 0]], ["y", "axis", [0, 1, 0]], ["z", "axis", [0, 0, 1]]]) {
    const f = { n, k, label: k === "frame" ? "origin" : `${n} ${k === "plane" ? "plane" : "axis"}`, o: [0, 0, 0], at: new Vector3(), face: -1, edge: -1, vertex: -1, built: true };
    if (dir) f.dir = new Vector3(...dir);
    byName.set(n, f);
  }
  return {
    head, geometry, edges, lines, lineEnds, faceEnds, indices, byFace, byEdge, byName, points,
    faceOf(triangle) { // the face that a triangle belongs to
      let lo = 0, hi = faceEnds.length - 1;
      while (lo < hi) { const mid = (lo + hi) >> 1; if (3 * triangle < faceEnds[mid]) hi = mid; else lo = mid + 1; }
      return lo;
    },
    faceRange(i) { return [i ? faceEnds[i - 1] : 0, faceEnds[i]]; },
    lineRange(i) { return [i ? lineEnds[i - 1] : 0, lineEnds[i]]; },
    // anchors of a feature: itself in the middle, and what stands at its ends
    anchors(f) {
      const out = [{ f, where: f.k === "cylinder" || f.ends ? "middle" : "" }];
      if (!f.ends) return out;
      f.ends.forEach((e, i) => {
        const p = new Vector3(...e), tol = 1e-4 * (1 + p.length());
        for (const g of head.features) {
          const rim = f.k === "cylinder" && g.k === "circle" && Math.abs(g.r - f.r) < tol;
          const corner = f.k === "axis" && g.vertex >= 0;
          if ((rim || corner) && g.at.distanceTo(p) < tol) { out.push({ f: g, where: i ? "far end" : "near end" }); break; }
        }
      });
      return out;
    },
  };
}
