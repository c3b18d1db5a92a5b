// @ts-check
// Ticks are kept by the server as they are made; one that could not be kept is taken back.
import { headers, piece } from './http.js';

const list = /** @type {HTMLElement} */ (document.querySelector('.gather'));
document.querySelectorAll('[data-print]').forEach((button) => button.addEventListener('click', () => window.print()));

list.addEventListener('change', async (event) => {
  const box = event.target;
  if (!(box instanceof HTMLInputElement) || !box.dataset.key) {
    return;
  }
  try {
    const body = new URLSearchParams({ key: box.dataset.key, done: String(box.checked) });
    await piece(`/plan/${list.dataset.plan}/tick`, { method: 'POST', body, headers: headers() });
  } catch {
    box.checked = !box.checked;
  }
});
