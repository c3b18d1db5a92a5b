// @ts-check
// The clock's lanes are moved by drag or by buttons; the server plans the day anew.
import { headers, piece } from './http.js';

const days = /** @type {HTMLElement} */ (document.querySelector('#days'));
document.querySelectorAll('[data-print]').forEach((button) => button.addEventListener('click', () => window.print()));

/** @param {string} plan @param {number} minutes how much earlier than it must be ready */
async function move(plan, minutes) {
  try {
    const body = new URLSearchParams({ minutes: String(minutes), piece: '1' });
    const text = await piece(`/plan/${plan}/move`, { method: 'POST', body, headers: headers() });
    const fresh = new DOMParser().parseFromString(text, 'text/html');
    days.replaceChildren(...fresh.body.childNodes);
  } catch {
    location.reload();
  }
}

days.addEventListener('click', (event) => {
  const button = event.target instanceof Element ? event.target.closest('[data-move]') : null;
  if (button) {
    const plan = button.getAttribute('data-move') ?? '';
    const earlier = button.getAttribute('aria-label');
    move(plan, Number(button.getAttribute('data-minutes'))).then(() => {
      const again = [...days.querySelectorAll(`[data-move="${plan}"]`)].find((b) => b.getAttribute('aria-label') === earlier);
      /** @type {HTMLElement | undefined} */ (again)?.focus();
    });
  }
});

days.addEventListener('pointerdown', (event) => {
  const lane = event.target instanceof Element ? event.target.closest('.movable .lane') : null;
  const plan = lane?.getAttribute('data-plan') ?? '0';
  if (!(lane instanceof SVGGElement) || plan === '0') {
    return;
  }
  event.preventDefault();
  const svg = /** @type {SVGSVGElement} */ (lane.ownerSVGElement);
  const scale = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
  const perMinute = Number(lane.getAttribute('data-perminute'));
  const from = event.clientX;
  let by = 0;
  const follow = (/** @type {PointerEvent} */ to) => {
    by = (to.clientX - from) * scale;
    lane.setAttribute('transform', `translate(${by} 0)`);
  };
  const drop = () => {
    document.removeEventListener('pointermove', follow);
    document.removeEventListener('pointerup', drop);
    const minutes = Math.round(by / perMinute);
    if (minutes !== 0) {
      move(plan, Number(lane.getAttribute('data-moved')) - minutes);
    } else {
      lane.removeAttribute('transform');
    }
  };
  document.addEventListener('pointermove', follow);
  document.addEventListener('pointerup', drop);
});
