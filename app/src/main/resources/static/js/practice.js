// @ts-check
// The practice stove: plays what the server foretells of the pots, sends what is done, and never knows how thick they are.
import { Ahead } from './ahead.js';
import { headers } from './http.js';
import { ask } from './judging.js';
import { drawLook, showTest } from './showing.js';
import { simmer, sound } from './simmer.js';
import { Stove } from './stove.js';
import { word } from './words.js';

/** @typedef {import('./stove.js').Sight} Sight */

/** How often a picture that stands still is drawn anew, and what is seen is said anew, ms. */
const STILL_MS = 2000;
const TELL_MS = 1500;
const KEEP_MS = 1000;
const calm = matchMedia('(prefers-reduced-motion: reduce)');

/** @template {Element} T @param {string} selector @returns {T} */
const one = (selector) => /** @type {T} */ (document.querySelector(selector));
/** @param {string} selector @returns {HTMLElement[]} */
const all = (selector) => [...document.querySelectorAll(selector)].map((e) => /** @type {HTMLElement} */ (e));
/** @param {string} canvas */
const pen = (canvas) => /** @type {CanvasRenderingContext2D} */ (/** @type {HTMLCanvasElement} */ (one(canvas)).getContext('2d'));
const root = /** @type {HTMLElement} */ (one('#stove'));
const id = root.dataset.id ?? '';
const latelyS = Number(root.dataset.lately);
const pots = all('#stove [data-shape]').map((span, number) => {
  const [top, base, height] = (span.dataset.shape ?? '').split(' ').map(Number);
  return { stove: new Stove({ top, base, height }, Number(id) + number), ahead: new Ahead(id, number, Number(root.dataset.frame)), off: span.dataset.isOff === 'true', said: -Infinity };
});
const tabs = all('#stove [data-pot]').map((tab) => {
  const small = document.createElement('canvas');
  small.width = 72;
  small.height = 72;
  tab.prepend(small);
  return /** @type {CanvasRenderingContext2D} */ (small.getContext('2d'));
});
const side = pen('#side');
const above = pen('#above');
/** A reload goes on where the pot was, also when nothing was done to it for a while. */
const KEPT = `gradior:practice:${id}`;
let clock = Math.max(Number(root.dataset.at), Number(sessionStorage.getItem(KEPT) ?? 0));
const next = () => Math.max(0, pots.findIndex((p) => !p.off));
let pot = next();
let going = false;
let speed = 10;
let busy = false;

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
  const body = new URLSearchParams(Object.entries(fields).map(([name, value]) => [name, String(value)]));
  const response = await fetch(`/practice/${id}/${path}`, { method: 'POST', body, redirect: 'error', headers: { ...headers(), Accept: 'application/json' } });
  if (!response.ok) {
    const problem = await response.json().catch(() => ({}));
    throw new Error(problem.errors?.[0]?.message ?? problem.detail ?? String(response.status));
  }
  return response;
}

/** @param {unknown} e */
const notDone = (e) => fault(word('not-done', /** @type {Error} */ (e).message));

/** @param {number} s */
const shown = (s) => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`;
let toldLast = '';
let toldAt = 0;
let keptAt = 0;
let before = 0;
let drawnAt = 0;

/** What is seen, in words, as it changes. @param {import('./ahead.js').Frame} seen @param {number} time */
function tell(seen, time) {
  const words = seen.sight.off ? word('see-off') : seen.looks.map((name) => word(`see-${name}`)).join(' ');
  if (words !== toldLast && time - toldAt > TELL_MS) {
    toldLast = words;
    toldAt = time;
    one('#told').textContent = words;
  }
}

/** Knob and lid as they stand, when they are not being set. @param {Sight} sight */
function settings(sight) {
  const knob = /** @type {HTMLInputElement | null} */ (one(`[name=heat][value="${sight.knob}"]`));
  const lid = /** @type {HTMLInputElement | null} */ (one(`[name=lid][value="${sight.lid}"]`));
  if (!busy && knob && lid && !(knob.checked && lid.checked)) {
    knob.checked = true;
    lid.checked = true;
  }
}

/** Its time goes on as far as is known what is seen of every pot. @param {number} dt s */
function tick(dt) {
  const known = Math.min(...pots.filter((p) => !p.off).map((p) => p.ahead.end()));
  if (going && !busy) {
    clock = Math.max(clock, Math.min(known, clock + dt * speed));
  }
  pots.forEach((p) => p.ahead.keep(clock, p.off));
}

/** @param {number} dt s */
function draw(dt) {
  const alive = calm.matches ? 0.3 : dt;
  pots.forEach((p, number) => {
    const seen = number === pot || tabs.length ? p.ahead.at(clock) : null;
    if (!seen) {
      return;
    }
    p.stove.live(seen.sight, alive);
    if (tabs.length) {
      p.stove.above(tabs[number], seen.sight, look);
    }
    if (number === pot) {
      p.stove.side(side, seen.sight, look);
      p.stove.above(above, seen.sight, look);
    }
  });
}

/** @param {number} time ms */
function frame(time) {
  requestAnimationFrame(frame);
  const dt = Math.min(0.1, (time - before) / 1000);
  before = time;
  tick(dt);
  drawLook();
  const seen = pots[pot].ahead.at(clock);
  if (!seen || (calm.matches && time - drawnAt < STILL_MS)) {
    return;
  }
  drawnAt = time;
  draw(dt);
  if (going) {
    simmer(seen.sight, dt);
  }
  one('#minute').textContent = shown(clock);
  if (time - keptAt > KEEP_MS) {
    keptAt = time;
    sessionStorage.setItem(KEPT, String(clock));
  }
  settings(seen.sight);
  tell(seen, time);
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
  const at = pot;
  const { stove, ahead, off } = pots[at];
  if (busy || off) {
    return;
  }
  busy = true;
  fault('');
  try {
    /** @type {import('./showing.js').Done} */
    const done = await (await post('do', { atS: clock, pot: at, kind, value })).json();
    clock = Math.max(clock, done.freeS);
    pots[at].off = kind === 'off';
    if (kind === 'stir' || kind === 'slurry') {
      stove.stir();
    }
    one('#shown').textContent = done.says;
    await ahead.ask(clock);
    if (done.over) {
      location.reload();
    } else if (kind === 'off') {
      choose(next());
    } else {
      test(done, at);
    }
  } catch (e) {
    notDone(e);
  } finally {
    busy = false;
  }
}

/** Shows what a test shows; time stands still while it is looked at. @param {import('./showing.js').Done} done @param {number} at */
function test(done, at) {
  const sight = pots[at].ahead.at(clock)?.sight;
  const closed = sight && showTest(done, sight, look, (sense, said) => post('read', { sense, pot: at, atS: done.lookedS, said }).catch(notDone));
  if (closed) {
    const went = going;
    go(false);
    closed.then(() => go(went));
  }
}

/** Asks what it is, before anything is shown. @param {boolean} off whether it comes off then */
function judge(off) {
  const at = pot;
  go(false);
  ask(off, async (said, bubbles) => {
    await post('say', { atS: clock, pot: at, ...said });
    if (bubbles) {
      await post('read', { sense: 'bubbles', pot: at, atS: clock, said: bubbles });
    }
    pots[at].said = clock;
    if (off) {
      await does('off');
    }
  });
}

function takeOff() {
  if (clock - pots[pot].said > latelyS) {
    judge(true);
  } else {
    does('off');
  }
}

/** @param {number} number */
function choose(number) {
  pot = number;
  toldLast = '';
  all('#stove [data-pot]').forEach((tab) => tab.setAttribute('aria-selected', String(Number(tab.dataset.pot) === pot)));
}

const amount = /** @type {HTMLElement} */ (one('[data-amount]'));
const grams = /** @type {HTMLInputElement} */ (one('[name=amount]'));
/** @type {HTMLElement | null} */
let weighed = null;

/** @param {HTMLElement} button what is done by it, and as much as goes in by weight, if any does */
function tool(button) {
  const usual = Number(button.dataset.usual);
  amount.hidden = !usual;
  weighed = usual ? button : null;
  if (usual) {
    one('[data-amount-name]').textContent = button.querySelector('span')?.textContent ?? '';
    grams.value = String(usual);
    grams.focus();
    grams.select();
  } else {
    does(button.dataset.do ?? '');
  }
}

function putIn() {
  const value = Number(grams.value);
  if (weighed) {
    if (value > 0) {
      weighed.dataset.usual = String(value);
    }
    amount.hidden = true;
    does(weighed.dataset.do ?? '', value);
  }
}

/** What is done as one of a set of radio buttons is chosen. @param {string} name @param {(value: number) => void} chosen */
const chooses = (name, chosen) => all(`[name=${name}]`).forEach((radio) => radio.addEventListener('change', () => chosen(Number(/** @type {HTMLInputElement} */ (radio).value))));

all('#stove [data-pot]').forEach((tab) => tab.addEventListener('click', () => choose(Number(tab.dataset.pot))));
all('[data-do]').forEach((button) => button.addEventListener('click', () => tool(button)));
chooses('heat', (knob) => does('heat', knob));
chooses('lid', (lid) => does('lid', lid));
chooses('speed', (wanted) => { speed = wanted; });
one('[data-pause]').addEventListener('click', () => go(!going));
one('[data-judge]').addEventListener('click', () => judge(false));
one('[data-take-off]').addEventListener('click', takeOff);
one('[data-amount-do]').addEventListener('click', putIn);
grams.addEventListener('keydown', (e) => {
  if (e.key === 'Enter') {
    e.preventDefault();
    putIn();
  }
});
one('[data-words]').addEventListener('click', (e) => {
  const hidden = one('#told').classList.toggle('sr');
  /** @type {HTMLElement} */ (e.currentTarget).setAttribute('aria-pressed', String(!hidden));
});
one('[data-sound]').addEventListener('click', (e) => {
  const button = /** @type {HTMLButtonElement} */ (e.currentTarget);
  const wanted = button.getAttribute('aria-pressed') !== 'true';
  button.setAttribute('aria-pressed', String(wanted));
  button.textContent = (wanted ? button.dataset.hush : button.dataset.sound) ?? '';
  sound(wanted);
});

/** @param {string} name @param {string} value */
function press(name, value) {
  const radio = /** @type {HTMLInputElement | null} */ (one(`[name=${name}][value="${value}"]`));
  if (radio && !radio.checked) {
    radio.checked = true;
    radio.dispatchEvent(new Event('change', { bubbles: true }));
  }
}

/** @param {string} name @param {number} by so many further along, to the last */
function further(name, by) {
  const radios = all(`[name=${name}]`).map((radio) => /** @type {HTMLInputElement} */ (radio));
  const place = radios.findIndex((radio) => radio.checked) + by;
  press(name, radios[Math.max(0, Math.min(radios.length - 1, place))].value);
}

/** @type {Record<string, () => void>} */
const KEYS = {
  l: () => {
    const on = one('[name=lid][value="2"]:checked');
    if (on) {
      press('lid', '0');
    } else {
      further('lid', 1);
    }
  },
  ' ': () => go(!going),
  '+': () => further('speed', 1),
  '-': () => further('speed', -1),
  j: () => judge(false),
  o: takeOff,
};

document.addEventListener('keydown', (e) => {
  const target = /** @type {HTMLElement} */ (e.target);
  const typing = target.matches('textarea, select, input:not([type=radio])');
  if (typing || document.querySelector('dialog[open]') || e.ctrlKey || e.metaKey || e.altKey || (e.key === ' ' && target.matches('button, a, summary'))) {
    return;
  }
  const button = all('[data-key]').find((b) => b.dataset.key === e.key);
  if (/^\d$/.test(e.key)) {
    press('heat', e.key);
  } else if (KEYS[e.key]) {
    KEYS[e.key]();
  } else if (button) {
    tool(button);
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
