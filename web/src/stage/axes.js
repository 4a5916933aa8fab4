// @ts-check
// Directions square to others.
import { Vector3 } from "three";

/** A direction square to another, the same one each time. @param {Vector3} axis */
export const squareTo = (axis) => new Vector3(...(Math.abs(axis.z) < 0.9 ? [0, 0, 1] : [1, 0, 0])).cross(axis).normalize();
