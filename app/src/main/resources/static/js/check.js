// @ts-check
// The recipe's text and what was read of it light each other up.
const form = /** @type {HTMLFormElement} */ (document.querySelector('#check'));

/** @param {Element | null} from */
function light(from) {
  form.querySelectorAll('.lit').forEach((lit) => lit.classList.remove('lit'));
  const stage = from?.getAttribute('data-stage');
  const lines = (from?.getAttribute('data-lines') ?? from?.getAttribute('data-line') ?? '').split(' ').filter(Boolean);
  if (stage && stage !== '0') {
    form.querySelectorAll(`[data-stage="${stage}"]`).forEach((el) => el.classList.add('lit'));
  }
  for (const line of lines) {
    form.querySelector(`[data-line="${line}"]`)?.classList.add('lit');
    for (const mark of form.querySelectorAll('[data-lines]')) {
      if (mark.getAttribute('data-lines')?.split(' ').includes(line)) {
        mark.classList.add('lit');
      }
    }
  }
}

for (const type of ['pointerover', 'focusin', 'click']) {
  form.addEventListener(type, (event) => {
    const target = event.target instanceof Element ? event.target.closest('[data-stage], [data-lines], [data-line]') : null;
    if (target || type !== 'pointerover') {
      light(target);
    }
  });
}
