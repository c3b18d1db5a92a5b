// @ts-check
// How pages speak to the server: with the token of their sign-in, and so that it answers in problems and leads nowhere else.
import { account } from './store.js';

const SCRIPT = { 'X-Requested-By': 'page' };
const csrf = () => document.querySelector('meta[name="csrf"]');

/** @returns {Record<string, string>} */
export function headers() {
  return { ...SCRIPT, 'X-CSRF-TOKEN': csrf()?.getAttribute('content') ?? '' };
}

/**
 * Who is signed in now: this page may be of an earlier sign-in. Its token is renewed when it is the same account.
 * @returns {Promise<'online' | 'offline' | 'out' | 'other'>}
 */
export async function renew() {
  try {
    const response = await fetch('/whoami', { redirect: 'error', headers: SCRIPT, cache: 'no-store' });
    if (!response.ok) {
      return 'offline';
    }
    const who = await response.json();
    if (who.account !== account) {
      return who.account ? 'other' : 'out';
    }
    csrf()?.setAttribute('content', who.csrf);
    return 'online';
  } catch {
    return 'offline';
  }
}

/** An answer that is no piece of a page. */
export class NoPiece extends Error {
  /** @param {string} url @param {number} status */
  constructor(url, status) {
    super(`${url}: ${status}`);
    this.status = status;
  }
}

/**
 * Fetches a piece of a page; an answer that is not one (signed out, broken) is an error.
 * @param {string} url
 * @param {RequestInit} [init]
 */
export async function piece(url, init) {
  const response = await fetch(url, { redirect: 'error', ...init, headers: { ...SCRIPT, ...init?.headers } });
  if (!response.ok) {
    throw new NoPiece(url, response.status);
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
