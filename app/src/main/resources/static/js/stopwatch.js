// @ts-check
// A time taken with one button, with wet hands: the finger going down starts it and stops it. Three tries are averaged and recorded by
// themselves; fewer by a second button. A line that has not closed in a minute stays open.
import { word } from './words.js';

const TRIES = 3;
const LONGEST_S = 60;

/** @type {{ from: number, tries: number[], beat: number }} */
const running = { from: 0, tries: [], beat: 0 };

/** @param {HTMLElement} dialog @param {string} selector */
const part = (dialog, selector) => /** @type {HTMLElement} */ (dialog.querySelector(selector));

/** @param {HTMLElement} dialog */
function show(dialog) {
  const button = part(dialog, '[data-watch]');
  button.textContent = (running.from ? button.dataset.stop : button.dataset.start) ?? '';
  button.classList.toggle('on', running.from > 0);
  part(dialog, '[data-tries]').textContent = running.tries.length
    ? word('tries', running.tries.map((s) => s.toFixed(1)).join(' s, '))
    : word('no-tries');
  part(dialog, '[data-enough]').hidden = running.tries.length === 0 || running.from > 0;
}

/** @param {HTMLElement} dialog @param {number} seconds */
function face(dialog, seconds) {
  part(dialog, '.seconds').textContent = `${seconds.toFixed(1)} s`;
}

/** A dialog that has a watch begins anew. @param {HTMLElement} dialog */
export function wind(dialog) {
  if (dialog.querySelector('[data-watch]')) {
    clearInterval(running.beat);
    Object.assign(running, { from: 0, tries: [], beat: 0 });
    face(dialog, 0);
    show(dialog);
  }
}

/** @param {HTMLElement} dialog */
function start(dialog) {
  running.from = performance.now();
  running.beat = setInterval(() => {
    const seconds = (performance.now() - running.from) / 1000;
    face(dialog, Math.min(LONGEST_S, seconds));
    if (seconds >= LONGEST_S || !(/** @type {HTMLDialogElement} */ (dialog).open)) {
      stop(dialog);
    }
  }, 100);
  show(dialog);
}

/** @param {HTMLElement} dialog */
function stop(dialog) {
  const seconds = Math.min(LONGEST_S, (performance.now() - running.from) / 1000);
  clearInterval(running.beat);
  running.from = 0;
  running.tries.push(Math.max(0.1, seconds));
  face(dialog, seconds);
  const mean = running.tries.reduce((sum, one) => sum + one, 0) / running.tries.length;
  /** @type {HTMLInputElement} */ (dialog.querySelector('[name="seconds"]')).value = mean.toFixed(1);
  show(dialog);
  if (running.tries.length === TRIES && /** @type {HTMLDialogElement} */ (dialog).open) {
    dialog.querySelector('form')?.requestSubmit();
  }
}

/** @param {Event} event */
function press(event) {
  const dialog = /** @type {HTMLElement} */ (/** @type {Element} */ (event.currentTarget).closest('dialog'));
  if (running.from) {
    stop(dialog);
  } else {
    start(dialog);
  }
}

for (const button of document.querySelectorAll('[data-watch]')) {
  button.addEventListener('pointerdown', press);
  // A key has no pointer.
  button.addEventListener('click', (event) => {
    if (/** @type {MouseEvent} */ (event).detail === 0) {
      press(event);
    }
  });
}
