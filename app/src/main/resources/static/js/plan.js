// @ts-check
// Every move of the form is answered by the server; the address keeps the plan.
import { piece, settled } from './http.js';

const form = /** @type {HTMLFormElement} */ (document.querySelector('#plan'));
let asked = 0;
form.querySelectorAll('.nojs').forEach((button) => button.remove());

function query() {
  const data = new URLSearchParams(/** @type {any} */ (new FormData(form)));
  data.delete('_csrf');
  return data;
}

async function answer() {
  const ticket = ++asked;
  const data = query();
  try {
    const text = await piece(`/plan/answer?${data}`);
    const fresh = new DOMParser().parseFromString(text, 'text/html').querySelector('#answer');
    if (ticket === asked && fresh) {
      document.querySelector('#answer')?.replaceWith(fresh);
      history.replaceState(null, '', `/plan?${data}`);
    }
  } catch {
    document.querySelector('#answer')?.classList.add('stale');
  }
}

const answerSoon = settled(answer, 120);
form.addEventListener('input', (event) => {
  if (event.target instanceof HTMLSelectElement && event.target.name === 'sauce') {
    location.assign(`/plan?sauce=${event.target.value}`);
  } else {
    answerSoon();
  }
});
