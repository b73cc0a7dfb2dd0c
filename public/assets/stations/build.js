// Build: the act by keys (D done, E otherwise, X not now, M mistake, P photo, K break, [ ] before and after, G ledger, V ways),
// and marks that wait here while the bench can't be reached.
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

document.addEventListener('change', (e) => {
  const field = e.target;
  if (!field.matches || !field.matches('input[type=file][data-most]')) return;
  const size = field.files.length ? field.files[0].size : 0;
  const echo = field.form.querySelector('.echo');
  const tooLarge = size > Number(field.dataset.most);
  if (tooLarge) field.value = '';
  echo.textContent = tooLarge ? `Photo: it has ${Math.round(size / 1e6)} MB; 15 is the most.` : '';
});

const MOST = 200;
const AGAIN_S = 5;
const store = window.localStorage;
let timer = null;
let refused = [];

const waiting = () => JSON.parse(store.getItem('marks') || '[]');
const keep = (marks) => store.setItem('marks', JSON.stringify(marks));

/** "3 marks wait." above the keys of the act. */
const tell = () => {
  const keys = $('.act-keys');
  let line = $('.marks-wait');
  const n = waiting().length;
  if (!n && !refused.length) {
    if (line) line.remove();
    return;
  }
  if (!keys) return;
  if (!line) {
    line = document.createElement('p');
    line.className = 'marks-wait';
    line.setAttribute('role', 'status');
    keys.before(line);
  }
  const said = n
    ? `${n === 1 ? '1 mark waits' : `${n} marks wait`} and ${n === 1 ? 'is' : 'are'} sent when the bench answers.`
    : '';
  line.textContent = [said, ...refused].filter(Boolean).join(' ');
};

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

const later = () => {
  clearTimeout(timer);
  timer = setTimeout(send, AGAIN_S * 1000);
};

async function post(mark, csrf) {
  return fetch(mark.path, {
    method: 'POST',
    headers: { 'HX-Request': 'true', 'X-CSRF-TOKEN': csrf, 'Content-Type': 'application/x-www-form-urlencoded' },
    body: new URLSearchParams({ ...mark.values, _token: csrf }),
  });
}

/** One after the other, each with the token it was pressed with: what arrived and was not answered is not made twice. */
async function send() {
  clearTimeout(timer);
  if (!waiting().length) return;
  let sent = 0;
  try {
    const alive = await fetch('/alive', { headers: { Accept: 'application/json' }, cache: 'no-store' });
    if (!alive.ok) throw new Error(String(alive.status));
    const { csrf } = await alive.json();
    while (waiting().length) {
      const [mark, ...rest] = waiting();
      const answer = await post(mark, csrf);
      if (answer.status >= 500 || answer.status === 419) throw new Error(String(answer.status));
      if (!answer.ok) refused.push(`Not taken, because what it is about has changed: ${mark.values.words}.`);
      keep(rest);
      sent++;
    }
  } catch {
    later();
  }
  tell();
  if (sent && !waiting().length && !refused.length && document.body.classList.contains('build')) location.reload();
}

const waits = (e) => {
  const { requestConfig: config } = e.detail;
  if (config.parameters.op !== 'done') return;
  const marks = waiting();
  if (marks.length >= MOST) {
    refused = ['200 marks wait; that is the most. Bring the bench within reach first.'];
    tell();
    return;
  }
  keep([...marks, { path: config.path, values: { ...config.parameters, pressed_at: String(Date.now()) } }]);
  advance(config.elt.closest('form') || config.elt);
  tell();
  later();
};

document.addEventListener('htmx:sendError', waits);
document.addEventListener('htmx:timeout', waits);
window.addEventListener('online', send);
document.addEventListener('htmx:afterSettle', tell);
tell();
send();
