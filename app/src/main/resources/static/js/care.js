// @ts-check
// Finds among the cautions while it is typed: what has all the words stays.

const field = /** @type {HTMLInputElement | null} */ (document.querySelector('[data-find]'));

field?.addEventListener('input', () => {
  const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
  let found = 0;
  for (const part of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('.care'))) {
    let here = 0;
    for (const article of /** @type {NodeListOf<HTMLElement>} */ (part.querySelectorAll('article'))) {
      const text = (article.textContent ?? '').toLowerCase();
      article.hidden = !words.every((word) => text.includes(word));
      here += article.hidden ? 0 : 1;
    }
    part.hidden = here === 0;
    found += here;
  }
  /** @type {HTMLElement} */ (document.querySelector('[data-none]')).hidden = found > 0;
});
