// @ts-check
// Numbers and lengths as they are shown. All that is computed and kept is in mm.

/** A number as it is shown: at most four digits behind the point. @param {number} x */
export const trim = (x) => String(Math.round(x * 1e4) / 1e4);

/** How many mm a unit of length is; anything else counts as it is. @param {string | undefined} unit */
export const scale = (unit) => (unit === "in" ? 25.4 : 1);

/** A length in mm as it is shown, with its unit. @param {number} mm */
export const long = (mm) => `${trim(mm / scale(shown()))} ${shown() === "in" ? "in" : "mm"}`;

/** A value of a coordinate or a measure with its unit, ° or mm. @param {number} v @param {string} unit */
export const told = (v, unit) => (unit.trim() === "mm" ? long(v) : trim(v) + unit);

/** What the project shows and takes lengths in. */
export const shown = () => document.body.dataset.unit || "mm";
