// @ts-check
// Numbers and lengths as they are shown. All that is computed and kept is in mm.

/** A number as it is shown: at most four digits behind the point. @param {number} x */
export const trim = (x) => String(Math.round(x * 1e4) / 1e4);

/** How many mm a unit of length is; anything else counts as it is. @param {string | undefined} unit */
export const scale = (unit) => (unit === "in" ? 25.4 : 1);

/** What the project shows and takes lengths in. */
export const shown = () => document.body.dataset.unit || "mm";
