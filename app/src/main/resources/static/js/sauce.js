// @ts-check
// Lines are read by the server as they are typed; Enter makes the next, a pasted recipe makes many.
import { headers, piece, settled } from './http.js';

const form = /** @type {HTMLFormElement} */ (document.querySelector('#sauce'));
const lines = /** @type {HTMLOListElement} */ (document.querySelector('#lines'));
let asked = 0;

async function read() {
  const ticket = ++asked;
  const body = new URLSearchParams(/** @type {any} */ (new FormData(form)));
  try {
    const text = await piece('/sauces/read', { method: 'POST', body, headers: headers() });
    if (ticket === asked) {
      show(new DOMParser().parseFromString(text, 'text/html'));
    }
  } catch {
    // Typing goes on; saving reads the lines again and says what is wrong.
  }
}

/** @param {Document} answer */
function show(answer) {
  for (const row of answer.querySelectorAll('[data-for]')) {
    lines.querySelector(`[data-understood="${row.getAttribute('data-for')}"]`)?.replaceChildren(...row.childNodes);
  }
  const totals = answer.querySelector('[data-totals]');
  if (totals) {
    document.querySelector('#totals')?.replaceChildren(...totals.childNodes);
  }
}

/** @returns {HTMLInputElement} the text field of the new line */
function addLine() {
  const last = /** @type {HTMLLIElement} */ (lines.lastElementChild);
  const line = /** @type {HTMLLIElement} */ (last.cloneNode(true));
  const index = lines.children.length;
  line.querySelectorAll('input').forEach((input) => (input.value = ''));
  const field = /** @type {HTMLInputElement} */ (line.querySelector('input[name="text"]'));
  field.setAttribute('aria-label', `Line ${index + 1}`);
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
form.addEventListener('input', readSoon);
form.addEventListener('change', readSoon);
document.querySelector('#more')?.addEventListener('click', () => addLine().focus());
lines.addEventListener('keydown', (event) => {
  if (event.key === 'Enter' && event.target instanceof HTMLInputElement) {
    event.preventDefault();
    if (event.target.name === 'text') {
      next(event.target).focus();
    }
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
    readSoon();
  }
});
