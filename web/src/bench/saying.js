// @ts-check
// What the fields of relations on their lines say.
import { points } from "./coupling.js";
import { typed } from "./fields.js";
import { shown } from "../units.js";

/**
 * What a field says now, as the server takes it. Of a vector all three numbers count.
 * @param {HTMLInputElement | HTMLSelectElement} i
 */
export function said(i) {
  const unit = i.dataset.length ? shown() : "";
  switch (i.dataset.kind) {
    case "flag":
      return i instanceof HTMLInputElement && i.checked ? { value: true } : {};
    case "profile":
      return { value: points(i.value) ?? [] };
    case "vector": {
      const all = [...i.parentElement?.querySelectorAll("input") ?? []].map((k) => typed(k.value, unit, true) ?? 0);
      return all.every((x) => x === 0) ? {} : { value: all };
    }
  }
  const v = typed(i.value, unit);
  return v === undefined ? {} : typeof v === "number" ? { to: v } : { text: v };
}
