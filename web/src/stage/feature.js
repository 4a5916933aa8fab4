// @ts-check
// Features as picking and the sentence name them.

/**
 * @typedef {import("./scene.js").Use} Use
 * @typedef {import("./shape.js").Feature} Feature
 */

/** How a document names a feature of a use. @param {Use} u @param {Feature} f */
export const refOf = (u, f) => `${u.comp.data.name}/${u.path}${f.n}`;

/** Tells whether a feature may be picked under a filter. @param {string} filter @param {Feature} f */
export function wants(filter, f) {
  switch (filter) {
    case "face":
      return f.face >= 0 || (!!f.helper && f.k === "plane");
    case "axis":
      return !!f.dir && f.k !== "plane" && f.k !== "circle";
    case "rim":
      return f.k === "circle";
    case "point":
      return f.vertex >= 0 || f.k === "sphere" || f.k === "point";
  }
  return true;
}
