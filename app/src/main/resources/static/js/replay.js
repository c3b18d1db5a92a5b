// @ts-check
// A batch is stepped through: by the slider, or from entry to entry; the address keeps the minute.
import { piece, settled } from './http.js';

const form = /** @type {HTMLFormElement} */ (document.querySelector('#replay'));
const slider = /** @type {HTMLInputElement} */ (form.querySelector('[name="minute"]'));
const marks = [...form.querySelectorAll('#marks option')].map((option) => Number(/** @type {HTMLOptionElement} */ (option).value));
form.querySelectorAll('.nojs').forEach((button) => button.remove());
let asked = 0;

async function show() {
  const ticket = ++asked;
  try {
    const fresh = new DOMParser().parseFromString(await piece(`${location.pathname}/answer?minute=${slider.value}`), 'text/html');
    if (ticket === asked) {
      document.querySelector('#known')?.replaceChildren(...fresh.body.childNodes);
      history.replaceState(null, '', `?minute=${slider.value}`);
    }
  } catch {
    location.assign(`?minute=${slider.value}`);
  }
}

slider.addEventListener('input', settled(show, 80));
form.addEventListener('click', (event) => {
  const step = event.target instanceof Element ? event.target.closest('[data-step]')?.getAttribute('data-step') : null;
  if (step) {
    const now = Number(slider.value);
    const to = step === '1' ? marks.find((m) => m > now) : marks.filter((m) => m < now).pop();
    slider.value = String(to ?? (step === '1' ? slider.max : 0));
    show();
  }
});
