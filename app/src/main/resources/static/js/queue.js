// @ts-check
// What was tapped is kept in the browser until the server has it; the client key makes a repeat harmless.
import { headers } from './http.js';

/** @typedef {{clientKey: string, type: string, fields: Record<string, string>, tappedAt: number}} Tap */

export class TapQueue {
  /** @param {string} potId */
  constructor(potId) {
    this.potId = potId;
    this.store = `gradior-taps-${potId}`;
    this.sending = false;
  }

  /** @returns {Tap[]} */
  waiting() {
    try {
      return JSON.parse(localStorage.getItem(this.store) ?? '[]');
    } catch {
      return [];
    }
  }

  /** @param {Tap[]} taps */
  keep(taps) {
    localStorage.setItem(this.store, JSON.stringify(taps));
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

  /**
   * Sends what waits, oldest first.
   * @returns {Promise<{online: boolean, refused: {tap: Tap, message: string}[], says: string}>}
   */
  async flush() {
    /** @type {{tap: Tap, message: string}[]} */
    const refused = [];
    let says = '';
    if (this.sending) {
      return { online: true, refused, says };
    }
    this.sending = true;
    try {
      for (let tap = this.waiting()[0]; tap; tap = this.waiting()[0]) {
        const response = await this.send(tap);
        if (response.status >= 500 || response.status === 401 || response.status === 403) {
          return { online: false, refused, says };
        }
        if (!response.ok) {
          const problem = await response.json().catch(() => ({}));
          refused.push({ tap, message: problem.detail ?? 'This could not be recorded.' });
        } else {
          says = (await response.json().catch(() => ({}))).says ?? says;
        }
        const sent = tap.clientKey;
        this.keep(this.waiting().filter((other) => other.clientKey !== sent));
      }
      return { online: true, refused, says };
    } catch {
      return { online: false, refused, says };
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
