// @ts-check
// Colours of a sauce and of what is on it.

/** @param {number} share @param {number[]} a @param {number[]} b */
export const mix = (share, a, b) => a.map((one, i) => Math.round(one + (b[i] - one) * share));
/** @param {number[]} c @param {number} [alpha] */
export const rgb = (c, alpha = 1) => `rgba(${c[0]},${c[1]},${c[2]},${alpha})`;
export const PALE = [255, 246, 226];
export const BROWN = [58, 30, 14];
export const FOAM = [252, 249, 240];
const LIGHT = 185;

/** A colour that stands out from it: towards the light, of a pale sauce towards the dark. @param {number} share @param {number[]} c */
export const lit = (share, c) => (0.3 * c[0] + 0.6 * c[1] + 0.1 * c[2] > LIGHT ? mix(share * 0.5, c, BROWN) : mix(share, c, PALE));
