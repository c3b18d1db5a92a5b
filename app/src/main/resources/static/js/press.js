// @ts-check
// A part of the page that is put anew under a finger would swallow its tap: what it went down on is gone when it comes up. So the new
// part waits until the finger is up.

/** After a finger is up its click comes within this, ms. */
const CLICK_MS = 60;
/** A finger that rests longer than this does not tap, ms. */
const REST_MS = 3_000;
/** @type {Element | null} what is pressed now */
let pressed = null;
let timer = 0;
/** @type {(() => void)[]} */
let waiting = [];

/** @param {number} ms */
function overIn(ms) {
  clearTimeout(timer);
  timer = setTimeout(() => {
    pressed = null;
    const held = waiting;
    waiting = [];
    held.forEach((goOn) => goOn());
  }, ms);
}

/** @param {EventTarget | null} target */
function press(target) {
  const slides = target instanceof HTMLInputElement && target.type === 'range'; // a slider is answered while it moves
  pressed = target instanceof Element && !slides ? target.closest('a, button, label, summary') : null;
  overIn(REST_MS);
}

const lift = () => overIn(CLICK_MS);
const all = { capture: true };
addEventListener('pointerdown', (event) => press(event.target), all);
addEventListener('pointerup', lift, all);
addEventListener('pointercancel', lift, all);
addEventListener('click', () => overIn(0), all);
addEventListener('keydown', (event) => event.key === ' ' && !event.repeat && press(event.target), all);
addEventListener('keyup', (event) => event.key === ' ' && lift(), all);

/**
 * Goes on when nothing in these parts of the page is pressed: what is fetched anew is put there after this.
 * @param {(Element | null)[]} parts
 * @returns {Promise<void>}
 */
export async function released(...parts) {
  while (parts.some((part) => pressed !== null && part?.contains(pressed))) {
    await new Promise((goOn) => waiting.push(() => goOn(undefined)));
  }
}
