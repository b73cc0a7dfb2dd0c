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
    // What is thrown and where the tips sit is in the address; a form written before the last throw follows it.
    const [path, query] = e.detail.path.split('?');
    if (e.detail.verb === 'post' && query !== undefined && document.body.dataset.build) {
      const now = new URLSearchParams(location.search);
      const sent = new URLSearchParams(query);
      for (const key of [...sent.keys()]) if (/^(s|[it]\[.*)$/.test(key)) sent.delete(key);
      for (const [key, value] of now) if (/^(s|[it]\[.*)$/.test(key)) sent.append(key, value);
      e.detail.path = `${path}?${sent}`;
    }
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
  // A click on a wire sets the red tip, the next one the black.
  let nextTip = 'red';
  document.addEventListener('click', (e) => {
    const wire = e.target.closest('#drawing g[data-pin]');
    const select = wire && $(`#tip-${nextTip}`);
    if (!select) return;
    const pins = [...select.options].map((o) => o.value);
    if (!pins.includes(wire.dataset.pin)) { const o = new Option(wire.dataset.pin, wire.dataset.pin); select.add(o); }
    select.value = wire.dataset.pin;
    nextTip = nextTip === 'red' ? 'black' : 'red';
    select.dispatchEvent(new Event('change', {bubbles: true}));
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
    if (e.key === ' ' && e.target.matches('[role=switch]')) { e.preventDefault(); e.target.click(); return; }
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
    } else if (k === 'w') { const w = $('#switching'); if (w) { w.open = true; w.scrollIntoView(); $('summary', w).focus(); } }
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

  // ---- the controller, played from solved patterns ------------------------------------------------------------------
  let playing = 0;
  const encode = (x) => Math.round(255 * (x <= 0.0031308 ? 12.92 * x : 1.055 * x ** (1 / 2.4) - 0.055)).toString(16).padStart(2, '0');
  const paint = (data, duty) => {
    // Nested phases: a channel is on in all phases below its duty.
    const edges = [...new Set([0, ...data.channels.map((c) => duty[c] || 0), 1])].filter((d) => d >= 0 && d <= 1).sort((a, b) => a - b);
    const phases = edges.slice(0, -1).map((at, n) => [edges[n + 1] - at, data.channels.reduce((m, c, k) => m | ((duty[c] || 0) > at ? 1 << k : 0), 0)]);
    document.querySelectorAll('#drawing [data-u]').forEach((u) => {
      const [id, n] = u.dataset.u.split(' ');
      const light = data.lights[id];
      if (!light) return;
      const rgb = [0, 0, 0];
      for (const [width, mask] of phases) {
        const flux = light.patterns[mask];
        if (!flux) continue;
        for (const name of Object.keys(flux)) data.colours[light.emitters[name]].forEach((x, i) => { rgb[i] += width * x * Math.max(0, flux[name][n] || 0); });
      }
      const scale = Math.max(1, ...rgb);
      u.setAttribute('fill', '#' + rgb.map((x) => encode(x / scale)).join(''));
    });
  };
  const seconds = (text) => { const m = /^\s*([\d.,]+)\s*(s|sec|min|h)?\s*$/.exec(text); return m ? parseFloat(m[1].replace(',', '.')) * {min: 60, h: 3600}[m[2]] || (m ? parseFloat(m[1].replace(',', '.')) : NaN) : NaN; };
  const set = () => Object.fromEntries([...document.querySelectorAll('[data-channel]')].map((i) => [i.dataset.channel, Math.min(1, Math.max(0, (parseFloat(i.value) || 0) / 100))]));
  const course = (what, option, now) => {
    const names = Object.keys(now);
    if (what === 'fade') return (t) => Object.fromEntries(names.map((c, k) => [c, 0.5 + 0.5 * Math.cos(2 * Math.PI * (t - k / names.length))]));
    if (what === 'breathe') return (t) => Object.fromEntries(names.map((c) => [c, now[c] * (0.5 - 0.5 * Math.cos(2 * Math.PI * t))]));
    if (what === 'sweep') return (t) => Object.fromEntries(names.map((c, k) => [c, Math.floor(t % 1 * names.length) === k ? now[c] : 0]));
    if (what.startsWith('scene:')) {
      const steps = JSON.parse(option.dataset.steps);
      const last = steps[steps.length - 1];
      const total = last.at_s + (last.fade_s || 0) + 1;
      return (t, s) => {
        const at = option.dataset.repeat === '1' ? s % total : Math.min(s, total);
        let duty = {...now};
        for (const step of steps) {
          if (step.at_s > at) break;
          const share = step.fade_s > 0 ? Math.min(1, (at - step.at_s) / step.fade_s) : 1;
          const before = duty;
          duty = {...before, ...Object.fromEntries(Object.entries(step.set).map(([c, v]) => [c, (before[c] || 0) + share * (v - (before[c] || 0))]))};
        }
        return duty;
      };
    }
    return () => now;
  };
  const halt = (say) => {
    playing++;
    const stop = $('[data-stop]');
    if (stop) stop.disabled = true;
    if (say && $('#play-echo')) $('#play-echo').textContent = say;
  };
  document.addEventListener('click', async (e) => {
    const t = e.target.closest('[data-less],[data-more],[data-play],[data-stop],[data-run],[data-halt]');
    if (!t) return;
    if (t.dataset.less || t.dataset.more) {
      const field = $(`#${t.dataset.less || t.dataset.more}`);
      field.value = Math.min(100, Math.max(0, (parseFloat(field.value) || 0) + (t.dataset.less ? -5 : 5)));
      field.dispatchEvent(new Event('input', {bubbles: true}));
    }
    if ('stop' in t.dataset) halt('Stopped.');
    if ('play' in t.dataset) {
      halt();
      const mine = playing;
      const what = $('#play-what');
      const round = seconds($('#play-speed').value);
      const timer = $('#play-timer').value.trim() === '' ? Infinity : seconds($('#play-timer').value);
      const echo = $('#play-echo');
      if (!(round > 0)) { echo.textContent = "One round in: expected seconds, as 6 s."; return; }
      if (!(timer > 0)) { echo.textContent = "Off after: expected a time, as 30 s or 10 min."; return; }
      echo.textContent = 'Solving its patterns …';
      const data = await (await fetch($('[data-player]').dataset.player)).json();
      if (mine !== playing) return;
      const run = course(what.value, what.selectedOptions[0], set());
      const still = document.documentElement.classList.contains('still') || matchMedia('(prefers-reduced-motion: reduce)').matches;
      const moves = what.value !== 'steady';
      echo.textContent = still && moves ? 'Motion is still: its first moment is shown.' : `Playing from ${Object.keys(Object.values(data.lights)[0].patterns).length} solved patterns.`;
      $('[data-stop]').disabled = false;
      const begun = performance.now();
      const frame = (now) => {
        if (mine !== playing) return;
        const s = (now - begun) / 1000;
        if (s > timer) { paint(data, {}); halt('Off: its time is over.'); return; }
        paint(data, run(s / round, s));
        if ((moves && !still) || timer < Infinity) requestAnimationFrame(frame);
      };
      requestAnimationFrame(frame);
    }
    if ('halt' in t.dataset) t.dataset.stopped = '1';
    if ('run' in t.dataset) {
      const stop = $('[data-halt]');
      const says = $('#tol-says');
      delete stop.dataset.stopped;
      stop.disabled = false;
      t.disabled = true;
      const n = $('#tol-n').value.trim();
      let [done, inside, broken, wrong] = [0, 0, {}, ''];
      while (done < Number(n) || done === 0) {
        const answer = await (await fetch(`${$('[data-tolerance]').dataset.tolerance}&n=${encodeURIComponent(n)}&seed=${encodeURIComponent($('#tol-seed').value.trim())}&cursor=${done}`, {headers: {Accept: 'application/json'}})).json();
        if (answer.wrong) { wrong = answer.wrong; break; }
        done += answer.done;
        inside += answer.inside;
        for (const [k, v] of Object.entries(answer.broken)) broken[k] = (broken[k] || 0) + v;
        says.textContent = `${done} of ${n} built …`;
        if (stop.dataset.stopped || answer.done === 0) break;
      }
      stop.disabled = true;
      t.disabled = false;
      if (wrong) { says.textContent = wrong; return; }
      const p = inside / done; const z = 1.959964; const q = 1 + z * z / done;
      const mid = (p + z * z / (2 * done)) / q; const half = z / q * Math.sqrt(p * (1 - p) / done + z * z / (4 * done * done));
      const pc = (x) => `${(100 * Math.min(1, Math.max(0, x))).toFixed(1)} %`;
      const worst = Object.entries(broken).sort((a, b) => b[1] - a[1])[0];
      says.textContent = `${pc(p)} of ${done} builds keep every limit (95 % sure: ${pc(mid - half)} to ${pc(mid + half)}). ${worst ? `Worst: ${worst[0]}, ${worst[1]} times.` : 'Nothing breaks.'} Seed ${$('#tol-seed').value.trim()}.`;
    }
  });
  document.addEventListener('input', (e) => {
    if (!e.target.matches('[data-channel]')) return;
    const steps = $('#scene-steps');
    if (steps) steps.value = JSON.stringify([{at_s: 0, set: set()}]);
  });

  // ---- events of a story, moved by hand: one change on release, Escape restores -------------------------------------
  let held = null;
  const clock = (sec) => { const d = Math.floor(sec / 86400); const r = sec % 86400; return `${d > 0 ? `day ${d + 1} ` : ''}${Math.floor(r / 3600)}:${String(Math.floor(r % 3600 / 60)).padStart(2, '0')}`; };
  document.addEventListener('pointerdown', (e) => {
    const dot = e.target.closest && e.target.closest('[data-event]');
    if (!dot) return;
    e.preventDefault();
    held = {dot, svg: dot.closest('svg'), from: dot.getAttribute('cx'), at: null};
    dot.classList.add('held');
    dot.setPointerCapture(e.pointerId);
  });
  document.addEventListener('pointermove', (e) => {
    if (!held) return;
    const box = held.svg.getBoundingClientRect();
    const share = Math.min(1, Math.max(0, (e.clientX - box.left) / box.width));
    held.at = Math.round(share * parseFloat(held.svg.dataset.lasts) / 300) * 300;
    held.dot.setAttribute('cx', String(held.svg.viewBox.baseVal.width * share));
    const field = $(`#event-${held.dot.dataset.event}`);
    if (field) field.value = clock(held.at);
  });
  // A press on the day itself chooses the moment that is looked at.
  document.addEventListener('click', (e) => {
    const picture = e.target.closest && e.target.closest('.day-picture');
    const field = $('#moment');
    if (!picture || !field || e.target.closest('[data-event]')) return;
    const box = picture.getBoundingClientRect();
    field.value = clock(Math.round(Math.min(1, Math.max(0, (e.clientX - box.left) / box.width)) * parseFloat(picture.dataset.lasts) / 300) * 300);
    field.form.requestSubmit();
  });
  const letGo = (keep) => {
    if (!held) return;
    const {dot, from, at} = held;
    held = null;
    dot.classList.remove('held');
    const field = $(`#event-${dot.dataset.event}`);
    if (!keep || at === null || !field) {
      dot.setAttribute('cx', from);
      if (field) field.value = field.defaultValue;
      return;
    }
    field.dispatchEvent(new Event('change', {bubbles: true}));
  };
  document.addEventListener('pointerup', () => letGo(true));
  document.addEventListener('keydown', (e) => { if (e.key === 'Escape') letGo(false); });
})();
