// @ts-check
// What is tapped before a page's scripts are there counts, once, when they are: on a slow line a hand is quicker than they. Until then no
// script hears of it, so that one which is there sooner than the others cannot count it a second time. This is the one script that is
// read before the page is; all others have run when the page says that it is whole.
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
  addEventListener('click', keep, true);
  addEventListener('DOMContentLoaded', () => {
    removeEventListener('click', keep, true);
    tapped.forEach((button) => button.click());
  });
})();
