// @ts-check
// The practice stove: plays what the server foretells of the pots, sends what is done, and never knows how thick they are.
import { headers } from './http.js';
import { ring, spoon, stream, trail } from './looks.js';
import { simmer, sound } from './simmer.js';
import { Stove } from './stove.js';
import { word } from './words.js';

/** @typedef {import('./stove.js').Sight} Sight */
/** @typedef {{sight: Sight, looks: string[]}} Frame */
/** @typedef {{atS: number, kind: string, coatMm: number[], lineS: number | null, figure: number | null, says: string, over: boolean}} Done */

const FRAME_S = 4;
const AHEAD_S = 600;
const FETCH_WHEN_LEFT_S = 240;
const SAID_LATELY_S = 90;
const AMOUNTS = /** @type {Record<string, number>} */ ({ splash: 20, slurry: 6, salt: 1, butter: 20 });
const KEYS = /** @type {Record<string, string>} */ ({ s: 'stir', w: 'wipe', a: 'splash', y: 'slurry', x: 'salt', b: 'butter', n: 'blend', c: 'spoon', e: 'trail', i: 'drip', g: 'weigh', d: 'dip', r: 'ring', t: 'taste' });
const calm = matchMedia('(prefers-reduced-motion: reduce)');

/** @template {Element} T @param {string} selector @param {ParentNode} [within] @returns {T} */
const one = (selector, within = document) => /** @type {T} */ (within.querySelector(selector));
const root = /** @type {HTMLElement} */ (one('#stove'));
const id = root.dataset.id;
const stoves = [...root.querySelectorAll('[data-shape]')].map((span, i) => {
  const [top, base, height] = (/** @type {HTMLElement} */ (span).dataset.shape ?? '').split(' ').map(Number);
  return { stove: new Stove({ top, base, height }, Number(id) + i), off: /** @type {HTMLElement} */ (span).dataset.isOff === 'true', from: 0, /** @type {Frame[]} */ frames: [], fetching: false, said: -1e9 };
});
/** A reload goes on where the pot was, also when nothing was done to it for a while. */
const KEPT = `gradior:practice:${id}`;
let clock = Math.max(Number(root.dataset.at), Number(sessionStorage.getItem(KEPT) ?? 0));
let pot = Math.max(0, stoves.findIndex((s) => !s.off));
let going = false;
let speed = 10;
let busy = false;
/** @type {{draw: (s: number) => void, began: number} | null} */
let looking = null;

const style = () => {
  const css = getComputedStyle(document.documentElement);
  return { ink: css.getPropertyValue('--soot').trim(), ground: css.getPropertyValue('--porcelain').trim(), glow: css.getPropertyValue('--saffron').trim() };
};
let look = style();
matchMedia('(prefers-color-scheme: dark)').addEventListener('change', () => { look = style(); });

/** @param {string} message */
function fault(message) {
  const line = /** @type {HTMLElement} */ (one('#fault'));
  line.textContent = message;
  line.hidden = !message;
}

/** @param {string} path @param {Record<string, string | number>} fields */
async function post(path, fields) {
  const body = new URLSearchParams();
  Object.entries(fields).forEach(([name, value]) => body.set(name, String(value)));
  const response = await fetch(`/practice/${id}/${path}`, { method: 'POST', body, redirect: 'error', headers: { ...headers(), Accept: 'application/json' } });
  if (!response.ok) {
    const problem = await response.json().catch(() => ({}));
    throw new Error(problem.errors?.[0]?.message ?? problem.detail ?? String(response.status));
  }
  return response;
}

/** Asks what is to be seen of a pot from now on. @param {number} number */
async function ahead(number) {
  const one_ = stoves[number];
  if (one_.fetching) {
    return;
  }
  one_.fetching = true;
  const from = Math.floor(clock / FRAME_S) * FRAME_S;
  try {
    const response = await fetch(`/practice/${id}/sights?pot=${number}&from=${from}&for=${AHEAD_S}`, { redirect: 'error', headers: { ...headers(), Accept: 'application/json' } });
    if (response.ok) {
      one_.frames = await response.json();
      one_.from = from;
    }
  } catch {
    // What is there is drawn on; the next round asks again.
  } finally {
    one_.fetching = false;
  }
}

/** The frame at hand, between two of those that were foretold. @param {number} number @returns {Frame | null} */
function now(number) {
  const { frames, from } = stoves[number];
  if (!frames.length) {
    return null;
  }
  const place = Math.max(0, Math.min(frames.length - 1, (clock - from) / FRAME_S));
  const low = Math.floor(place);
  const a = frames[low];
  const b = frames[Math.min(frames.length - 1, low + 1)];
  const share = place - low;
  const sight = /** @type {any} */ ({ ...a.sight });
  for (const [name, value] of Object.entries(b.sight)) {
    if (typeof value === 'number' && name !== 'knob' && name !== 'lid') {
      sight[name] += (value - sight[name]) * share;
    }
  }
  return { sight, looks: a.looks };
}

/** @param {number} s */
const shown = (s) => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`;
let toldLast = '';
let toldAt = 0;
let keptAt = 0;

/** What is seen, in words, as it changes. @param {Frame} frame @param {number} time */
function tell(frame, time) {
  const words = frame.sight.off ? word('see-off') : frame.looks.map((name) => word(`see-${name}`)).join(' ');
  if (words !== toldLast && time - toldAt > 1500) {
    toldLast = words;
    toldAt = time;
    one('#told').textContent = words;
  }
}

/** Knob and lid as they stand, when they are not being set. @param {Sight} sight */
function settings(sight) {
  const knob = /** @type {HTMLInputElement | null} */ (document.querySelector(`[name=heat][value="${sight.knob}"]`));
  const lid = /** @type {HTMLInputElement | null} */ (document.querySelector(`[name=lid][value="${sight.lid}"]`));
  if (!busy && knob && lid && !(knob.checked && lid.checked)) {
    knob.checked = true;
    lid.checked = true;
  }
}

const side = /** @type {CanvasRenderingContext2D} */ (/** @type {HTMLCanvasElement} */ (one('#side')).getContext('2d'));
const above = /** @type {CanvasRenderingContext2D} */ (/** @type {HTMLCanvasElement} */ (one('#above')).getContext('2d'));
const lookAt = /** @type {CanvasRenderingContext2D} */ (/** @type {HTMLCanvasElement} */ (one('#look')).getContext('2d'));
let before = 0;
let drawnAt = 0;

/** @param {number} time ms */
function frame(time) {
  requestAnimationFrame(frame);
  const dt = Math.min(0.1, (time - before) / 1000);
  before = time;
  if (going && !busy) {
    clock += dt * speed;
  }
  stoves.forEach((s, number) => {
    const left = s.from + (s.frames.length - 1) * FRAME_S - clock;
    if ((!s.frames.length || left < FETCH_WHEN_LEFT_S) && !s.off) {
      ahead(number);
    } else if (!s.frames.length) {
      ahead(number);
    }
  });
  if (looking) {
    looking.draw((time - looking.began) / 1000);
  }
  if (calm.matches && time - drawnAt < 2000) {
    return;
  }
  drawnAt = time;
  const current = now(pot);
  if (!current) {
    return;
  }
  const alive = going || !calm.matches ? dt : 0;
  stoves.forEach((s, number) => {
    const seen = number === pot ? current : now(number);
    if (seen && (number === pot || stoves.length > 1)) {
      s.stove.live(seen.sight, calm.matches ? 0.3 : alive);
      if (stoves.length > 1) {
        const small = /** @type {HTMLCanvasElement | null} */ (root.querySelector(`[data-pot="${number}"] canvas`));
        const g = small?.getContext('2d');
        if (g) {
          s.stove.above(g, seen.sight, look);
        }
      }
    }
  });
  stoves[pot].stove.side(side, current.sight, look);
  stoves[pot].stove.above(above, current.sight, look);
  if (going) {
    simmer(current.sight, dt);
  }
  one('#minute').textContent = shown(clock);
  if (time - keptAt > 1000) {
    keptAt = time;
    sessionStorage.setItem(KEPT, String(clock));
  }
  settings(current.sight);
  tell(current, time);
}

/** @param {boolean} wanted */
function go(wanted) {
  going = wanted;
  const button = /** @type {HTMLButtonElement} */ (one('[data-pause]'));
  button.textContent = (going ? button.dataset.stop : button.dataset.go) ?? '';
  button.setAttribute('aria-pressed', String(going));
}

/** Does something at the pot at hand. @param {string} kind @param {number} [value] */
async function does(kind, value = 0) {
  if (busy || stoves[pot].off) {
    return;
  }
  busy = true;
  fault('');
  const at = pot;
  try {
    /** @type {Done} */
    const done = await (await post('do', { atS: clock, pot: at, kind, value })).json();
    clock = Math.max(clock, done.atS);
    stoves[at].off = stoves[at].off || kind === 'off';
    if (kind === 'stir' || kind === 'slurry') {
      stoves[at].stove.stir();
    }
    one('#shown').textContent = done.says;
    await ahead(at);
    if (done.over) {
      location.reload();
      return;
    }
    if (kind === 'off') {
      choose(Math.max(0, stoves.findIndex((s) => !s.off)));
    }
    show(done, at);
  } catch (e) {
    fault(word('not-done', /** @type {Error} */ (e).message));
  } finally {
    busy = false;
  }
}

/** Shows what a test shows, and asks what is read of it. @param {Done} done @param {number} at */
function show(done, at) {
  const sight = now(at)?.sight;
  if (!sight || !['spoon', 'trail', 'drip', 'ring'].includes(done.kind)) {
    return;
  }
  const colour = [sight.red, sight.green, sight.blue].map(Math.round);
  const dialog = /** @type {HTMLDialogElement} */ (one('#dlg-look'));
  const timed = /** @type {HTMLElement} */ (one('[data-timed]', dialog));
  const steps = /** @type {HTMLElement} */ (one('[data-steps]', dialog));
  const button = /** @type {HTMLButtonElement} */ (one('[data-now]', dialog));
  const when = clock;
  timed.hidden = done.kind === 'spoon' || done.kind === 'ring';
  steps.hidden = done.kind !== 'spoon';
  button.textContent = word(done.kind === 'trail' ? 'closed-now' : 'drips-now');
  one('#look-h', dialog).textContent = one(`[data-do="${done.kind}"] span`).textContent;
  one('#look-says', dialog).textContent = done.says || word({ spoon: 'line-fills', trail: 'line-floor', drip: 'stream-runs', ring: 'ring-spreads' }[done.kind] ?? '');
  const figure = done.figure ?? 60;
  looking = {
    began: performance.now(),
    draw: (s) => {
      if (done.kind === 'spoon') {
        spoon(lookAt, s, done, colour, look);
      } else if (done.kind === 'trail') {
        trail(lookAt, s, figure, colour, look);
      } else if (done.kind === 'drip') {
        stream(lookAt, s, figure, colour, look);
      } else {
        ring(lookAt, s, figure, colour, look);
      }
    },
  };
  /** @param {string} sense @param {number} said */
  const read = (sense, said) => post('read', { sense, pot: at, atS: when, said }).catch((e) => fault(word('not-done', e.message)));
  button.onclick = () => {
    const counted = (performance.now() - (looking?.began ?? 0)) / 1000;
    read(done.kind, counted);
    timed.hidden = true;
    one('#look-says', dialog).textContent = word('you-counted', counted.toFixed(1));
  };
  steps.onclick = (e) => {
    const step = /** @type {HTMLElement} */ (e.target).closest('[data-step]')?.getAttribute('data-step');
    if (step) {
      read('spoon', Number(step));
      dialog.close();
    }
  };
  dialog.onclose = () => { looking = null; };
  const went = going;
  go(false);
  dialog.addEventListener('close', () => go(went), { once: true });
  dialog.showModal();
}

const judge = /** @type {HTMLDialogElement} */ (one('#dlg-judge'));
let offAfter = false;

/** Asks what it is, before anything is shown. @param {boolean} off whether it comes off then */
function ask(off) {
  offAfter = off;
  go(false);
  const minutes = /** @type {HTMLInputElement} */ (one('[name=minutesLeft]', judge));
  if (off) {
    minutes.value = '0';
  }
  judge.querySelectorAll('[name=bubbles]').forEach((radio) => { /** @type {HTMLInputElement} */ (radio).checked = false; });
  treads();
  judge.showModal();
}

function treads() {
  judge.querySelectorAll('[data-tread]').forEach((output) => {
    const name = /** @type {HTMLElement} */ (output).dataset.tread;
    const value = Number(/** @type {HTMLInputElement} */ (one(`[name=${name}]`, judge)).value);
    const tread = document.querySelector(`[data-step="${Math.max(1, Math.min(9, Math.round(value)))}"] span`)?.textContent ?? '';
    output.textContent = `${value.toFixed(1)} ${tread}`;
  });
}

async function say() {
  const at = pot;
  const value = (/** @type {string} */ name) => Number(/** @type {HTMLInputElement} */ (one(`[name=${name}]`, judge)).value);
  const wrong = /** @type {HTMLElement} */ (one('[data-judge-fault]'));
  wrong.hidden = true;
  try {
    await post('say', { atS: clock, pot: at, stepNow: value('stepNow'), stepCold: value('stepCold'), minutesLeft: value('minutesLeft') });
    const bubbles = /** @type {HTMLInputElement | null} */ (judge.querySelector('[name=bubbles]:checked'));
    if (bubbles) {
      await post('read', { sense: 'bubbles', pot: at, atS: clock, said: bubbles.value });
    }
    stoves[at].said = clock;
    judge.close();
    if (offAfter) {
      await does('off');
    }
  } catch (e) {
    wrong.textContent = /** @type {Error} */ (e).message;
    wrong.hidden = false;
  }
}

function off() {
  if (clock - stoves[pot].said > SAID_LATELY_S) {
    ask(true);
  } else {
    does('off');
  }
}

/** @param {number} number */
function choose(number) {
  pot = number;
  toldLast = '';
  root.querySelectorAll('[data-pot]').forEach((tab) => tab.setAttribute('aria-selected', String(Number(/** @type {HTMLElement} */ (tab).dataset.pot) === pot)));
}

let amountOf = '';

/** @param {string} kind */
function tool(kind) {
  const box = /** @type {HTMLElement} */ (one('[data-amount]'));
  if (AMOUNTS[kind]) {
    amountOf = kind;
    box.hidden = false;
    one('[data-amount-name]').textContent = one(`[data-do="${kind}"] span`).textContent;
    const field = /** @type {HTMLInputElement} */ (one('[name=amount]'));
    field.value = String(AMOUNTS[kind]);
    field.focus();
    field.select();
  } else {
    box.hidden = true;
    does(kind);
  }
}

function putIn() {
  const grams = Number(/** @type {HTMLInputElement} */ (one('[name=amount]')).value);
  AMOUNTS[amountOf] = grams > 0 ? grams : AMOUNTS[amountOf];
  /** @type {HTMLElement} */ (one('[data-amount]')).hidden = true;
  does(amountOf, grams);
}

root.querySelectorAll('[data-pot]').forEach((tab) => {
  const small = document.createElement('canvas');
  small.width = 72;
  small.height = 72;
  tab.prepend(small);
  tab.addEventListener('click', () => choose(Number(/** @type {HTMLElement} */ (tab).dataset.pot)));
});
document.querySelectorAll('[data-do]').forEach((button) => button.addEventListener('click', () => tool(/** @type {HTMLElement} */ (button).dataset.do ?? '')));
document.querySelectorAll('[name=heat]').forEach((radio) => radio.addEventListener('change', () => does('heat', Number(/** @type {HTMLInputElement} */ (radio).value))));
document.querySelectorAll('[name=lid]').forEach((radio) => radio.addEventListener('change', () => does('lid', Number(/** @type {HTMLInputElement} */ (radio).value))));
document.querySelectorAll('[name=speed]').forEach((radio) => radio.addEventListener('change', () => { speed = Number(/** @type {HTMLInputElement} */ (radio).value); }));
one('[data-pause]').addEventListener('click', () => go(!going));
one('[data-judge]').addEventListener('click', () => ask(false));
one('[data-off]').addEventListener('click', off);
one('[data-say]').addEventListener('click', say);
one('[data-close]', judge).addEventListener('click', () => judge.close());
one('[data-amount-do]').addEventListener('click', putIn);
one('[name=amount]').addEventListener('keydown', (e) => {
  if (/** @type {KeyboardEvent} */ (e).key === 'Enter') {
    e.preventDefault();
    putIn();
  }
});
judge.addEventListener('input', treads);
one('[data-words]').addEventListener('click', (e) => {
  const shown_ = one('#told').classList.toggle('sr');
  /** @type {HTMLElement} */ (e.currentTarget).setAttribute('aria-pressed', String(!shown_));
});
one('[data-sound]').addEventListener('click', (e) => {
  const button = /** @type {HTMLButtonElement} */ (e.currentTarget);
  const wanted = button.getAttribute('aria-pressed') !== 'true';
  button.setAttribute('aria-pressed', String(wanted));
  button.textContent = (wanted ? button.dataset.on : button.dataset.off) ?? '';
  sound(wanted);
});

/** @param {string} name @param {string} value */
function press(name, value) {
  const radio = /** @type {HTMLInputElement | null} */ (document.querySelector(`[name=${name}][value="${value}"]`));
  if (radio && !radio.checked) {
    radio.checked = true;
    radio.dispatchEvent(new Event('change', { bubbles: true }));
  }
}

/** @param {number} by */
function faster(by) {
  const all = [...document.querySelectorAll('[name=speed]')].map((radio) => /** @type {HTMLInputElement} */ (radio).value);
  press('speed', all[Math.max(0, Math.min(all.length - 1, all.indexOf(String(speed)) + by))]);
}

document.addEventListener('keydown', (e) => {
  const target = /** @type {HTMLElement} */ (e.target);
  const typing = target.matches('textarea, select, input:not([type=radio])');
  if (typing || document.querySelector('dialog[open]') || e.ctrlKey || e.metaKey || e.altKey) {
    return;
  }
  if (/^\d$/.test(e.key)) {
    press('heat', e.key);
  } else if (e.key === 'l') {
    const lid = /** @type {HTMLInputElement | null} */ (document.querySelector('[name=lid]:checked'));
    press('lid', String((Number(lid?.value ?? 0) + 1) % 3));
  } else if (e.key === ' ' && !target.matches('button, a, summary')) {
    go(!going);
  } else if (e.key === '+' || e.key === '-') {
    faster(e.key === '+' ? 1 : -1);
  } else if (e.key === 'j') {
    ask(false);
  } else if (e.key === 'o') {
    off();
  } else if (KEYS[e.key] && document.querySelector(`[data-do="${KEYS[e.key]}"]`)) {
    tool(KEYS[e.key]);
  } else {
    return;
  }
  e.preventDefault();
});

choose(pot);
requestAnimationFrame((time) => {
  before = time;
  frame(time);
});
