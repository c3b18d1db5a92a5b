// @ts-check
// How pages speak to the server: with the session's CSRF token.

/** @returns {Record<string, string>} */
export function headers() {
  const meta = document.querySelector('meta[name="csrf"]');
  return meta ? { 'X-CSRF-TOKEN': meta.getAttribute('content') ?? '' } : {};
}

/**
 * Fetches a piece of a page; an answer that is not one (signed out, broken) is an error.
 * @param {string} url
 * @param {RequestInit} [init]
 */
export async function piece(url, init) {
  const response = await fetch(url, { redirect: 'error', ...init });
  if (!response.ok) {
    throw new Error(`${url}: ${response.status}`);
  }
  return response.text();
}

/**
 * Calls at most once in so many milliseconds, with the last of the calls.
 * @param {() => void} call
 * @param {number} ms
 */
export function settled(call, ms) {
  let timer = 0;
  return () => {
    clearTimeout(timer);
    timer = window.setTimeout(call, ms);
  };
}
