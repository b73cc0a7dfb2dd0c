// Prove: gates by arrows, one key answers, the keypad, the whole chain on a phone.
import { $, go } from '../js/dom.js';

const field = () => $('#reading') ?? $('.gate.here .measured');
const coarse = window.matchMedia('(pointer: coarse)').matches;
const ready = () => {
  // On a phone our own keypad types into a gate; the system's keyboard stays away.
  if (coarse) document.querySelectorAll('.gate.here .measured, #reading').forEach((f) => (f.inputMode = 'none'));
};
ready();
document.addEventListener('htmx:afterSettle', ready);

let last = null;
document.addEventListener('focusin', (e) => {
  if (e.target.matches('.measured')) last = e.target;
});
const typing = () => $('#reading') ?? (last?.isConnected ? last : $('.gate.here .measured'));

document.addEventListener('click', (e) => {
  const key = e.target.closest('.gate-open [data-digit]');
  const into = typing();
  if (key && into) {
    const digit = key.dataset.digit;
    into.value =
      digit === '-' ? (into.value.startsWith('-') ? into.value.slice(1) : `-${into.value}`) : into.value + digit;
  } else if (e.target.closest('.gate-open [data-keeps]')) {
    typing()?.form.requestSubmit();
  } else if (e.target.closest('[data-undoes]')) {
    go($('[data-key=z]'));
  } else {
    const opens = e.target.closest('[data-opens-chain]');
    if (!opens) return;
    const open = $('#chain').classList.toggle('all');
    opens.setAttribute('aria-expanded', String(open));
  }
});

document.addEventListener(
  'keydown',
  (e) => {
    if (!('keys' in document.body.dataset) || e.ctrlKey || e.metaKey || e.altKey) return;
    const own = e.target.matches('.measured, #reading');
    if (!own && e.target.closest('input,textarea,select,dialog')) return;
    if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
      const link = $(e.key === 'ArrowUp' ? '[data-gate-before]' : '[data-gate-after]');
      if (!link) return;
      go(link);
      e.preventDefault();
      return;
    }
    if (own) return;
    const k = e.key.toLowerCase();
    if (['y', 'x', 'k', 'g'].includes(k)) {
      const act = $(`[data-prove="${k}"]`);
      if (!act) return;
      go(act);
      e.preventDefault();
      e.stopImmediatePropagation();
    } else if (/^[\d.,-]$/.test(k) && field()) {
      field().value = k;
      field().focus();
      e.preventDefault();
    }
  },
  true,
);
