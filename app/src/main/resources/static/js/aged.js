// @ts-check
// A page that the worker had kept says of when it is. Every page has the worker at hand, so that it is there when the network is not.
import { word } from './words.js';

const bar = /** @type {HTMLElement | null} */ (document.querySelector('#aged'));

navigator.serviceWorker?.register('/sw.js').catch(() => undefined);
navigator.serviceWorker?.addEventListener('message', (event) => {
  const { kept, of } = event.data ?? {};
  // A pot's own page says so itself, with what waits to be sent.
  if (bar && typeof kept === 'number' && of === location.href && !document.querySelector('#pot')) {
    bar.textContent = word('kept-page', new Date(kept).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }));
    bar.hidden = false;
  }
});
navigator.serviceWorker?.controller?.postMessage({ asks: location.href });
