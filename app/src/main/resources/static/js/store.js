// @ts-check
// What a browser keeps is kept under the account that is signed in, and is gone when it signs out.

/** The account whose page this is; empty when nobody is signed in. */
export const account = document.querySelector('meta[name="account"]')?.getAttribute('content') ?? '';
const PREFIX = `gradior:${account}:`;

// An older version kept by kitchen alone, when every kitchen had one account.
const OLD = `gradior:${account.replace(/[ad].*$/, '')}:`;
Object.keys(localStorage)
  .filter((key) => account && key.startsWith(OLD))
  .forEach((key) => {
    const name = PREFIX + key.slice(OLD.length);
    localStorage.setItem(name, localStorage.getItem(name) ?? localStorage.getItem(key) ?? '');
    localStorage.removeItem(key);
  });

/** @param {string} name @returns {string | null} */
export const get = (name) => localStorage.getItem(PREFIX + name);
/** @param {string} name @param {string} value */
export const set = (name, value) => localStorage.setItem(PREFIX + name, value);
/** @param {string} name */
export const remove = (name) => localStorage.removeItem(PREFIX + name);

/** @param {string} start @returns {string[]} names that begin so */
export function names(start) {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX + start))
    .map((key) => key.slice(PREFIX.length));
}

/** Everything of this account goes. */
export function empty() {
  names('').forEach(remove);
}

/**
 * A list that is kept.
 * @param {string} name
 * @returns {any[]}
 */
export function list(name) {
  try {
    return JSON.parse(get(name) ?? '[]');
  } catch {
    return [];
  }
}
