// @ts-check
// What scripts say, in the page's language: the page brings the texts along, so that they are there without a network.

/** @type {Record<string, string | {one: string, other: string}>} */
const TEXTS = JSON.parse(document.querySelector('#words')?.textContent || '{}');

/**
 * A text by its key.
 * @param {string} key
 * @param {...(string | number)} figures what {0}, {1} and so on are; the first decides between one and several
 */
export function word(key, ...figures) {
  const text = TEXTS[key] ?? key;
  const pattern = typeof text === 'string' ? text : Number(figures[0]) === 1 ? text.one : text.other;
  return pattern.replace(/\{(\d)\}/g, (_, place) => String(figures[Number(place)] ?? ''));
}
