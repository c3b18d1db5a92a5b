// @ts-check
// The live pot: taps and keys become events, the panel is fetched again after each and every few seconds.
import { speak } from './hands.js';
import { NoPiece, piece, renew } from './http.js';
import { TapQueue } from './queue.js';
import { released } from './press.js';
import { get, set } from './store.js';
import { wind } from './stopwatch.js';
import { setClock, showTimes } from './ticking.js';
import { word } from './words.js';

const EVERY_MS = 10_000;
const OFFLINE_MS = 2_000;
/** Two taps on one button within this are one. */
const TWICE_MS = 3_000;
const pot = /** @type {HTMLElement} */ (document.querySelector('#pot'));
const line = /** @type {HTMLElement} */ (document.querySelector('#line'));
const said = /** @type {HTMLElement} */ (document.querySelector('#said'));
const id = pot.dataset.id ?? '';
const queue = new TapQueue(id);
queue.adopt();
/** An entry that waited longer than this is not put before the cook as a form again: it is kept with its reason. */
const FRESH_MS = 60_000;
const aside = /** @type {HTMLElement} */ (document.querySelector('#aside'));
const KEYS = { w: 'weight', d: 'level', s: 'spoon', r: 'ring', a: 'added', y: 'slurry', b: 'brix', j: 'volume', p: 'temperature', n: 'note', e: 'trail', i: 'drip', u: 'bubbles', k: 'taken', x: 'texture', g: 'hands', '?': 'keys' };
const PRESSES = { t: '[data-event="stir"]', o: '[data-heatkey]', f: '[data-far]', v: '[data-speak]', m: '[data-next]', z: '[data-undo]', PageDown: '.donow .act' };
let prefix = '';

async function refresh() {
  const fresh = new DOMParser().parseFromString(await piece(`/pot/${id}/panel`), 'text/html').querySelector('#panel');
  await released(document.querySelector('#panel'));
  const focused = document.activeElement instanceof HTMLElement ? signatures(document.activeElement) : [];
  if (fresh) {
    setClock(fresh);
    document.querySelector('#panel')?.replaceWith(fresh);
    newPanel();
    showAll();
    const again = focused.map((selector) => pot.querySelector(selector)).find((found) => found !== null);
    /** @type {HTMLElement | null} */ (again ?? null)?.focus();
  }
}

/**
 * Finds an element of the panel again in the next panel, so that whoever goes by keys stays where they are: a link by where it leads, a
 * button by what it says of itself, and if that has changed by what it is.
 * @param {HTMLElement} element
 * @returns {string[]} selectors, the narrowest first; none for what is outside
 */
function signatures(element) {
  if (!pot.contains(element)) {
    return [];
  }
  const tag = element.tagName.toLowerCase();
  const link = element.getAttribute('href');
  const told = [...element.attributes].filter((a) => a.name.startsWith('data-'));
  if (link !== null) {
    return [`${tag}[href="${CSS.escape(link)}"]`];
  }
  return told.length === 0
    ? []
    : [
        tag + told.map((a) => `[${a.name}="${CSS.escape(a.value)}"]`).join(''),
        tag + told.map((a) => `[${a.name}]`).join(''),
      ];
}

async function sync() {
  const { line: sent, refused, says } = await queue.flush();
  let reached = sent;
  if (sent === 'online') {
    await refresh().catch(async (fault) => {
      reached = fault instanceof NoPiece && [401, 403].includes(fault.status) ? await renew() : 'offline';
    });
  }
  await released(line, aside);
  say(reached);
  nameNext();
  if (says) {
    said.hidden = false;
    said.textContent = says;
  }
  for (const { tap, message } of refused) {
    const typing = document.querySelector('dialog[open]'); // what is being typed stays: this one is told beside
    if (!typing && Date.now() - tap.tappedAt < FRESH_MS && reopen(tap, message)) {
      queue.letGo(tap.clientKey);
    }
  }
  showAside();
}

/** @param {import('./queue.js').Line} how */
function say(how) {
  const waiting = queue.waiting().length;
  line.hidden = how === 'online';
  const age = document.querySelector('#asof')?.textContent ?? '';
  const kept = ` ${word('kept', waiting)}`;
  const why = {
    online: '',
    offline: word('offline', age),
    out: word('out', age),
    other: word('other'),
  }[how];
  line.replaceChildren(why + (waiting && how !== 'online' ? kept : ''));
  if (how === 'out' || how === 'other') {
    const door = document.createElement('a');
    door.href = '/login';
    door.textContent = word('sign-in');
    line.append(' ', door);
  }
}

/** What the server did not take, with its reason: tried again, or let go. */
function showAside() {
  const entries = queue.refused();
  aside.hidden = !entries.length;
  aside.replaceChildren(...entries.map(({ tap, message }) => {
    const row = document.createElement('p');
    const what = [tap.type, ...Object.values(tap.fields)].join(' ');
    row.append(`${word('not-taken', what.length > 80 ? `${what.slice(0, 80)}…` : what, message)} `);
    for (const [label, name] of [[word('again'), 'again'], [word('let-go'), 'letgo']]) {
      const button = document.createElement('button');
      button.type = 'button';
      button.className = 'quiet';
      button.textContent = label;
      button.dataset[name] = tap.clientKey;
      row.append(button, ' ');
    }
    return row;
  }));
}

/**
 * Opens the dialog of a refused entry with what was typed.
 * @param {import('./queue.js').Tap} tap
 * @param {string} message
 * @returns {boolean} whether the cook has seen it
 */
function reopen(tap, message) {
  const dialog = open(tap.type);
  if (!dialog) {
    said.hidden = false;
    said.textContent = message;
    return true;
  }
  for (const [name, value] of Object.entries(tap.fields)) {
    const field = dialog.querySelector(`[name="${name}"]`);
    if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) {
      field.value = value;
    }
  }
  const fault = /** @type {HTMLElement} */ (dialog.querySelector('.fault'));
  fault.hidden = false;
  fault.textContent = message;
  return true;
}

/** @param {string} type */
function open(type) {
  const dialog = document.querySelector(`#dlg-${type}`);
  if (!(dialog instanceof HTMLDialogElement)) {
    return null;
  }
  dialog.querySelector('form')?.reset();
  wind(dialog);
  const fault = dialog.querySelector('.fault');
  if (fault instanceof HTMLElement) {
    fault.hidden = true;
  }
  if (type === 'slurry') {
    offerPortion(dialog);
  }
  if (type === 'texture') {
    const whole = document.querySelector('#whole')?.textContent ?? '';
    const out = /** @type {HTMLElement} */ (dialog.querySelector('[data-whole]'));
    out.textContent = whole;
    out.hidden = !whole;
  }
  if (!dialog.open) {
    dialog.showModal();
  }
  return dialog;
}

/**
 * The portion to pour now, in the slurry's form.
 * @param {HTMLElement} dialog
 */
function offerPortion(dialog) {
  const pour = /** @type {HTMLElement | null} */ (document.querySelector('#pour'));
  const how = /** @type {HTMLElement} */ (dialog.querySelector('[data-how]'));
  how.textContent = pour?.dataset.how ?? '';
  if (pour) {
    /** @type {HTMLSelectElement} */ (dialog.querySelector('[name="starch"]')).value = pour.dataset.starch ?? '';
    /** @type {HTMLInputElement} */ (dialog.querySelector('[name="starchG"]')).value = pour.dataset.starchg ?? '';
    /** @type {HTMLInputElement} */ (dialog.querySelector('[name="liquidG"]')).value = pour.dataset.liquidg ?? '';
  }
}

/** On to the next stage, once what was not ticked is asked after. */
function nextStage() {
  const stage = /** @type {HTMLElement | null} */ (document.querySelector('#stage'));
  const dialog = /** @type {HTMLDialogElement} */ (document.querySelector('#dlg-forgot'));
  if (stage?.dataset.missing) {
    /** @type {HTMLElement} */ (dialog.querySelector('[data-names]')).textContent = stage.dataset.names ?? '';
    dialog.dataset.lines = stage.dataset.missing;
    dialog.showModal();
  } else {
    stageDone();
  }
}

/** Says which stage is over: the one that is shown, or, while nothing comes from the server, one more for each that waits. */
function stageDone() {
  const shown = Number(/** @type {HTMLElement | null} */ (document.querySelector('#stage'))?.dataset.stage ?? 0);
  const ended = queue.waiting().filter((waits) => waits.type === 'stageDone');
  const last = ended.at(-1);
  if (last && Date.now() - last.tappedAt < TWICE_MS) {
    return sync();
  }
  return tap('stageDone', { stage: String(last ? Number(last.fields.stage) + 1 : shown) });
}

/** While the server is away, the button says what comes after the stages that wait to be ended. */
function nameNext() {
  const waits = queue.waiting().filter((tap) => tap.type === 'stageDone').at(-1);
  const names = Array.from(document.querySelectorAll('.coursebar b span:last-child'), (span) => span.textContent);
  for (const button of document.querySelectorAll('[data-next]')) {
    if (waits) {
      const after = names[Number(waits.fields.stage) + 2];
      button.textContent = after ? word('on-to', after) : word('over');
    }
  }
}

/** @param {HTMLDialogElement} dialog @param {string} type */
function forgot(dialog, type) {
  dialog.close();
  queue.add(type, { lines: dialog.dataset.lines ?? '' });
  return stageDone();
}

/**
 * @param {string} type
 * @param {Record<string, string>} fields
 */
function tap(type, fields) {
  const { ago, ...rest } = fields;
  queue.add(type, rest, Number(ago ?? 0));
  return sync();
}

document.addEventListener('click', (event) => {
  const button = event.target instanceof Element ? event.target.closest('button') : null;
  if (!button) {
    return;
  }
  const data = button.dataset;
  if (data.open) {
    open(data.open);
  } else if (data.event === 'heat') {
    tap('heat', { look: data.look ?? '' });
  } else if (data.event === 'ticked') {
    tap('ticked', { lines: data.lines ?? '' });
  } else if ('next' in data) {
    nextStage();
  } else if (data.forgot) {
    forgot(/** @type {HTMLDialogElement} */ (button.closest('dialog')), data.forgot);
  } else if (data.event === 'coat') {
    tap('coat', data.massG ? { massG: data.massG } : {});
  } else if (data.event === 'lid') {
    tap('lid', { state: data.state ?? '' });
  } else if (data.again) {
    queue.again(data.again);
    sync();
  } else if (data.letgo) {
    queue.letGo(data.letgo);
    showAside();
  } else if (data.event) {
    tap(data.event, {});
  } else if ('far' in data) {
    set('far', far() ? '' : '1');
    showFar();
  } else if ('undo' in data) {
    tap('undo', { undoneKey: data.key ?? '' });
  } else if (data.field) {
    button.closest('dialog')?.close();
    tap(button.closest('form')?.dataset.type ?? '', { [data.field]: data.value ?? '' });
  } else if ('close' in data) {
    button.closest('dialog')?.close();
  } else if (data.key && button.closest('.pad')) {
    press(button, data.key);
  }
});

/**
 * A key of the number pad.
 * @param {HTMLButtonElement} button
 * @param {string} key
 */
function press(button, key) {
  const field = /** @type {HTMLInputElement} */ (button.closest('form')?.querySelector('input'));
  field.value = key === '⌫' ? field.value.slice(0, -1) : field.value + key;
}

document.addEventListener('submit', (event) => {
  const form = /** @type {HTMLFormElement} */ (event.target);
  if (form.dataset.type) {
    event.preventDefault();
    const fields = Object.fromEntries(Array.from(new FormData(form), ([name, value]) => [name, String(value)]));
    form.closest('dialog')?.close();
    tap(form.dataset.type, fields);
  }
});

document.addEventListener('keydown', (event) => {
  const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement
    || event.target instanceof HTMLSelectElement;
  const looksOn = document.body.classList.contains('looking') && !'fvg?'.includes(event.key); // who looks on has no keys that record
  if (looksOn || typing || event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) {
    return;
  }
  if (prefix && /^[1-5]$/.test(event.key)) {
    const buttons = pot.querySelectorAll(prefix === 'h' ? '[data-event="heat"]' : '[data-event="lid"]');
    /** @type {HTMLButtonElement | undefined} */ (buttons[Number(event.key) - 1])?.click();
    prefix = '';
  } else if (event.key === 'h' || event.key === 'l') {
    prefix = event.key;
  } else if (event.key in PRESSES) {
    event.preventDefault(); // a clicker for hand or foot is a Page Down: it does what is offered, and the page stays where it is
    const pressed = PRESSES[/** @type {keyof typeof PRESSES} */ (event.key)];
    /** @type {HTMLButtonElement | null} */ (pot.querySelector(pressed) ?? document.querySelector(pressed))?.click();
  } else if (event.key in KEYS) {
    event.preventDefault();
    open(KEYS[/** @type {keyof typeof KEYS} */ (event.key)]);
  }
});

addEventListener('online', sync);

// Large figures, to be read from across the kitchen; remembered on this device.
const far = () => get('far') === '1';
const showFar = () => document.body.classList.toggle('far', far());
showFar();

// What is likely now stands large; the rest is one tap away, and stays so on this device.
function showAll() {
  const all = get('all') === '1';
  document.body.classList.toggle('all-readings', all);
  pot.querySelector('[data-more]')?.setAttribute('aria-expanded', String(all));
}
showAll();
pot.addEventListener('click', (event) => {
  if (event.target instanceof Element && event.target.closest('[data-more]')) {
    set('all', get('all') === '1' ? '' : '1');
    showAll();
  }
});

function newPanel() {
  const panel = /** @type {HTMLElement | null} */ (document.querySelector('#panel'));
  const bar = panel?.querySelector('.coursebar');
  const here = /** @type {HTMLElement | null} */ (panel?.querySelector('.atwork') ?? null);
  if (bar && here) {
    bar.scrollLeft = here.offsetLeft - /** @type {HTMLElement} */ (bar).offsetLeft;
  }
  showTimes();
  speak(false);
}
newPanel();

// What is recorded on another device is here within a second; without the stream the page asks every few seconds.
const stream = new EventSource(`/pot/${id}/stream`);
stream.addEventListener('changed', () => {
  if (!document.querySelector('dialog[open]')) {
    sync();
  }
});

async function keepUp() {
  if (!document.querySelector('dialog[open]')) {
    await sync();
  }
  setTimeout(keepUp, line.hidden ? EVERY_MS : OFFLINE_MS);
}
setTimeout(keepUp, EVERY_MS);
// The page may be one that was kept: whether the server is there, and its clock, is asked at once.
sync();
navigator.serviceWorker?.register('/sw.js').catch(() => undefined);
