// @ts-check
// Every move of the form is answered by the server; the address keeps the plan. The chart is a slider: by drag, tap or arrow keys.
import { typedInto } from './brought.js';
import { piece, settled } from './http.js';
import { released } from './press.js';

const form = /** @type {HTMLFormElement} */ (document.querySelector('#plan'));
let asked = 0;
form.querySelectorAll('.nojs').forEach((button) => button.remove());

/** @param {string} name */
function field(name) {
  return /** @type {HTMLInputElement | HTMLSelectElement} */ (form.elements.namedItem(name));
}

function query() {
  const data = new URLSearchParams(/** @type {any} */ (new FormData(form)));
  data.delete('_csrf');
  return data;
}

async function answer() {
  const ticket = ++asked;
  const data = query();
  try {
    const text = await piece(`/plan/answer?${data}`);
    const fresh = new DOMParser().parseFromString(text, 'text/html').querySelector('#answer');
    await released(document.querySelector('#answer'));
    if (ticket === asked && fresh) {
      const sliding = document.activeElement?.id === 'ways';
      document.querySelector('#answer')?.replaceWith(fresh);
      history.replaceState(null, '', `/plan?${data}`);
      chart();
      if (sliding) {
        /** @type {HTMLElement | null} */ (document.querySelector('#ways'))?.focus({ preventScroll: true });
      }
    }
  } catch {
    document.querySelector('#answer')?.classList.add('stale');
  }
}

const answerSoon = settled(answer, 120);

function fitting() {
  const by = field('by').value;
  form.querySelectorAll('[data-by]').forEach((part) => {
    /** @type {HTMLElement} */ (part).hidden = part.getAttribute('data-by') !== by;
  });
  form.querySelectorAll('[data-brush]').forEach((part) => {
    /** @type {HTMLElement} */ (part).hidden = field('brush').value === '';
  });
  const amount = /** @type {HTMLElement} */ (field('amount').closest('label'));
  amount.hidden = by === 'FOOD';
  amount.parentElement?.classList.toggle('alone', by === 'FOOD');
}

/** What it is brushed on sets how much is made and how thick it is; taken away, it goes by the sauce again. @param {HTMLSelectElement} brush */
function brushes(brush) {
  const food = brush.selectedOptions[0]?.dataset;
  if (!brush.value || !food) {
    if (field('by').value === 'FOOD') {
      field('by').value = 'FACTOR';
    }
    return;
  }
  field('by').value = 'FOOD';
  field('brushG').value = String(Number(food.grams));
  field('coats').value = food.coats ?? '';
  field('step').value = brush.dataset.step ?? '';
  field('served').value = brush.dataset.served ?? '';
}

form.addEventListener('input', (event) => {
  const target = event.target;
  if (target instanceof HTMLSelectElement && (target.name === 'sauce' || target.name === 'version')) {
    const version = target.name === 'version' ? `&version=${target.value}` : '';
    location.assign(`/plan?sauce=${field('sauce').value}${version}`);
    return;
  }
  if (target instanceof HTMLSelectElement && target.name === 'use' && target.selectedOptions[0]?.dataset.step) {
    field('step').value = String(Number(target.selectedOptions[0].dataset.step));
    field('served').value = target.selectedOptions[0].dataset.served ?? '';
  }
  if (target instanceof HTMLSelectElement && target.name === 'brush') {
    brushes(target);
  }
  fitting();
  answerSoon();
});

if (typedInto(form)) {
  fitting();
  answerSoon();
}

form.addEventListener('click', (event) => {
  const pick = event.target instanceof Element ? event.target.closest('.pickpot') : null;
  if (pick) {
    field('pot').value = pick.getAttribute('data-pot') ?? '';
    answerSoon();
  }
});

/** @returns {SVGCircleElement[]} the ways, reduce-only first */
function points() {
  return [...document.querySelectorAll('#ways .way-point')].map((p) => /** @type {SVGCircleElement} */ (p));
}

/** Wishes for the yield of a way: the mark goes there at once, the rest when the server has answered. @param {number} index */
function choose(index) {
  const all = points();
  const ways = document.querySelector('#ways');
  const point = all[Math.max(0, Math.min(all.length - 1, index))];
  if (!point || !ways) {
    return;
  }
  const wish = point.dataset.wish ?? '';
  if (field('wish').value === wish) {
    return;
  }
  field('wish').value = wish;
  const mark = ways.querySelector('.chosen');
  mark?.setAttribute('cx', point.getAttribute('cx') ?? '');
  mark?.setAttribute('cy', point.getAttribute('cy') ?? '');
  ways.setAttribute('aria-valuenow', String(all.indexOf(point)));
  ways.setAttribute('aria-valuetext', point.dataset.says ?? '');
  answerSoon();
}

/** @param {HTMLElement} ways @param {number} clientX */
function nearest(ways, clientX) {
  const svg = /** @type {SVGSVGElement} */ (ways.querySelector('svg'));
  const box = svg.getBoundingClientRect();
  const x = ((clientX - box.left) / box.width) * svg.viewBox.baseVal.width;
  const away = points().map((p) => Math.abs(Number(p.getAttribute('cx')) - x));
  return away.indexOf(Math.min(...away));
}

function chart() {
  const ways = /** @type {HTMLElement | null} */ (document.querySelector('#ways'));
  ways?.addEventListener('keydown', (event) => {
    const now = Number(ways.getAttribute('aria-valuenow'));
    const last = points().length - 1;
    // To the right is longer on the heat: toward reduce-only, which is first.
    const to = { ArrowRight: now - 1, ArrowUp: now + 1, ArrowLeft: now + 1, ArrowDown: now - 1, Home: last, End: 0 }[event.key];
    if (to !== undefined) {
      event.preventDefault();
      choose(to);
    }
  });
  ways?.addEventListener('pointerdown', (event) => {
    event.preventDefault();
    ways.focus({ preventScroll: true });
    choose(nearest(ways, event.clientX));
    const follow = (/** @type {PointerEvent} */ move) => {
      const here = /** @type {HTMLElement | null} */ (document.querySelector('#ways'));
      if (here) {
        choose(nearest(here, move.clientX));
      }
    };
    const drop = () => {
      document.removeEventListener('pointermove', follow);
      document.removeEventListener('pointerup', drop);
      document.removeEventListener('pointercancel', drop);
    };
    document.addEventListener('pointermove', follow);
    document.addEventListener('pointerup', drop);
    document.addEventListener('pointercancel', drop);
  });
}

fitting();
chart();
