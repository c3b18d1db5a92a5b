// @ts-check
// Signing out: what waits is sent first, and nothing of this account stays in the browser.
import { TapQueue, waitingPots } from './queue.js';
import { empty } from './store.js';
import { word } from './words.js';

const form = /** @type {HTMLFormElement | null} */ (document.querySelector('form.who'));
form?.addEventListener('submit', async (event) => {
  event.preventDefault();
  for (const potId of waitingPots()) {
    await new TapQueue(potId).flush();
  }
  const left = waitingPots().reduce((sum, potId) => sum + new TapQueue(potId).waiting().length, 0);
  if (left && !confirm(word('not-sent', left))) {
    return;
  }
  empty();
  form.submit();
});
