// @ts-check
// What scripts drive the Bench by: where a feature is drawn, what is picked, what there is.

/** @param {import("./bench.js").Bench} b */
export function driven(b) {
  const { stage, sentence } = b;
  return {
    /** @param {string} ref */
    where: (ref) => {
      const c = stage.find(ref);
      if (!c?.s) return null;
      const p = stage.view.project(stage.spot(c));
      const r = b.view.getBoundingClientRect();
      return [p.x + r.left, p.y + r.top];
    },
    /** @param {string} ref */
    pick: (ref) => {
      const c = stage.find(ref);
      if (c) sentence.pick(c);
      return !!c;
    },
    /** @param {string} name */
    refs: (name) => {
      const out = [];
      for (const u of stage.comps.get(name)?.uses ?? []) {
        for (const f of [...u.shape.features, ...u.helpers.values()]) {
          out.push({ ref: `${name}/${u.path}${f.n}`, kind: f.k, label: f.label, at: f.o, dir: f.z });
        }
      }
      return out;
    },
    state: () => b.state,
    sentence,
    tug: b.tug,
    stage,
    act: (/** @type {object} */ a) => b.act(a),
    commands: b.commands,
  };
}
