// @ts-check
// The dialog that asks what a pot is, before anything is shown.

const dialog = /** @type {HTMLDialogElement} */ (document.querySelector('#dlg-judge'));
/** @template {Element} T @param {string} selector @returns {T} */
const part = (selector) => /** @type {T} */ (dialog.querySelector(selector));
/** @param {string} name @returns {HTMLInputElement} */
const field = (name) => part(`[name=${name}]`);
const fault = /** @type {HTMLElement} */ (part('[data-judge-fault]'));

/** @type {(() => Promise<void>) | null} */
let then = null;

/** Names what each slider stands at. */
function treads() {
  dialog.querySelectorAll('[data-tread]').forEach((output) => {
    const value = Number(field(/** @type {HTMLElement} */ (output).dataset.tread ?? '').value);
    const tread = document.querySelector(`[data-step="${Math.max(1, Math.min(9, Math.round(value)))}"] span`)?.textContent ?? '';
    output.textContent = `${value.toFixed(1)} ${tread}`;
  });
}

/**
 * Asks.
 * @param {boolean} off whether it comes off then: no minutes are left
 * @param {(said: Record<'stepNow' | 'stepCold' | 'minutesLeft', number>, bubbles: string | null) => Promise<void>} say keeps it; what it throws is shown
 */
export function ask(off, say) {
  if (off) {
    field('minutesLeft').value = '0';
  }
  dialog.querySelectorAll('[name=bubbles]').forEach((radio) => { /** @type {HTMLInputElement} */ (radio).checked = false; });
  fault.hidden = true;
  then = () => say(
    { stepNow: Number(field('stepNow').value), stepCold: Number(field('stepCold').value), minutesLeft: Number(field('minutesLeft').value) },
    /** @type {HTMLInputElement | null} */ (dialog.querySelector('[name=bubbles]:checked'))?.value ?? null);
  treads();
  dialog.showModal();
}

part('[data-say]').addEventListener('click', async () => {
  fault.hidden = true;
  try {
    await then?.();
    dialog.close();
  } catch (e) {
    fault.textContent = /** @type {Error} */ (e).message;
    fault.hidden = false;
  }
});
part('[data-close]').addEventListener('click', () => dialog.close());
dialog.addEventListener('input', treads);
