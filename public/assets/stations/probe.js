// Probe: one key readings, the keypad, the wires by arrows.
import { $, go } from '../js/dom.js';

const field = () => $('#reading');
const send = (value) => {
  const button = document.querySelector(`.quick-key[value="${CSS.escape(value)}"]`);
  if (button) button.click();
  return Boolean(button);
};
const beside = (by) => {
  const links = document.querySelectorAll('.probe-hand .beside');
  const link = links[by < 0 ? 0 : 1];
  if (link) go(link);
};
// On a phone the keypad types; the system's own keyboard stays away.
const coarse = window.matchMedia('(pointer: coarse)').matches;
const ready = () => {
  const reading = field();
  if (!reading) return;
  if (coarse) reading.inputMode = 'none';
  if (!coarse && document.activeElement === document.body) reading.focus();
};
ready();
document.addEventListener('htmx:afterSettle', ready);

document.addEventListener('click', (e) => {
  const key = e.target.closest('[data-digit]');
  const reading = field();
  if (key && reading) {
    const digit = key.dataset.digit;
    reading.value =
      digit === '-'
        ? reading.value.startsWith('-')
          ? reading.value.slice(1)
          : `-${reading.value}`
        : reading.value + digit;
  } else if (e.target.closest('[data-opens-meter]')) {
    $('#meter-line')?.click();
  } else if (e.target.closest('[data-keeps]') && reading) {
    reading.form.requestSubmit();
  }
});

document.addEventListener(
  'keydown',
  (e) => {
    const reading = field();
    if (!reading || !('keys' in document.body.dataset) || e.ctrlKey || e.metaKey || e.altKey) return;
    const inField = e.target === reading;
    if (!inField && e.target.closest('input,textarea,select,dialog')) return;
    if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
      beside(e.key === 'ArrowUp' ? -1 : 1);
      e.preventDefault();
      return;
    }
    // In the field a letter is a reading only while nothing is typed.
    if (inField && reading.value !== '') return;
    const k = e.key.toLowerCase();
    if (['p', 'w', '='].includes(k) && send(k)) e.preventDefault();
    else if (!inField && ['o', 'i', 'x'].includes(k)) {
      const link = $(`[data-probe-key="${k}"]`);
      if (!link) return;
      go(link);
      e.preventDefault();
      e.stopImmediatePropagation();
    } else if (!inField && /^[\d.,-]$/.test(k)) {
      reading.value = k;
      reading.focus();
      e.preventDefault();
    }
  },
  true,
);

// A reading that waits is out of the field, for the next one.
document.addEventListener('glow:waits', (e) => {
  if (e.detail.parameters.op !== 'keep_reading') return;
  const reading = field();
  if (reading) reading.value = '';
});
