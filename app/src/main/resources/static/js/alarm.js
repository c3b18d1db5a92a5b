// @ts-check
// What cannot wait is told on every page, by shape and by sound, until it is heard. The strip of pots is kept fresh on the way.
import { headers, piece } from './http.js';
import { released } from './press.js';
import { TapQueue, waitingPots } from './queue.js';
import { get, list, set } from './store.js';
import { word } from './words.js';

const EVERY_MS = 12_000;
/** So long whoever has the pot is called alone. */
const FOR_THE_OTHERS_MS = 45_000;
const HEARD = 'heard';
/** What was foretold when the server was last asked, by this device's clock; and what of it was heard. */
const COMING = 'coming';
/** What was heard here and the server has not been told yet. */
const UNTOLD = 'heard-untold';
const FORETOLD_HEARD = 'foretold-heard';
const bar = /** @type {HTMLElement} */ (document.querySelector('#alarm'));
const what = /** @type {HTMLAnchorElement} */ (bar.querySelector('.what'));
let ringing = '';
/** The key of what is told of it. */
let told = '';
/** What is told now, and since when. */
let waiting = { key: '', since: 0 };
let loud = true;
/** By which name this device records. */
const me = document.querySelector('meta[name="account"]')?.getAttribute('data-acting') ?? '';
/** The key of what rings because it was foretold; empty when the server says so. */
let foretold = '';

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
    navigator.vibrate?.([300, 150, 300]);
  } catch {
    // no sound here: the bar is seen
  }
}

/** A page that nobody looks at tells the device, where that is allowed. @param {string} says @param {string} address */
async function tell(says, address) {
  if (document.hidden && 'Notification' in window && Notification.permission === 'granted') {
    const worker = await navigator.serviceWorker?.getRegistration();
    await worker?.showNotification('Gradior', { body: says, tag: address });
  }
}

/** @param {string} address @param {string} name @param {string} says */
function show(address, name, says) {
  bar.hidden = false;
  what.href = address;
  what.textContent = `${name}: ${says}`;
  what.dataset.says = says;
  if (loud) {
    sound();
  }
  void tell(what.textContent, address);
}

/** Keeps what is foretold, for when nobody can be asked. @param {Element | null} strip */
function keep(strip) {
  const reckoned = list(COMING).filter((moment) => strip?.querySelector(`[data-pot="${moment.key.split('|')[0]}"][data-told=""]`));
  const coming = [...(strip?.querySelectorAll('[data-coming]') ?? [])].flatMap((chip) =>
    JSON.parse(chip.getAttribute('data-coming') ?? '[]').map((/** @type {{in: number, says: string}} */ moment) => ({
      key: `${chip.getAttribute('data-pot')}|${moment.says}`,
      address: chip.getAttribute('href') ?? '/',
      name: chip.querySelector('span')?.textContent ?? '',
      at: Date.now() + moment.in,
      says: moment.says,
    })),
  );
  // Of a pot that is only just being reckoned, what was foretold before goes on.
  set(COMING, JSON.stringify([...reckoned, ...coming].filter((moment) => moment.at > Date.now())));
  set(FORETOLD_HEARD, '[]');
}

/** Rings for what was foretold and is due, when the server is not there to say so. */
function ringForetold() {
  const known = list(FORETOLD_HEARD);
  const due = list(COMING).find((moment) => moment.at <= Date.now() && !known.includes(moment.key));
  if (due) {
    foretold = due.key;
    loud = true;
    show(due.address, due.name, word('foretold', due.says));
  } else if (foretold) {
    foretold = '';
    bar.hidden = true;
  }
}

/** What is over can be told anew: what was heard of a pot counts as long as just that is told. @param {Element | null} strip */
function heardStill(strip) {
  const known = heard();
  for (const chip of strip?.querySelectorAll('[data-told]:not([data-told=""])') ?? []) {
    const pot = chip.getAttribute('data-pot') ?? '';
    if (!chip.classList.contains('urgent') || known[pot] !== chip.getAttribute('data-told')) {
      delete known[pot];
    }
  }
  set(HEARD, JSON.stringify(known));
  return known;
}

/** @param {Element | null} strip */
function ring(strip) {
  const known = heardStill(strip);
  const urgent = [...(strip?.querySelectorAll('.urgent') ?? [])].find(
    (chip) => !chip.hasAttribute('data-heard-by') && known[chip.getAttribute('data-pot') ?? ''] !== chip.getAttribute('data-told'),
  );
  bar.hidden = !urgent;
  ringing = urgent?.getAttribute('data-pot') ?? '';
  told = urgent?.getAttribute('data-told') ?? '';
  foretold = '';
  const hand = urgent?.getAttribute('data-hand') ?? '';
  const mine = !hand || hand === me;
  const key = `${ringing}|${told}`;
  if (waiting.key !== key) {
    waiting = { key, since: Date.now() };
  }
  if (urgent) {
    // Whoever has the pot is called first; what they do not hear, all are.
    loud = mine || Date.now() - waiting.since >= FOR_THE_OTHERS_MS;
    show(urgent.getAttribute('href') ?? '/', urgent.querySelector('span')?.textContent ?? '', urgent.querySelector('i')?.textContent ?? '');
  }
}

bar.querySelector('[data-heard]')?.addEventListener('click', () => {
  if (foretold) {
    set(FORETOLD_HEARD, JSON.stringify([...list(FORETOLD_HEARD), foretold]));
    ringForetold();
    return;
  }
  set(HEARD, JSON.stringify({ ...heard(), [ringing]: told }));
  set(UNTOLD, JSON.stringify([...list(UNTOLD), { pot: ringing, told }]));
  bar.hidden = true;
  void tellHeard().catch(() => undefined); // offline: told at the next look
});

/** Heard on one device is heard on all. */
async function tellHeard() {
  for (const one of list(UNTOLD)) {
    await fetch('/strip/heard', { method: 'POST', redirect: 'error', headers: headers(), body: new URLSearchParams(one) });
    set(UNTOLD, JSON.stringify(list(UNTOLD).filter((other) => other.pot !== one.pot || other.told !== one.told)));
  }
}

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
    await tellHeard();
    const fresh = new DOMParser().parseFromString(await piece('/strip'), 'text/html').querySelector('#strip');
    const here = document.querySelector('#strip');
    await released(here);
    if (here && fresh && fresh.innerHTML !== here.innerHTML && !here.contains(document.activeElement)) {
      here.replaceWith(fresh.cloneNode(true));
    }
    keep(fresh);
    ring(fresh);
  } catch {
    ringForetold(); // offline: the pot's own page says so
  }
  setTimeout(look, EVERY_MS);
}
ring(document.querySelector('#strip'));
setTimeout(look, document.querySelector('#strip') && !waitingPots().length ? EVERY_MS : 1_000);
