// @ts-check
// The sound of a simmer: each bubble a short, damped tone, deeper the larger it is. Silent until somebody asks for it.

/** @type {AudioContext | null} */
let audio = null;
let on = false;

/** @param {boolean} wanted */
export function sound(wanted) {
  on = wanted;
  if (on && !audio) {
    audio = new AudioContext();
  }
  audio?.[on ? 'resume' : 'suspend']();
}

/**
 * Lets some seconds of it be heard.
 * @param {{bubbles: number, bubbleMm: number, bubbleS: number, lid: number, off: boolean}} sight
 * @param {number} seconds
 */
export function simmer(sight, seconds) {
  if (!on || !audio || sight.off) {
    return;
  }
  const bursts = Math.min(6, (sight.bubbles / Math.max(0.1, sight.bubbleS)) * seconds * 0.06);
  const count = Math.floor(bursts) + (Math.random() < bursts % 1 ? 1 : 0);
  for (let i = 0; i < count; i++) {
    const at = audio.currentTime + Math.random() * seconds;
    const tone = audio.createOscillator();
    const gain = audio.createGain();
    // A bubble rings at about 3 kHz over its radius in mm (Minnaert), a thick one far more damped.
    const pitch = Math.max(70, 3200 / Math.max(1.5, sight.bubbleMm / 2)) * (0.8 + 0.4 * Math.random());
    tone.frequency.setValueAtTime(pitch, at);
    tone.frequency.exponentialRampToValueAtTime(pitch * 1.6, at + 0.05);
    gain.gain.setValueAtTime(0.0001, at);
    gain.gain.exponentialRampToValueAtTime((sight.lid === 2 ? 0.02 : 0.05) * Math.min(1, sight.bubbleMm / 12), at + 0.008);
    gain.gain.exponentialRampToValueAtTime(0.0001, at + 0.06 + sight.bubbleS * 0.1);
    tone.connect(gain).connect(audio.destination);
    tone.start(at);
    tone.stop(at + 0.5);
  }
}
