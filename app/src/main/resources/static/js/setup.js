// @ts-check
// What this device knows of its kitchen is filled in before anybody types: the time zone, and degrees as its measures go.
const form = /** @type {HTMLFormElement} */ (document.querySelector('form.sheet'));
const zone = /** @type {HTMLInputElement} */ (form.elements.namedItem('timeZone'));
const measures = /** @type {HTMLSelectElement} */ (form.elements.namedItem('measures'));
const degrees = /** @type {HTMLSelectElement} */ (form.elements.namedItem('fahrenheit'));
let chosen = false;

const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
if (here && zone.value === zone.defaultValue && !document.querySelector('.fault')) {
  zone.value = here;
}
degrees.addEventListener('change', () => (chosen = true));
measures.addEventListener('change', () => {
  if (!chosen) {
    degrees.value = String(measures.value === 'US');
  }
});
