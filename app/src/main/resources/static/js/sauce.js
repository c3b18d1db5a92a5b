// @ts-check
// Lines are read by the server as they are typed; Enter makes the next, a pasted recipe makes many. Stages move by drag, arrows or keys.
import { typedInto } from './brought.js';
import { headers, piece, settled } from './http.js';
import { released } from './press.js';
import { stages } from './stages.js';
import { word } from './words.js';

const form = /** @type {HTMLFormElement} */ (document.querySelector('#sauce'));
const lines = /** @type {HTMLOListElement} */ (document.querySelector('#lines'));
let asked = 0;

/** Reads all again soon. An answer that is still on its way was asked of other lines or another order: it is not shown any more. */
function changed() {
  asked++;
  form.setAttribute('aria-busy', 'true');
  readSoon();
}

async function read() {
  const ticket = ++asked;
  const body = new URLSearchParams(/** @type {any} */ (new FormData(form)));
  try {
    const text = await piece('/sauces/read', { method: 'POST', body, headers: headers() });
    await released(form);
    if (ticket === asked) {
      show(new DOMParser().parseFromString(text, 'text/html'));
    }
  } catch {
    // Typing goes on; saving reads the lines again and says what is wrong.
  }
  if (ticket === asked) {
    form.removeAttribute('aria-busy');
  }
}

/** @param {Document} answer */
function show(answer) {
  for (const row of answer.querySelectorAll('[data-for]')) {
    lines.querySelector(`[data-understood="${row.getAttribute('data-for')}"]`)?.replaceChildren(...row.childNodes);
  }
  const says = document.querySelectorAll('#stages .stage-says');
  says.forEach((place, i) => {
    place.replaceChildren(...(answer.querySelector(`[data-stage="${i}"]`)?.childNodes ?? []));
  });
  const written = answer.querySelector('[data-written]');
  if (written) {
    document.querySelector('#written')?.replaceChildren(...written.childNodes);
  }
  const whole = answer.querySelector('[data-whole]');
  if (whole) {
    document.querySelector('#whole')?.replaceChildren(...whole.childNodes);
  }
}

/** @returns {HTMLInputElement} the text field of the new line */
function addLine() {
  const last = /** @type {HTMLLIElement} */ (lines.lastElementChild);
  const line = /** @type {HTMLLIElement} */ (last.cloneNode(true));
  const index = lines.children.length;
  line.querySelectorAll('input').forEach((input) => (input.value = ''));
  const field = /** @type {HTMLInputElement} */ (line.querySelector('input[name="text"]'));
  field.setAttribute('aria-label', word('line', index + 1));
  const understood = /** @type {HTMLElement} */ (line.querySelector('.understood'));
  understood.dataset.understood = String(index);
  understood.replaceChildren();
  line.querySelector('details')?.removeAttribute('open');
  lines.append(line);
  return field;
}

/** @param {HTMLInputElement} field */
function next(field) {
  const after = field.closest('li')?.nextElementSibling?.querySelector('input[name="text"]');
  return after instanceof HTMLInputElement ? after : addLine();
}

const readSoon = settled(read, 160);
form.addEventListener('input', changed);
form.addEventListener('change', (event) => {
  const target = event.target;
  if (target instanceof HTMLSelectElement && target.name === 'use' && target.selectedOptions[0]?.dataset.step) {
    suggest(target.selectedOptions[0].dataset.step);
  }
  changed();
});
const chips = stages(form, changed);

/** The use's thickness becomes the one wanted. @param {string} step */
function suggest(step) {
  const select = /** @type {HTMLSelectElement} */ (form.elements.namedItem('targetStep'));
  const value = String(Number(step));
  if (![...select.options].some((o) => o.value === value)) {
    select.add(new Option(word('between', value), value));
  }
  select.value = value;
}

document.querySelector('#more')?.addEventListener('click', () => addLine().focus());
lines.addEventListener('keydown', (event) => {
  const target = event.target;
  if (event.key === 'Enter' && target instanceof HTMLInputElement) {
    event.preventDefault();
    if (target.name === 'text') {
      next(target).focus();
    }
  }
  if (event.altKey && event.code === 'KeyC' && target instanceof HTMLElement) {
    event.preventDefault();
    const details = target.closest('li')?.querySelector('details');
    if (details) {
      details.open = true;
      /** @type {HTMLInputElement} */ (details.querySelector('input[name="food"]')).focus();
    }
  }
});
lines.addEventListener('click', (event) => {
  // What a line may also mean is taken with one tap.
  const offer = event.target instanceof Element ? event.target.closest('[data-offer]') : null;
  const food = offer?.closest('li')?.querySelector('input[name="food"]');
  if (offer instanceof HTMLElement && food instanceof HTMLInputElement) {
    food.value = offer.dataset.offer ?? '';
    food.closest('details')?.setAttribute('open', '');
    changed();
  }
});
lines.addEventListener('click', async (event) => {
  const button = event.target instanceof Element ? event.target.closest('[data-remember]') : null;
  const line = button?.closest('li');
  if (!button || !line) {
    return;
  }
  const text = /** @type {HTMLInputElement} */ (line.querySelector('input[name="text"]')).value;
  const food = /** @type {HTMLInputElement} */ (line.querySelector('input[name="food"]'));
  try {
    button.textContent = await piece('/sauces/remember', {
      method: 'POST',
      headers: headers(),
      body: new URLSearchParams({ text, food: food.value }),
    });
    food.value = '';
    changed();
  } catch {
    button.textContent = word('pick');
  }
});
lines.addEventListener('paste', (event) => {
  const pasted = event.clipboardData?.getData('text').split(/\r?\n/).filter((line) => line.trim()) ?? [];
  if (pasted.length > 1 && event.target instanceof HTMLInputElement && event.target.name === 'text') {
    event.preventDefault();
    let field = event.target;
    pasted.forEach((line, i) => {
      field = i === 0 ? field : next(field);
      field.value = line.trim();
    });
    chips.show();
    changed();
  }
});
if (typedInto(form)) {
  changed();
}
