// Keys, tokens, the order of answers, drawers. Everything also works without this file.
(() => {
  'use strict';
  const $ = (s, at = document) => at.querySelector(s);
  const store = window.sessionStorage;
  const windowName = store.getItem('window') || crypto.randomUUID().slice(0, 8);
  store.setItem('window', windowName);

  // Every edit carries a fresh token and this window's name; an answer to an older preview is dropped.
  let sent = 0;
  document.addEventListener('htmx:configRequest', (e) => {
    e.detail.parameters.token = crypto.randomUUID();
    e.detail.parameters.window = windowName;
    const csrf = $('meta[name=csrf-token]');
    if (csrf) e.detail.headers['X-CSRF-TOKEN'] = csrf.content;
  });
  document.addEventListener('htmx:beforeRequest', (e) => { e.detail.xhr.glowSent = ++sent; });
  document.addEventListener('htmx:beforeSwap', (e) => {
    const path = e.detail.pathInfo ? e.detail.pathInfo.requestPath : '';
    if (path.includes('/preview') && e.detail.xhr.glowSent < sent) e.detail.shouldSwap = false;
  });
  // A form that holds a half-typed value is not replaced under the hand.
  document.addEventListener('htmx:oobBeforeSwap', (e) => {
    const field = document.activeElement;
    const target = e.detail.target;
    if (target && field && target.contains(field) && field.matches('input.typed') && field.value !== field.defaultValue) e.detail.shouldSwap = false;
  });
  let openMeter = false;
  let hadFix = false;
  document.addEventListener('htmx:beforeRequest', (e) => { hadFix = e.detail.elt.closest && !!e.detail.elt.closest('.pins'); });
  document.addEventListener('htmx:afterSettle', () => {
    const meter = $('#meter');
    if (meter) meter.classList.toggle('open', openMeter);
    if (hadFix && (!document.activeElement || document.activeElement === document.body)) {
      hadFix = false;
      const next = $('.pin');
      (next || $('#drawing') || document.body).focus();
    }
  });

  const go = (el) => { if (el) { el.focus(); el.click(); } return !!el; };
  const lightsOut = () => document.documentElement.classList.toggle('lights-out');
  const show = (part) => {
    document.querySelectorAll('.shown').forEach((n) => n.classList.remove('shown'));
    document.querySelectorAll(`#drawing [data-part="${CSS.escape(part)}"]`).forEach((n) => n.classList.add('shown'));
  };

  document.addEventListener('click', (e) => {
    const t = e.target.closest('[data-open],[data-goto],[data-close],[data-lights-out],[data-print],[data-shows],#meter-line');
    if (!t) return;
    if (t.dataset.open) $(`#${t.dataset.open}`).showModal();
    if (t.dataset.goto) { const p = $(`#${t.dataset.goto}`); if (p) { p.scrollIntoView({block: 'nearest'}); p.focus(); } }
    if ('close' in t.dataset) t.closest('dialog').close();
    if ('lightsOut' in t.dataset) { t.closest('dialog').close(); lightsOut(); }
    if ('print' in t.dataset) window.print();
    if (t.dataset.shows) { e.preventDefault(); show(t.dataset.shows); $('#drawing').scrollIntoView({block: 'nearest'}); }
    if (t.id === 'meter-line') {
      openMeter = !openMeter;
      $('#meter').classList.toggle('open', openMeter);
      t.setAttribute('aria-expanded', String(openMeter));
    }
  });
  document.addEventListener('focusin', (e) => { const t = e.target.closest && e.target.closest('[data-shows]'); if (t) show(t.dataset.shows); });

  // Enter in a blank fires its change, which sends the edit; the form itself is not sent a second time.
  document.addEventListener('submit', (e) => { if (e.target.matches('form[hx-trigger=change]')) e.preventDefault(); });
  document.addEventListener('change', (e) => { if (e.target.matches('input.typed')) e.target.defaultValue = e.target.value; });

  let chord = '';
  const flags = () => [...document.querySelectorAll('.flag')];
  const step = (by) => {
    const all = flags();
    const at = all.findIndex((f) => f.classList.contains('here'));
    return go(all[(at + by + all.length) % all.length]);
  };
  let pin = -1;
  document.addEventListener('keydown', (e) => {
    if (!('keys' in document.body.dataset) || e.ctrlKey || e.metaKey || e.altKey || e.target.closest('input:not([type=radio]),textarea,select,dialog')) return;
    const k = e.key;
    if (document.documentElement.classList.contains('lights-out')) { lightsOut(); e.preventDefault(); return; }
    let done = true;
    if (chord === 's' && /\d/.test(k)) { go($(`[data-station="${k}"]`)); chord = ''; }
    else if (chord.startsWith('c') && /^[a-z0-9]$/i.test(k)) {
      chord += k;
      const tag = chord.slice(1).toUpperCase();
      const match = flags().find((f) => f.dataset.flag.toUpperCase() === tag);
      if (match) { go(match); chord = ''; } else if (tag.length > 2) chord = '';
    } else if (chord === 't' && /\d/.test(k)) { go($(`[data-trigger="${k}"]`)); chord = ''; }
    else if (k === 's' || k === 'c' || k === 't') chord = k;
    else if (k === 'z') go($('[data-key=z]'));
    else if (k === 'Z') go($('[data-key=Z]'));
    else if (k === 'q') go($('[data-key=q]'));
    else if (k === '/') go($('[data-key="/"]'));
    else if (k === ',') step(-1);
    else if (k === '.') step(1);
    else if ('lnh'.includes(k) && k.length === 1) go($(`.positions [data-key=${k}]`));
    else if (k === 'f') {
      const pins = [...document.querySelectorAll('.pin')];
      if (pins.length) { pin = (pin + 1) % pins.length; pins[pin].focus(); pins[pin].scrollIntoView({block: 'nearest'}); const n = $('[data-shows]', pins[pin]); if (n) show(n.dataset.shows); }
    } else if (k === 'w') { const w = $('#cards'); if (w) { w.scrollIntoView(); const b = $('.button', w); if (b) b.focus(); } }
    else if (k === 'o') lightsOut();
    else if (k === '?') $('#keys').showModal();
    else done = false;
    if (done) e.preventDefault(); else chord = '';
  });

  // Another window's change is told, never swapped in by itself.
  setInterval(() => {
    const base = $('#base');
    if (!base || document.visibilityState !== 'visible') return;
    htmx.ajax('GET', `/b/${document.body.dataset.build}/head?since=${base.value}`, {target: '#elsewhere', swap: 'innerHTML', source: '#elsewhere'});
  }, 5000);
})();
