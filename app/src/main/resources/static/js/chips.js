// @ts-check
// The lines in their stages: dragged from one to another by any pointer, moved by Alt with an arrow key, or named in the stage where they go in.
import { word } from './words.js';

const EDGE_PX = 48;
const STEP_PX = 24;

/**
 * @param {HTMLFormElement} form
 * @param {HTMLOListElement} list the stages
 * @param {() => void} changed
 */
export function lineChips(form, list, changed) {
  const tray = /** @type {HTMLElement} */ (form.querySelector('#unplaced'));
  const names = /** @type {HTMLDataListElement} */ (form.querySelector('#line-names'));

  /** @returns {{text: string, stage: HTMLSelectElement, index: number}[]} the lines that say something */
  function lines() {
    return [...form.querySelectorAll('#lines > li')]
      .map((row, index) => ({
        index,
        text: /** @type {HTMLInputElement} */ (row.querySelector('input[name="text"]')).value.trim(),
        stage: /** @type {HTMLSelectElement} */ (row.querySelector('select[name="lineStage"]')),
      }))
      .filter((line) => line.text);
  }

  /** @param {{text: string, stage: HTMLSelectElement, index: number}} line */
  function chip(line) {
    const button = document.createElement('button');
    const stage = Number(line.stage.value);
    button.type = 'button';
    button.textContent = line.text;
    button.dataset.line = String(line.index);
    button.setAttribute('aria-label', stage ? word('goes-in-at-stage', line.text, stage) : word('goes-in-at-none', line.text));
    const item = document.createElement('li');
    item.append(button);
    return item;
  }

  /** Shows every line where it goes in; those in no stage apart. */
  function show() {
    const all = lines();
    [...list.children].forEach((stage, s) => {
      stage.querySelector('.stage-lines')?.replaceChildren(...all.filter((line) => Number(line.stage.value) === s + 1).map(chip));
    });
    const none = all.filter((line) => Number(line.stage.value) === 0);
    tray.querySelector('.stage-lines')?.replaceChildren(...none.map(chip));
    tray.hidden = !none.length || !list.children.length;
    names.replaceChildren(...all.map((line) => new Option(line.text)));
  }

  /** @param {number} index @param {number} stage from 1; 0 for none */
  function put(index, stage) {
    const line = lines().find((one) => one.index === index);
    if (line && stage >= 0 && stage <= list.children.length && Number(line.stage.value) !== stage) {
      line.stage.value = String(stage);
      show();
      changed();
    }
  }

  /** @param {EventTarget | null} target @returns {HTMLElement | null} */
  const chipOf = (target) => (target instanceof Element ? target.closest('[data-line]') : null);

  form.addEventListener('keydown', (event) => {
    const moved = chipOf(event.target);
    if (moved && event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      const index = Number(moved.dataset.line);
      const stage = Number(lines().find((line) => line.index === index)?.stage.value ?? 0);
      put(index, stage + (event.key === 'ArrowUp' ? -1 : 1));
      /** @type {HTMLElement | null} */ (form.querySelector(`[data-line="${index}"]`))?.focus();
    }
    const field = event.target;
    if (event.key === 'Enter' && field instanceof HTMLInputElement && 'put' in field.dataset) {
      event.preventDefault();
      name(field);
    }
  });
  form.addEventListener('change', (event) => {
    const field = event.target;
    if (field instanceof HTMLInputElement && 'put' in field.dataset) {
      name(field);
    } else if (field instanceof HTMLSelectElement && field.name === 'lineStage') {
      show();
    }
  });
  form.addEventListener('input', (event) => {
    if (event.target instanceof HTMLInputElement && event.target.name === 'text') {
      show();
    }
  });

  /** A line named in a stage goes in there; the words that are no line stay. @param {HTMLInputElement} field */
  function name(field) {
    const wanted = field.value.trim().toLowerCase();
    const stage = [...list.children].findIndex((one) => one.contains(field)) + 1;
    const line = wanted && lines().find((one) => one.text.toLowerCase().includes(wanted));
    if (line) {
      field.value = '';
      put(line.index, stage);
    }
  }

  form.addEventListener('pointerdown', (event) => {
    const held = chipOf(event.target);
    if (!held || event.button !== 0) {
      return;
    }
    event.preventDefault();
    held.focus();
    held.classList.add('dragged');
    /** @type {Element | null} */
    let over = null;
    const follow = (/** @type {PointerEvent} */ move) => {
      over?.classList.remove('over');
      over = document.elementFromPoint(move.clientX, move.clientY)?.closest('li.stage, #unplaced') ?? null;
      over?.classList.add('over');
      // A stage that is off the screen is reached by moving on at its edge; the page moving under a pointer that stands still moves it no further.
      if (!move.movementX && !move.movementY) {
        return;
      }
      if (move.clientY < EDGE_PX) {
        scrollBy(0, -STEP_PX);
      } else if (move.clientY > innerHeight - EDGE_PX) {
        scrollBy(0, STEP_PX);
      }
    };
    const drop = () => {
      document.removeEventListener('pointermove', follow);
      document.removeEventListener('pointerup', drop);
      document.removeEventListener('pointercancel', drop);
      held.classList.remove('dragged');
      over?.classList.remove('over');
      if (over) {
        const index = Number(held.dataset.line);
        put(index, [...list.children].indexOf(over) + 1);
        /** @type {HTMLElement | null} */ (form.querySelector(`[data-line="${index}"]`))?.focus();
      }
    };
    document.addEventListener('pointermove', follow);
    document.addEventListener('pointerup', drop);
    document.addEventListener('pointercancel', drop);
  });

  show();
  return { show };
}
