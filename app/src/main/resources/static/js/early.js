// @ts-check
// What is tapped before a page's scripts are there counts, once, when they are: on a slow line a hand is quicker than they. So do the keys
// of a page that answers them (`data-keys`), and Enter where a script goes on (`data-enter`): the browser would send the form, half
// written. Until then no script hears of it, so that one which is there sooner than the others cannot count it a second time. This is the
// one script that is read before the page is; all others have run when the page says that it is whole.
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
  /** @type {{ at: Element, key: string }[]} */
  const typed = [];
  /** @param {KeyboardEvent} event */
  const hold = (event) => {
    const at = event.target instanceof Element ? event.target : document.body;
    const enters = event.key === 'Enter' && at.matches('[data-enter] input, input[data-put]');
    const types = at.matches('textarea, select, input:not([type=radio])') || (event.key === ' ' && at.matches('button, a, summary'));
    const pressed = (event.key.length === 1 || event.key === 'PageDown') && !types && !event.ctrlKey && !event.metaKey && !event.altKey
      && document.querySelector('[data-keys]') !== null;
    if (enters || pressed) {
      event.preventDefault();
      event.stopImmediatePropagation();
      typed.push({ at, key: event.key });
    }
  };
  addEventListener('click', keep, true);
  addEventListener('keydown', hold, true);
  addEventListener('DOMContentLoaded', () => {
    removeEventListener('click', keep, true);
    removeEventListener('keydown', hold, true);
    tapped.forEach((button) => button.click());
    typed.forEach((one) => one.at.dispatchEvent(new KeyboardEvent('keydown', { key: one.key, bubbles: true, cancelable: true })));
  });
})();
