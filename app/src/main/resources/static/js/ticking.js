// @ts-check
// Minutes in the stage go on without a network; the server's clock is the one that counts. The screen stays on for them.
import { get, set } from './store.js';
import { word } from './words.js';

const AHEAD = 'ahead';
let ahead = Number(get(AHEAD) ?? 0);
/** How far this device's clock is ahead. @param {Element} panel as it just came from the server */
export function setClock(panel) {
  ahead = Date.now() - Number(panel.getAttribute('data-now') ?? Date.now());
  set(AHEAD, String(ahead));
}

function showClocks() {
  for (const clock of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('[data-since]'))) {
    const seconds = Math.max(0, Math.round((Date.now() - ahead - Number(clock.dataset.since)) / 1000));
    const minutes = Math.floor(seconds / 60);
    clock.textContent = minutes < 60
      ? `${minutes}:${String(seconds % 60).padStart(2, '0')}`
      : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
  }
}

function showTimers() {
  for (const timer of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('[data-until]'))) {
    const seconds = Math.round((Number(timer.dataset.until) - Date.now() + ahead) / 1000);
    timer.textContent = seconds > 0 ? `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}` : word('now');
  }
}

/** What has run and what is left, as of now. */
export function showTimes() {
  showClocks();
  showTimers();
}
setInterval(showTimes, 1000);

// The screen stays on while the pot is looked at, where the browser can.
const stayAwake = () => {
  if (document.visibilityState === 'visible') {
    navigator.wakeLock?.request('screen').catch(() => undefined);
  }
};
document.addEventListener('visibilitychange', stayAwake);
stayAwake();
