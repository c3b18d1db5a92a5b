// @ts-check
// What is tapped before a page's scripts are there counts, once, when they are: on a slow line a hand is quicker than they. Until then no
// script hears of it, so that one which is there sooner than the others cannot count it a second time. This is the one script that is
// read before the page is; all others have run when the page says that it is whole. The same for Enter where a script answers it: the
// browser would send the form, half written.
(() => {
  /** @type {Set<HTMLButtonElement>} */
  const tapped = new Set();
  /** @param {MouseEvent} event */
  const keep = (event) => {
    const button = event.target instanceof Element ? event.target.closest('button') : null;
    if (button?.type === 'button') {
      event.stopImmediatePropagation();
      tapped.add(button);
    }
  };
  /** @type {HTMLInputElement[]} */
  const entered = [];
  /** @param {KeyboardEvent} event */
  const hold = (event) => {
    const field = event.target;
    if (event.key === 'Enter' && field instanceof HTMLInputElement && field.matches('[data-enter] input, input[data-put]')) {
      event.preventDefault();
      event.stopImmediatePropagation();
      entered.push(field);
    }
  };
  addEventListener('click', keep, true);
  addEventListener('keydown', hold, true);
  addEventListener('DOMContentLoaded', () => {
    removeEventListener('click', keep, true);
    removeEventListener('keydown', hold, true);
    tapped.forEach((button) => button.click());
    entered.forEach((field) => field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true })));
  });
})();
