// @ts-check
// How this device is held and heard: for the left hand, with which voice and how fast, and whether it may tell. Remembered on this device.
import { get, set } from './store.js';
import { word } from './words.js';

const LEFT = 'left-hand';
const SPEAK = 'speak';
const VOICE = 'voice';
const RATE = 'rate';
const canSpeak = 'speechSynthesis' in window;

const speaks = () => get(SPEAK) === '1';
let spoken = '';

/** What to do now is spoken, where the browser can and the cook wants it. @param {boolean} again whatever was said before */
export function speak(again) {
  const says = document.querySelector('.donow h2')?.textContent ?? '';
  if (speaks() && canSpeak && says && (again || says !== spoken)) {
    say(says);
  }
  spoken = says;
}

/** With the voice and at the rate that were chosen here. @param {string} says */
function say(says) {
  const words = new SpeechSynthesisUtterance(says);
  const voice = speechSynthesis.getVoices().find((one) => one.voiceURI === get(VOICE));
  if (voice) {
    words.voice = voice;
    words.lang = voice.lang;
  }
  words.rate = Number(get(RATE) ?? 1);
  speechSynthesis.cancel();
  speechSynthesis.speak(words);
}

const showHand = () => document.body.classList.toggle('left', get(LEFT) === '1');
showHand();

const dialog = /** @type {HTMLDialogElement} */ (document.querySelector('#dlg-hands'));
/** @template {HTMLElement} E @param {string} selector @returns {E} */
const part = (selector) => /** @type {E} */ (dialog.querySelector(selector));

const left = /** @type {HTMLInputElement} */ (part('[name="left"]'));
left.checked = get(LEFT) === '1';
left.addEventListener('change', () => {
  set(LEFT, left.checked ? '1' : '');
  showHand();
});

if (canSpeak) {
  const talks = /** @type {HTMLButtonElement} */ (part('[data-speak]'));
  const voice = /** @type {HTMLSelectElement} */ (part('[name="voice"]'));
  const rate = /** @type {HTMLInputElement} */ (part('[name="rate"]'));
  const language = document.documentElement.lang.slice(0, 2);
  const showSpeech = () => {
    talks.setAttribute('aria-pressed', String(speaks()));
    talks.textContent = speaks() ? word('stop-speaking') : word('speak');
  };
  // The voices of this device come late, those of the page's language first.
  const showVoices = () => {
    const mine = (/** @type {SpeechSynthesisVoice} */ one) => Number(one.lang.startsWith(language));
    const all = [...speechSynthesis.getVoices()].sort((a, b) => mine(b) - mine(a));
    voice.replaceChildren(voice.options[0], ...all.map((one) => new Option(`${one.name}, ${one.lang}`, one.voiceURI)));
    voice.value = get(VOICE) ?? '';
  };
  talks.hidden = false;
  talks.addEventListener('click', () => {
    set(SPEAK, speaks() ? '' : '1');
    showSpeech();
    speak(true);
  });
  rate.value = get(RATE) ?? '1';
  voice.addEventListener('change', () => set(VOICE, voice.value));
  rate.addEventListener('change', () => set(RATE, rate.value));
  part('[data-try]').addEventListener('click', () => say(document.querySelector('.donow h2')?.textContent ?? ''));
  speechSynthesis.addEventListener('voiceschanged', showVoices);
  showSpeech();
  showVoices();
} else {
  part('.spoken').hidden = true;
}

// The browser is asked once whether it may tell; what it tells is alarm.js's.
const notify = /** @type {HTMLButtonElement} */ (part('[data-notify]'));
const showNotify = () => {
  notify.hidden = !('Notification' in window) || Notification.permission !== 'default';
};
notify.addEventListener('click', () => void Notification.requestPermission().then(showNotify));
showNotify();
