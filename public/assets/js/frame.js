// Tokens, the order of answers, drawers.
import { $, lightsOut, opened, show } from './dom.js';

const store = window.sessionStorage;
export const windowName = store.getItem('window') || crypto.randomUUID().slice(0, 8);
store.setItem('window', windowName);

// Every edit carries a fresh token and this window's name; an answer to an older preview is dropped.
let sent = 0;
document.addEventListener('htmx:configRequest', (e) => {
  // A write that is sent again brings its own.
  e.detail.parameters.token ||= crypto.randomUUID();
  e.detail.parameters.window = windowName;
  const csrf = $('meta[name=csrf-token]');
  if (csrf) e.detail.headers['X-CSRF-TOKEN'] = csrf.content;
  // The form's own was written with the page; the session may be a newer one.
  if (csrf && e.detail.parameters._token) e.detail.parameters._token = csrf.content;
  // What is thrown and where the tips sit is in the address; a form written before the last throw follows it.
  // The sheet of the phone leads to what is shown here.
  if (/^\/phone(\/code)?$/.test(e.detail.path) && document.body.dataset.build && !e.detail.parameters.to)
    e.detail.parameters.to = location.pathname + location.search;
  const [path, query] = e.detail.path.split('?');
  if (e.detail.verb === 'post' && query !== undefined && document.body.dataset.build) {
    const now = new URLSearchParams(location.search);
    const sent = new URLSearchParams(query);
    for (const key of [...sent.keys()]) if (/^(s|[it]\[.*)$/.test(key)) sent.delete(key);
    for (const [key, value] of now) if (/^(s|[it]\[.*)$/.test(key)) sent.append(key, value);
    e.detail.path = `${path}?${sent}`;
  }
});
document.addEventListener('htmx:beforeRequest', (e) => {
  e.detail.xhr.glowSent = ++sent;
});
document.addEventListener('htmx:beforeSwap', (e) => {
  const path = e.detail.pathInfo ? e.detail.pathInfo.requestPath : '';
  if (!path.includes('/preview')) return;
  // Overtaken by a later request, or tried on a revision that is no longer the one on the bench.
  const tried = e.detail.requestConfig.parameters.base;
  if (e.detail.xhr.glowSent < sent || (tried && tried !== $('#base').value)) e.detail.shouldSwap = false;
});
// A form that holds a half-typed value is not replaced under the hand.
document.addEventListener('htmx:oobBeforeSwap', (e) => {
  const field = document.activeElement;
  const target = e.detail.target;
  if (target && field && target.contains(field) && field.matches('input.typed') && field.value !== field.defaultValue)
    e.detail.shouldSwap = false;
});
let openMeter = false;
let hadFix = false;
document.addEventListener('htmx:beforeRequest', (e) => {
  // What loads by itself in the meantime takes the focus from nobody.
  if (e.detail.elt.closest && e.detail.elt.closest('.pins')) hadFix = true;
});
document.addEventListener('focusin', () => (hadFix = false));
document.addEventListener('htmx:afterSettle', () => {
  const meter = $('#meter');
  if (meter) meter.classList.toggle('open', openMeter);
  if (hadFix && (!document.activeElement || document.activeElement === document.body)) {
    hadFix = false;
    const next = $('.pin');
    (next || $('#drawing') || document.body).focus();
  }
});

document.addEventListener('click', (e) => {
  const t = e.target.closest(
    '[data-open],[data-goto],[data-close],[data-lights-out],[data-print],[data-shows],#meter-line',
  );
  if (!t) return;
  if (t.dataset.open) {
    e.preventDefault();
    opened($(`#${t.dataset.open}`));
  }
  if (t.dataset.goto) {
    const p = $(`#${t.dataset.goto}`);
    if (p) {
      p.scrollIntoView({ block: 'nearest' });
      p.focus();
    }
  }
  if ('close' in t.dataset) t.closest('dialog').close();
  if ('lightsOut' in t.dataset) {
    t.closest('dialog').close();
    lightsOut();
  }
  if ('print' in t.dataset) window.print();
  if (t.dataset.shows) {
    e.preventDefault();
    show(t.dataset.shows);
    $('#drawing').scrollIntoView({ block: 'nearest' });
  }
  if (t.id === 'meter-line') {
    openMeter = !openMeter;
    $('#meter').classList.toggle('open', openMeter);
    t.setAttribute('aria-expanded', String(openMeter));
  }
});
// The sheet with the digits is put away: nobody comes in by them any more.
document.addEventListener(
  'close',
  (e) => {
    if (e.target.id !== 'phone') return;
    $('#phone-in').replaceChildren();
    const csrf = $('meta[name=csrf-token]')?.content ?? '';
    fetch('/phone/drop', { method: 'POST', headers: { 'X-CSRF-TOKEN': csrf }, redirect: 'manual' }).catch(() => {});
  },
  true,
);
document.addEventListener('focusin', (e) => {
  const t = e.target.closest && e.target.closest('[data-shows]');
  if (t) show(t.dataset.shows);
});

// Enter in a blank fires its change, which sends the edit; the form itself is not sent a second time.
document.addEventListener('submit', (e) => {
  if (e.target.matches('form[hx-trigger=change]')) e.preventDefault();
});
document.addEventListener('change', (e) => {
  if (e.target.matches('input.typed')) e.target.defaultValue = e.target.value;
});
