// @ts-check
// A question that is answered as it is typed; the address keeps it, so that it can be sent on.
import { typedInto } from './brought.js';
import { piece, settled } from './http.js';
import { released } from './press.js';

const form = /** @type {HTMLFormElement} */ (document.querySelector('#live'));
let asked = 0;
/** Whether other fields belong to what was chosen and are not shown yet. */
let fieldsDue = false;
form.querySelectorAll('.nojs').forEach((button) => button.remove());

/** @param {unknown} field @returns {field is HTMLInputElement | HTMLTextAreaElement} */
const isText = (field) => field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement;

/** @param {boolean} fieldsToo whether other fields belong to the new choice */
async function answer(fieldsToo) {
  const ticket = ++asked;
  fieldsDue ||= fieldsToo;
  const data = new URLSearchParams(/** @type {any} */ (new FormData(form)));
  data.delete('_csrf');
  try {
    const fresh = new DOMParser().parseFromString(await piece(`${form.dataset.live}?${data}`), 'text/html');
    await released(form, document.querySelector('#answer'));
    if (ticket !== asked) {
      return;
    }
    const reply = fresh.querySelector('#answer');
    const fields = fresh.querySelector('#fields');
    if (reply) {
      document.querySelector('#answer')?.replaceWith(reply);
    }
    if (fieldsDue && fields) {
      fieldsDue = false;
      const at = document.activeElement;
      const tick = at instanceof HTMLInputElement && at.type === 'checkbox' ? `[value="${at.value}"]` : '';
      const caret = isText(at) && !tick ? at.selectionStart : null;
      const focus = at instanceof HTMLElement ? at.getAttribute('name') : null;
      fields.querySelectorAll('.nojs').forEach((button) => button.remove());
      document.querySelector('#fields')?.replaceWith(fields);
      const again = /** @type {HTMLElement | null} */ (form.querySelector(`[name="${focus}"]${tick}`));
      again?.focus();
      if (caret !== null && isText(again)) {
        again.setSelectionRange(caret, caret);
      }
    }
    if (form.method === 'get') {
      history.replaceState(null, '', `${form.getAttribute('action')}?${data}`);
    }
  } catch {
    document.querySelector('#answer')?.classList.add('stale');
  }
}

const answerSoon = settled(() => answer(false), 150);
form.addEventListener('input', (event) => {
  if (event.target instanceof HTMLSelectElement || (event.target instanceof HTMLInputElement && event.target.type === 'checkbox')) {
    void answer(true);
  } else {
    // What is on its way was asked before this was typed, and would take it back.
    asked++;
    answerSoon();
  }
});
// What is typed line by line may have other fields; they are fetched once it is left.
form.addEventListener('change', (event) => {
  if (event.target instanceof HTMLTextAreaElement) {
    void answer(true);
  }
});
form.addEventListener('submit', (event) => {
  if (form.method === 'get') {
    event.preventDefault();
    void answer(false);
  }
});

if (typedInto(form)) {
  void answer(true);
}
