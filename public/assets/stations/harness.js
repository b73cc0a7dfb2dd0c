// Harness: along the loom by arrows, a plug, a joint, the next ground, the cut plan, the keypad of stringing.
import { $, go } from '../js/dom.js';

const KEYS = { j: '#joints', g: '#leaves', x: '#cut-plan' };
const ARROWS = { ArrowLeft: '←', ArrowRight: '→', ArrowUp: '↑', ArrowDown: '↓' };

document.addEventListener(
  'keydown',
  (e) => {
    if (!('keys' in document.body.dataset) || !document.body.classList.contains('harness')) return;
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.target.closest && e.target.closest('input,textarea,select,dialog')) return;
    const k = e.key.toLowerCase();
    const along = ARROWS[e.key] && $(`[data-loom-by="${ARROWS[e.key]}"]`);
    const act = $(`[data-loom-key="${k}"]`) || (k === 'p' && $('#stretch [data-key=p]'));
    if (along) {
      go(along);
    } else if (e.key === 'Enter' && e.target === document.body && $('#st-length_m')) {
      $('#st-length_m').focus();
    } else if (act) {
      go(act);
    } else if (KEYS[k] && $(KEYS[k])) {
      const part = $(KEYS[k]);
      part.scrollIntoView({ block: 'start' });
      const first = part.querySelector('button, a, summary, input');
      if (first) first.focus({ preventScroll: true });
    } else {
      return;
    }
    e.preventDefault();
    e.stopImmediatePropagation();
  },
  true,
);

// The keypad of stringing types into its field.
document.addEventListener('click', (e) => {
  const key = e.target.closest('[data-digit]');
  if (!key) return;
  const field = $(`#${key.closest('[data-pad]').dataset.pad}`);
  field.value = key.dataset.digit === '⌫' ? field.value.slice(0, -1) : field.value + key.dataset.digit;
  field.dispatchEvent(new Event('input', { bubbles: true }));
});
