// @ts-check
// A tick of what there is in the house is kept at once; without this script the button keeps them.
import { piece, settled } from './http.js';
import { word } from './words.js';

const form = /** @type {HTMLFormElement | null} */ (document.querySelector('#house'));
const kept = document.querySelector('#kept');

async function keep() {
  if (!form) {
    return;
  }
  try {
    await piece(form.action, { method: 'POST', body: new URLSearchParams(/** @type {any} */ (new FormData(form))), redirect: 'follow' });
    kept?.replaceChildren(word('kept-ticks'));
  } catch {
    kept?.replaceChildren(word('not-kept'));
  }
}

form?.addEventListener('change', settled(keep, 400));
