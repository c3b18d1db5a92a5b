// @ts-check
// The list of stages: added, removed, moved by drag, by buttons, or by Alt with an arrow key. Lines follow their stage.
import { lineChips } from './chips.js';
import { word } from './words.js';

/**
 * @param {HTMLFormElement} form
 * @param {() => void} changed
 */
export function stages(form, changed) {
  const list = /** @type {HTMLOListElement} */ (form.querySelector('#stages'));
  const blank = /** @type {HTMLTemplateElement} */ (form.querySelector('#stage-blank'));
  const chips = lineChips(form, list, changed);

  /** Numbers the stages anew; lines keep the stage they had. @param {Element[]} before */
  function renumber(before) {
    const now = [...list.children];
    now.forEach((stage, i) => {
      const no = stage.querySelector('.stage-no');
      if (no) {
        no.textContent = String(i + 1);
      }
    });
    for (const select of form.querySelectorAll('select[name="lineStage"]')) {
      const field = /** @type {HTMLSelectElement} */ (select);
      const stage = before[Number(field.value) - 1];
      const at = stage ? now.indexOf(stage) + 1 : 0;
      field.replaceChildren(new Option(word('no-stage'), '0'), ...now.map((_, i) => new Option(word('stage', i + 1), String(i + 1))));
      field.value = String(at);
    }
    const none = form.querySelector('#nostages');
    if (none instanceof HTMLElement) {
      none.hidden = now.length > 0;
    }
    chips.show();
    changed();
  }

  /** @param {() => void} move */
  function keeping(move) {
    const before = [...list.children];
    move();
    renumber(before);
  }

  function add() {
    const stage = /** @type {HTMLLIElement} */ (blank.content.firstElementChild?.cloneNode(true));
    list.append(stage);
    return stage;
  }

  /** @param {Element} stage @param {number} by */
  function shift(stage, by) {
    keeping(() => {
      if (by < 0) {
        stage.previousElementSibling?.before(stage);
      } else {
        stage.nextElementSibling?.after(stage);
      }
    });
  }

  form.querySelector('#more-stage')?.addEventListener('click', () => {
    keeping(() => add());
    /** @type {HTMLElement | null} */ (list.lastElementChild?.querySelector('select'))?.focus();
  });
  form.querySelectorAll('[data-outline]').forEach((button) =>
    button.addEventListener('click', () => {
      const outline = form.querySelector(`template[data-outline-of="${button.getAttribute('data-outline')}"]`);
      keeping(() => {
        for (const step of /** @type {HTMLTemplateElement} */ (outline).content.querySelectorAll('i')) {
          const stage = add();
          stage.querySelector('details')?.removeAttribute('open');
          for (const [name, key] of [['stageKind', 'kind'], ['stageEnd', 'end'], ['stageValue', 'value'], ['stageLook', 'look'], ['stageLid', 'lid']]) {
            /** @type {HTMLInputElement} */ (stage.querySelector(`[name="${name}"]`)).value = step.dataset[key] ?? '';
          }
          stage.dataset.kind = step.dataset.kind;
        }
      });
      // Each line goes where its food goes in by itself; what is not understood yet, to the first.
      const kinds = [...list.querySelectorAll('select[name="stageKind"]')].map((kind) => /** @type {HTMLSelectElement} */ (kind).value);
      for (const select of form.querySelectorAll('select[name="lineStage"]')) {
        const homes = select.closest('li')?.querySelector('[data-homes]')?.getAttribute('data-homes') ?? '';
        const home = homes.split(' ').find((kind) => kinds.includes(kind));
        /** @type {HTMLSelectElement} */ (select).value = String(home ? kinds.indexOf(home) + 1 : 1);
      }
      chips.show();
      changed();
    }),
  );
  list.addEventListener('click', (event) => {
    const button = event.target instanceof Element ? event.target.closest('button') : null;
    const stage = button?.closest('li.stage');
    if (!button || !stage) {
      return;
    }
    if ('up' in button.dataset) {
      shift(stage, -1);
      button.focus();
    } else if ('down' in button.dataset) {
      shift(stage, 1);
      button.focus();
    } else if ('away' in button.dataset) {
      keeping(() => stage.remove());
    }
  });
  list.addEventListener('keydown', (event) => {
    const stage = event.target instanceof Element && !event.target.closest('[data-line]') ? event.target.closest('li.stage') : null;
    if (stage && event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      shift(stage, event.key === 'ArrowUp' ? -1 : 1);
      /** @type {HTMLElement} */ (event.target).focus();
    }
  });
  // By the pointer, finger or mouse: a stage follows its number up and down the list.
  list.addEventListener('pointerdown', (event) => {
    const grip = event.target instanceof Element ? event.target.closest('.stage-no') : null;
    const stage = grip?.closest('li.stage');
    if (!stage || event.button !== 0) {
      return;
    }
    event.preventDefault();
    /** @type {HTMLElement} */ (grip).focus();
    const before = [...list.children];
    stage.classList.add('dragged');
    const follow = (/** @type {PointerEvent} */ move) => place(stage, move.clientY);
    const drop = () => {
      document.removeEventListener('pointermove', follow);
      document.removeEventListener('pointerup', drop);
      document.removeEventListener('pointercancel', drop);
      stage.classList.remove('dragged');
      renumber(before);
    };
    document.addEventListener('pointermove', follow);
    document.addEventListener('pointerup', drop);
    document.addEventListener('pointercancel', drop);
  });

  /** Puts a stage where the pointer is: past a neighbour once it is past that one's middle. @param {Element} stage @param {number} y */
  function place(stage, y) {
    const middle = (/** @type {Element} */ other) => {
      const box = other.getBoundingClientRect();
      return (box.top + box.bottom) / 2;
    };
    while (stage.nextElementSibling && y > middle(stage.nextElementSibling)) {
      stage.nextElementSibling.after(stage);
    }
    while (stage.previousElementSibling && y < middle(stage.previousElementSibling)) {
      stage.previousElementSibling.before(stage);
    }
  }

  list.querySelectorAll('select[name="stageKind"]').forEach((select) => {
    const stage = /** @type {HTMLElement} */ (select.closest('li.stage'));
    stage.dataset.kind = /** @type {HTMLSelectElement} */ (select).value;
  });
  list.addEventListener('change', (event) => {
    const select = event.target;
    if (select instanceof HTMLSelectElement && select.name === 'stageKind') {
      const stage = /** @type {HTMLElement} */ (select.closest('li.stage'));
      const usual = select.selectedOptions[0].dataset;
      stage.dataset.kind = select.value;
      /** @type {HTMLSelectElement} */ (stage.querySelector('[name="stageLook"]')).value = usual.look ?? '';
      /** @type {HTMLSelectElement} */ (stage.querySelector('[name="stageLid"]')).value = usual.lid ?? '';
    }
  });
  return chips;
}
