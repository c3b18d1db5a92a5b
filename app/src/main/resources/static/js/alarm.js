// @ts-check
// What cannot wait is told on every page, by shape and by sound, until it is heard. The strip of pots is kept fresh on the way.
import { piece } from './http.js';
import { TapQueue, waitingPots } from './queue.js';
import { get, set } from './store.js';

const EVERY_MS = 12_000;
const HEARD = 'heard';
const bar = /** @type {HTMLElement} */ (document.querySelector('#alarm'));
const what = /** @type {HTMLAnchorElement} */ (bar.querySelector('.what'));
let ringing = '';

/** @returns {Record<string, string>} what was heard of each pot */
function heard() {
  try {
    return JSON.parse(get(HEARD) ?? '{}');
  } catch {
    return {};
  }
}

/** Two notes, the lower first; silent where the browser wants a tap before it makes a sound. */
function sound() {
  try {
    const audio = new AudioContext();
    [0, 0.28].forEach((at, i) => {
      const note = audio.createOscillator();
      const loudness = audio.createGain();
      note.frequency.value = i === 0 ? 523 : 784;
      loudness.gain.setValueAtTime(0.18, audio.currentTime + at);
      loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.26);
      note.connect(loudness).connect(audio.destination);
      note.start(audio.currentTime + at);
      note.stop(audio.currentTime + at + 0.27);
    });
    setTimeout(() => audio.close(), 1000);
  } catch {
    // no sound here: the bar is seen
  }
}

/** @param {Element | null} strip */
function ring(strip) {
  const known = heard();
  const urgent = [...(strip?.querySelectorAll('.urgent') ?? [])].find((chip) => known[chip.getAttribute('data-pot') ?? ''] !== chip.querySelector('i')?.textContent);
  bar.hidden = !urgent;
  ringing = urgent?.getAttribute('data-pot') ?? '';
  if (urgent) {
    what.href = urgent.getAttribute('href') ?? '/';
    what.textContent = `${urgent.querySelector('span')?.textContent}: ${urgent.querySelector('i')?.textContent}`;
    what.dataset.says = urgent.querySelector('i')?.textContent ?? '';
    sound();
  }
}

bar.querySelector('[data-heard]')?.addEventListener('click', () => {
  set(HEARD, JSON.stringify({ ...heard(), [ringing]: what.dataset.says ?? '' }));
  bar.hidden = true;
});

/** What waits in this browser is sent from whatever page is open; a pot's own page does it itself, and says what comes of it. */
async function send() {
  for (const potId of waitingPots()) {
    if (document.querySelector('#pot')?.getAttribute('data-id') !== potId) {
      await new TapQueue(potId).flush();
    }
  }
}

async function look() {
  try {
    await send();
    const fresh = new DOMParser().parseFromString(await piece('/strip'), 'text/html').querySelector('#strip');
    const here = document.querySelector('#strip');
    if (here && fresh && fresh.innerHTML !== here.innerHTML && !here.contains(document.activeElement)) {
      here.replaceWith(fresh.cloneNode(true));
    }
    ring(fresh);
  } catch {
    // offline: the pot's own page says so
  }
  setTimeout(look, EVERY_MS);
}
ring(document.querySelector('#strip'));
setTimeout(look, document.querySelector('#strip') && !waitingPots().length ? EVERY_MS : 1_000);
