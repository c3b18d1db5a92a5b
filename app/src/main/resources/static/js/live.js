// @ts-check
// A question that is answered as it is typed; the address keeps it, so that it can be sent on.
import { piece, settled } from './http.js';

const form = /** @type {HTMLFormElement} */ (document.querySelector('#live'));
let asked = 0;
form.querySelectorAll('.nojs').forEach((button) => button.remove());

/** @param {boolean} fieldsToo whether other fields belong to the new choice */
async function answer(fieldsToo) {
  const ticket = ++asked;
  const data = new URLSearchParams(/** @type {any} */ (new FormData(form)));
  data.delete('_csrf');
  try {
    const fresh = new DOMParser().parseFromString(await piece(`${form.dataset.live}?${data}`), 'text/html');
    if (ticket !== asked) {
      return;
    }
    const reply = fresh.querySelector('#answer');
    const fields = fresh.querySelector('#fields');
    if (reply) {
      document.querySelector('#answer')?.replaceWith(reply);
    }
    if (fieldsToo && fields) {
      const at = document.activeElement;
      const tick = at instanceof HTMLInputElement && at.type === 'checkbox' ? `[value="${at.value}"]` : '';
      const focus = at instanceof HTMLElement ? at.getAttribute('name') : null;
      fields.querySelectorAll('.nojs').forEach((button) => button.remove());
      document.querySelector('#fields')?.replaceWith(fields);
      /** @type {HTMLElement | null} */ (form.querySelector(`[name="${focus}"]${tick}`))?.focus();
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
    answerSoon();
  }
});
form.addEventListener('submit', (event) => {
  if (form.method === 'get') {
    event.preventDefault();
    void answer(false);
  }
});
