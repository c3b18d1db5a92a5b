// @ts-check
// What the server foretells of one practice pot: asked for before it runs out, and drawn from between its frames.
import { headers } from './http.js';

/** @typedef {import('./stove.js').Sight} Sight */
/** @typedef {{sight: Sight, looks: string[]}} Frame */

const AHEAD_S = 600;
const ASK_WHEN_LEFT_S = 240;
/** An answer that did not come is asked for again after so long, ms. */
const AGAIN_MS = 2000;
/** What is set, and so never stands between two of its values. */
const SET = new Set(['knob', 'lid']);

export class Ahead {
  /** @param {string} id of the practice @param {number} pot @param {number} frameS from one frame to the next, s */
  constructor(id, pot, frameS) {
    this.id = id;
    this.pot = pot;
    this.frameS = frameS;
    this.from = 0;
    /** @type {Frame[]} */
    this.frames = [];
    this.asked = 0;
    this.asking = false;
    this.notBefore = 0;
  }

  /** Up to where it is known, s of the pot's time. */
  end() {
    return this.from + (this.frames.length - 1) * this.frameS;
  }

  /** Asks if it is time to. @param {number} clock s of the pot's time @param {boolean} off nothing more comes of it */
  keep(clock, off) {
    const wanted = !this.frames.length || (!off && this.end() - clock < ASK_WHEN_LEFT_S);
    if (wanted && !this.asking && performance.now() >= this.notBefore) {
      this.ask(clock);
    }
  }

  /** Asks what is to be seen from now on: an answer to what was asked before is of a pot that was another. @param {number} clock */
  async ask(clock) {
    const asked = ++this.asked;
    const from = Math.floor(clock / this.frameS) * this.frameS;
    this.asking = true;
    try {
      const response = await fetch(`/practice/${this.id}/sights?pot=${this.pot}&from=${from}&for=${AHEAD_S}`, { redirect: 'error', headers: { ...headers(), Accept: 'application/json' } });
      const frames = response.ok ? await response.json() : [];
      if (frames.length && asked === this.asked) {
        this.frames = frames;
        this.from = from;
      }
    } catch {
      // What is there is drawn on; it is asked for again.
    } finally {
      if (asked === this.asked) {
        this.asking = false;
        this.notBefore = performance.now() + AGAIN_MS;
      }
    }
  }

  /** The frame at hand, between two of those that were foretold. @param {number} clock @returns {Frame | null} */
  at(clock) {
    if (!this.frames.length) {
      return null;
    }
    const place = Math.max(0, Math.min(this.frames.length - 1, (clock - this.from) / this.frameS));
    const low = Math.floor(place);
    const a = this.frames[low];
    const b = this.frames[Math.min(this.frames.length - 1, low + 1)];
    const sight = /** @type {any} */ ({ ...a.sight });
    for (const [name, value] of Object.entries(b.sight)) {
      if (typeof value === 'number' && !SET.has(name)) {
        sight[name] += (value - sight[name]) * (place - low);
      }
    }
    return { sight, looks: a.looks };
  }
}
