// @ts-check
// The dialog that shows what a test shows, and asks what is read of it.
import { STAYS_S, ring, spoon, stream, trail } from './looks.js';
import { word } from './words.js';

/** @typedef {{lookedS: number, freeS: number, kind: string, coatMm: number[], lineS: number | null, figure: number | null, says: string, over: boolean}} Done */

const dialog = /** @type {HTMLDialogElement} */ (document.querySelector('#dlg-look'));
/** @template {Element} T @param {string} selector @returns {T} */
const part = (selector) => /** @type {T} */ (dialog.querySelector(selector));
const canvas = /** @type {CanvasRenderingContext2D} */ (/** @type {HTMLCanvasElement} */ (part('#look')).getContext('2d'));

/** How each is drawn, what is said under it, and what is read of it: a step, or a moment. */
const TESTS = {
  spoon: { draw: spoon, says: 'line-fills', reads: 'step' },
  trail: { draw: trail, says: 'line-floor', reads: 'closed-now' },
  drip: { draw: stream, says: 'stream-runs', reads: 'drips-now' },
  ring: { draw: ring, says: 'ring-spreads', reads: '' },
};

/** @type {{draw: (s: number) => void, began: number} | null} */
let looking = null;

/** Draws on what is being looked at, if anything is. */
export function drawLook() {
  looking?.draw((performance.now() - looking.began) / 1000);
}

/**
 * Shows it, where it is something to be looked at.
 * @param {Done} done
 * @param {import('./stove.js').Sight} sight for its colour
 * @param {import('./stove.js').Look} look
 * @param {(sense: string, said: number) => void} read
 * @returns {Promise<void> | null} until it is closed; null where nothing is to be looked at
 */
export function showTest(done, sight, look, read) {
  const test = /** @type {Record<string, {draw: any, says: string, reads: string}>} */ (TESTS)[done.kind];
  if (!test) {
    return null;
  }
  const colour = [sight.red, sight.green, sight.blue].map(Math.round);
  const drawn = done.kind === 'spoon' ? done : done.figure ?? STAYS_S;
  const timed = /** @type {HTMLElement} */ (part('[data-timed]'));
  const steps = /** @type {HTMLElement} */ (part('[data-steps]'));
  const button = /** @type {HTMLButtonElement} */ (part('[data-now]'));
  steps.hidden = test.reads !== 'step';
  timed.hidden = !test.reads || test.reads === 'step';
  button.textContent = timed.hidden ? '' : word(test.reads);
  part('#look-h').textContent = document.querySelector(`[data-do="${done.kind}"] span`)?.textContent ?? '';
  part('#look-says').textContent = done.says || word(test.says);
  const began = performance.now();
  looking = { began, draw: (s) => test.draw(canvas, s, drawn, colour, look) };
  button.onclick = () => {
    const counted = (performance.now() - began) / 1000;
    read(done.kind, counted);
    timed.hidden = true;
    part('#look-says').textContent = word('you-counted', counted.toFixed(1));
  };
  steps.onclick = (e) => {
    const step = /** @type {HTMLElement} */ (e.target).closest('[data-step]')?.getAttribute('data-step');
    if (step) {
      read(done.kind, Number(step));
      dialog.close();
    }
  };
  dialog.showModal();
  return new Promise((closed) => {
    dialog.onclose = () => {
      looking = null;
      closed();
    };
  });
}
