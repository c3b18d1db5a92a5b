// @ts-check
// Ticks are kept by the server as they are made; one that could not be kept is taken back.
import { headers, piece } from './http.js';

const list = /** @type {HTMLElement} */ (document.querySelector('.gather'));
document.querySelectorAll('[data-print]').forEach((button) => button.addEventListener('click', () => window.print()));

/** @param {HTMLInputElement} box */
async function keep(box) {
  try {
    const body = new URLSearchParams({ key: box.dataset.key ?? '', done: String(box.checked) });
    await piece(`/plan/${list.dataset.plan}/tick`, { method: 'POST', body, headers: headers(), keepalive: true });
  } catch {
    box.checked = !box.checked;
  }
}

list.addEventListener('change', (event) => {
  if (event.target instanceof HTMLInputElement && event.target.dataset.key) {
    keep(event.target);
  }
});
// What was ticked before this script was there.
for (const box of list.querySelectorAll('input[data-key]')) {
  if (box instanceof HTMLInputElement && box.checked !== box.defaultChecked) {
    keep(box);
  }
}
