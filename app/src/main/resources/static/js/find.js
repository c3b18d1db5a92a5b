// @ts-check
// A long list is narrowed as a word of it is typed.
for (const field of /** @type {NodeListOf<HTMLInputElement>} */ (document.querySelectorAll('[data-find]'))) {
  field.addEventListener('input', () => {
    const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
    for (const item of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll(field.dataset.find ?? ''))) {
      const text = (item.textContent ?? '').toLowerCase();
      item.hidden = !words.every((word) => text.includes(word));
    }
  });
}
