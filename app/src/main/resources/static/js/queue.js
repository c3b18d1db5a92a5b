// @ts-check
// What was tapped is kept in the browser until the server has it; the client key makes a repeat harmless. What the server does not take
// is put aside with its reason, so that it blocks nothing behind it.
import { headers, renew } from './http.js';
import { get, list, names, remove, set } from './store.js';
import { word } from './words.js';

/** @typedef {{clientKey: string, type: string, fields: Record<string, string>, tappedAt: number, tries?: number}} Tap */
/** @typedef {{tap: Tap, message: string}} Refused */
/** @typedef {'online' | 'offline' | 'out' | 'other'} Line out: signed out; other: somebody else is signed in */

/** A server that breaks on one entry so often will not take it. */
const MOST_TRIES = 3;
const TAPS = 'taps-';

/** Pots for which something waits. @returns {string[]} */
export const waitingPots = () => names(TAPS).map((name) => name.slice(TAPS.length));

export class TapQueue {
  /** @param {string} potId */
  constructor(potId) {
    this.potId = potId;
    this.store = TAPS + potId;
    this.aside = `refused-${potId}`;
    this.sending = false;
  }

  /** Takes over what an older version kept for this pot. */
  adopt() {
    const old = `gradior-taps-${this.potId}`;
    const kept = localStorage.getItem(old);
    if (kept && get(this.store) === null) {
      set(this.store, kept);
    }
    localStorage.removeItem(old);
  }

  /** @returns {Tap[]} */
  waiting() {
    return list(this.store);
  }

  /** @returns {Refused[]} what was not taken, with why */
  refused() {
    return list(this.aside);
  }

  /** @param {Tap[]} taps */
  keep(taps) {
    if (taps.length) {
      set(this.store, JSON.stringify(taps));
    } else {
      remove(this.store);
    }
  }

  /** @param {Refused[]} refused */
  keepRefused(refused) {
    if (refused.length) {
      set(this.aside, JSON.stringify(refused));
    } else {
      remove(this.aside);
    }
  }

  /**
   * @param {string} type
   * @param {Record<string, string>} fields
   * @param {number} [agoMin] how many minutes before the tap it happened
   */
  add(type, fields, agoMin = 0) {
    const bytes = crypto.getRandomValues(new Uint8Array(12));
    const clientKey = 'web-' + Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
    this.keep([...this.waiting(), { clientKey, type, fields, tappedAt: Date.now() - agoMin * 60_000 }]);
    return clientKey;
  }

  /** @param {string} key */
  drop(key) {
    this.keep(this.waiting().filter((other) => other.clientKey !== key));
  }

  /** Puts an entry aside. @param {Tap} tap @param {string} message */
  setAside(tap, message) {
    this.keepRefused([...this.refused().filter((other) => other.tap.clientKey !== tap.clientKey), { tap, message }]);
    this.drop(tap.clientKey);
  }

  /** Tries one again that was put aside. @param {string} key */
  again(key) {
    const found = this.refused().find((other) => other.tap.clientKey === key);
    this.letGo(key);
    if (found) {
      this.keep([...this.waiting(), { ...found.tap, tries: 0 }]);
    }
  }

  /** @param {string} key */
  letGo(key) {
    this.keepRefused(this.refused().filter((other) => other.tap.clientKey !== key));
  }

  /**
   * Sends what waits, oldest first.
   * @returns {Promise<{line: Line, refused: Refused[], says: string}>}
   */
  async flush() {
    /** @type {Refused[]} */
    const refused = [];
    let says = '';
    if (this.sending) {
      return { line: 'online', refused, says };
    }
    this.sending = true;
    try {
      for (let tap = this.waiting()[0]; tap; tap = this.waiting()[0]) {
        let response = await this.send(tap);
        if (response.status === 401 || response.status === 403) {
          const line = await renew();
          if (line !== 'online') {
            return { line, refused, says };
          }
          response = await this.send(tap); // the page was of an earlier sign-in of the same account
        }
        if ([429, 502, 503, 504].includes(response.status)) {
          return { line: 'offline', refused, says };
        }
        if (response.ok) {
          says = (await response.json().catch(() => ({}))).says ?? says;
          this.drop(tap.clientKey);
        } else if (response.status >= 500 && (tap.tries ?? 0) + 1 < MOST_TRIES) {
          const tries = (tap.tries ?? 0) + 1;
          const { clientKey } = tap;
          this.keep(this.waiting().map((other) => (other.clientKey === clientKey ? { ...other, tries } : other)));
          return { line: 'offline', refused, says };
        } else {
          const problem = await response.json().catch(() => ({}));
          const message = problem.detail ?? word('broke');
          this.setAside(tap, message);
          refused.push({ tap, message });
        }
      }
      return { line: 'online', refused, says };
    } catch {
      return { line: 'offline', refused, says };
    } finally {
      this.sending = false;
    }
  }

  /** @param {Tap} tap */
  send(tap) {
    return fetch(`/pot/${this.potId}/events`, {
      method: 'POST',
      redirect: 'error',
      headers: { ...headers(), 'Content-Type': 'application/json', Accept: 'application/json' },
      body: JSON.stringify({
        clientKey: tap.clientKey,
        type: tap.type,
        agoSeconds: (Date.now() - tap.tappedAt) / 1000,
        fields: tap.fields,
      }),
    });
  }
}
