// @ts-check
// Parts of a page that take longer are fetched once it is there; what stands in their place is good without them.
import { piece } from './http.js';
import { released } from './press.js';

for (const part of document.querySelectorAll('[data-later]')) {
  piece(part.getAttribute('data-later') ?? '').then(
    async (html) => {
      await released(part);
      part.replaceChildren(...new DOMParser().parseFromString(html, 'text/html').body.childNodes);
      part.removeAttribute('data-later');
    },
    () => part.setAttribute('data-failed', ''),
  );
}
