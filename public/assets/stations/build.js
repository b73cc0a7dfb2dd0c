// Build: the act by keys (D done, E otherwise, X not now, M mistake, P photo, K break, [ ] before and after, G ledger, V ways),
// and the next act, as far as the page knows it, while the bench can't be reached.
import { $ } from '../js/dom.js';

document.addEventListener(
  'keydown',
  (e) => {
    if (!('keys' in document.body.dataset) || !document.body.classList.contains('build')) return;
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.target.closest && e.target.closest('input,textarea,select,dialog')) return;
    const act = $(`[data-build-key="${e.key.toLowerCase()}"]`);
    if (!act) return;
    e.preventDefault();
    e.stopImmediatePropagation();
    act.click();
    if (act.tagName !== 'SUMMARY') return;
    act.scrollIntoView({ block: 'nearest' });
    const field = act.parentElement.querySelector('input:not([type=hidden]), select, button');
    if (field && act.parentElement.open) field.focus();
  },
  true,
);

const pressLabel = (words, n) => {
  const label = document.createElement('label');
  label.className = 'press';
  const box = document.createElement('input');
  Object.assign(box, { type: 'checkbox', name: 'pressed[]', value: String(n) });
  label.append(box, ` ${words}`);
  return label;
};

/** The act after the one that was marked, as far as the page knows it. */
const advance = (form) => {
  const now = $('#act-now');
  const ahead = JSON.parse(now.dataset.ahead || '[]');
  const next = ahead.shift();
  now.dataset.ahead = JSON.stringify(ahead);
  now
    .querySelectorAll('.act-drawing,.photos,.other-side,.caution,.where,.then,.usual,.press')
    .forEach((el) => el.remove());
  if (!next) {
    now.querySelector('h1').textContent = 'The page knows no act beyond this one.';
    form.querySelector('button').disabled = true;
    return;
  }
  now.querySelector('h1').textContent = next.title;
  now.querySelector('.because').textContent = next.because;
  const number = now.querySelector('.act-number');
  if (number) number.textContent = [next.number, next.of].filter(Boolean).join(' ');
  for (const caution of next.cautions) {
    const p = document.createElement('p');
    p.className = 'caution';
    p.textContent = caution;
    $('.act-keys').before(p);
  }
  next.presses.forEach((words, n) => form.querySelector('button').before(pressLabel(words, n)));
  for (const [name, value] of Object.entries({ ...next.with, presses: next.presses.length })) {
    const field = form.querySelector(`input[name="${name}"]`);
    if (field) field.value = value;
  }
};

document.addEventListener('glow:waits', (e) => {
  const { parameters, elt } = e.detail;
  if (parameters.op === 'done') advance(elt.closest('form') || elt);
});
