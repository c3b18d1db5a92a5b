// @ts-check
// The hob's figures grow old: fetch the page's own main again now and then.
import { piece } from './http.js';
import { released } from './press.js';

const EVERY_MS = 20_000;

setInterval(async () => {
  if (document.hidden) {
    return;
  }
  try {
    const fresh = new DOMParser().parseFromString(await piece(location.href), 'text/html').querySelector('#main');
    const main = document.querySelector('#main');
    await released(main);
    if (fresh && main && !main.contains(document.activeElement)) {
      main.replaceChildren(...fresh.childNodes);
    }
  } catch {
    // The next round may reach the server again; the figures stand as they were.
  }
}, EVERY_MS);
