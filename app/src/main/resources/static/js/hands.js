// @ts-check
// How this device is held and heard: for the left hand, with which voice and how fast. Remembered on this device.
import { get, set } from './store.js';

const LEFT = 'left-hand';
const VOICE = 'voice';
const RATE = 'rate';

/** What is said, with the voice and at the rate that were chosen here. @param {string} says */
export function utterance(says) {
  const words = new SpeechSynthesisUtterance(says);
  const voice = speechSynthesis.getVoices().find((one) => one.voiceURI === get(VOICE));
  if (voice) {
    words.voice = voice;
    words.lang = voice.lang;
  }
  words.rate = Number(get(RATE) ?? 1);
  return words;
}

const showHand = () => document.body.classList.toggle('left', get(LEFT) === '1');
showHand();

/** The voices of this device, those of the page's language first. @param {HTMLSelectElement} choice */
function voices(choice) {
  const language = document.documentElement.lang.slice(0, 2);
  const all = [...speechSynthesis.getVoices()].sort(
    (a, b) => Number(b.lang.startsWith(language)) - Number(a.lang.startsWith(language)),
  );
  choice.replaceChildren(choice.options[0], ...all.map((voice) => new Option(`${voice.name}, ${voice.lang}`, voice.voiceURI)));
  choice.value = get(VOICE) ?? '';
}

const dialog = /** @type {HTMLDialogElement | null} */ (document.querySelector('#dlg-hands'));
if (dialog) {
  const left = /** @type {HTMLInputElement} */ (dialog.querySelector('[name="left"]'));
  const voice = /** @type {HTMLSelectElement} */ (dialog.querySelector('[name="voice"]'));
  const rate = /** @type {HTMLInputElement} */ (dialog.querySelector('[name="rate"]'));
  left.checked = get(LEFT) === '1';
  rate.value = get(RATE) ?? '1';
  left.addEventListener('change', () => {
    set(LEFT, left.checked ? '1' : '');
    showHand();
  });
  const spoken = /** @type {HTMLElement} */ (dialog.querySelector('.spoken'));
  spoken.hidden = !('speechSynthesis' in window);
  if (!spoken.hidden) {
    voices(voice);
    speechSynthesis.addEventListener('voiceschanged', () => voices(voice));
    voice.addEventListener('change', () => set(VOICE, voice.value));
    rate.addEventListener('change', () => set(RATE, rate.value));
    dialog.querySelector('[data-try]')?.addEventListener('click', () => {
      speechSynthesis.cancel();
      speechSynthesis.speak(utterance(document.querySelector('.donow h2')?.textContent ?? ''));
    });
  }
}
