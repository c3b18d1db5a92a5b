// @ts-check
// A passkey in the place of a password: the browser makes one, or signs with one, and asks the person for finger, face or PIN.
import { headers } from './http.js';

const key = /** @type {any} */ (window).PublicKeyCredential;
const able = Boolean(key?.parseRequestOptionsFromJSON && key?.parseCreationOptionsFromJSON);

/**
 * @param {string} url
 * @param {unknown} [body]
 */
async function ask(url, body) {
  const response = await fetch(url, {
    method: 'POST',
    redirect: 'error',
    headers: { ...headers(), 'Content-Type': 'application/json', Accept: 'application/json' },
    body: JSON.stringify(body ?? {}),
  });
  const answer = await response.json().catch(() => ({}));
  if (!response.ok) {
    throw new Error(answer.detail ?? '');
  }
  return answer;
}

/**
 * What a button does; what goes wrong is said beside it. Whoever thinks better of it is told nothing.
 * @param {HTMLElement} piece
 * @param {() => Promise<{to: string}>} work
 */
function offer(piece, work) {
  const says = /** @type {HTMLElement} */ (piece.querySelector('[role="alert"]'));
  const button = /** @type {HTMLButtonElement} */ (piece.querySelector('[data-passkey]'));
  piece.hidden = !able;
  button.addEventListener('click', async () => {
    button.disabled = true;
    says.hidden = true;
    try {
      location.assign((await work()).to);
    } catch (fault) {
      const named = fault instanceof DOMException ? '' : fault instanceof Error ? fault.message : '';
      const left = fault instanceof DOMException && fault.name === 'NotAllowedError';
      says.textContent = named || piece.dataset.broke || '';
      says.hidden = left;
      button.disabled = false;
    }
  });
}

const sign = /** @type {HTMLElement | null} */ (document.querySelector('#by-passkey'));
if (sign) {
  offer(sign, async () => {
    const publicKey = key.parseRequestOptionsFromJSON(await ask('/login/passkey/options'));
    const signed = /** @type {any} */ (await navigator.credentials.get({ publicKey }));
    return ask('/login/passkey', signed.toJSON());
  });
}

const make = /** @type {HTMLElement | null} */ (document.querySelector('#make-passkey'));
if (make) {
  const [label, password] = make.querySelectorAll('input');
  offer(make, async () => {
    const publicKey = key.parseCreationOptionsFromJSON(await ask('/account/passkeys/options', { password: password.value }));
    const made = /** @type {any} */ (await navigator.credentials.create({ publicKey }));
    return ask('/account/passkeys', { label: label.value, credential: made.toJSON() });
  });
}
