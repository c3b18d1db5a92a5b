// @ts-check
// On a slow line a page is typed into before its script is there, and a browser that goes back puts what was typed back: nobody hears of
// either. A script that comes asks, and answers to what stands there.

/** @param {Element} field @returns {boolean} whether it is as the page brought it */
function asBrought(field) {
  if (field instanceof HTMLSelectElement) {
    const brought = [...field.options].findIndex((option) => option.defaultSelected);
    return field.selectedIndex === Math.max(0, brought);
  }
  if (field instanceof HTMLInputElement) {
    const ticks = ['checkbox', 'radio'].includes(field.type);
    return field.type === 'hidden' || (ticks ? field.checked === field.defaultChecked : field.value === field.defaultValue);
  }
  return !(field instanceof HTMLTextAreaElement) || field.value === field.defaultValue;
}

/** @param {HTMLFormElement} form @returns {boolean} whether anything in it is not as the page brought it */
export function typedInto(form) {
  return ![...form.elements].every(asBrought);
}
