// The Circuit station: the meter's tips set on the drawing, a controller played on it, a tolerance run.
import { $ } from '../js/dom.js';

// A press on a wire opens it; with Shift it sets the red tip of the meter there, then the black.
let nextTip = 'red';
document.addEventListener('click', (e) => {
  const wire = e.target.closest('#drawing g[data-pin]');
  if (!wire) return;
  if (!e.shiftKey) {
    if (wire.dataset.opens) openWire(wire.dataset.opens);
    return;
  }
  const select = $(`#tip-${nextTip}`);
  if (!select) return;
  const pins = [...select.options].map((o) => o.value);
  if (!pins.includes(wire.dataset.pin)) {
    const o = new Option('this wire', wire.dataset.pin);
    select.add(o);
  }
  select.value = wire.dataset.pin;
  nextTip = nextTip === 'red' ? 'black' : 'red';
  select.dispatchEvent(new Event('change', { bubbles: true }));
});
const address = (change) => {
  const url = new URL(location.href);
  for (const [name, value] of Object.entries(change))
    if (value === null) url.searchParams.delete(name);
    else url.searchParams.set(name, value);
  return url.pathname + url.search;
};
const openWire = (core) => {
  const url = address({ w: core, wm: null, wo: null });
  window.htmx.ajax('GET', url, { source: '#drawing', swap: 'none' }).then(() => {
    const slip = $('#opened .slip');
    if (slip) slip.scrollIntoView({ block: 'nearest' });
  });
};
// Enter in the row of a lead goes on to the same field of the next one.
document.addEventListener('keydown', (e) => {
  const row = e.key === 'Enter' && e.target.closest('.lead-row');
  if (!row || !e.target.matches('input.typed')) return;
  const name = e.target.id.replace(/^f-.+-/, '');
  const rows = [...document.querySelectorAll('.lead-row')];
  for (const next of rows.slice(rows.indexOf(row) + 1)) {
    const field = [...next.querySelectorAll('input.typed')].find((f) => f.id.endsWith(`-${name}`));
    if (field) {
      setTimeout(() => {
        const there = document.getElementById(field.id);
        if (there) there.select();
      }, 0);
      return;
    }
  }
});
// What was unfolded stays so when an answer brings it anew.
document.addEventListener('htmx:oobBeforeSwap', (e) => {
  if (!['soldered', 'head-sentence'].includes(e.target.id)) return;
  const were = [...e.target.querySelectorAll('details')].map((d) => d.open);
  e.detail.fragment.querySelectorAll(`#${e.target.id} details`).forEach((d, n) => {
    d.open = were[n] === true;
  });
});
// A clause and its bracket in the drawing light together; a press on the bracket opens the clause.
const clauseOf = (e) =>
  e.target.closest?.('.clause')?.dataset.section || e.target.closest?.('.bracket')?.dataset.clause;
for (const [on, name] of [
  [true, 'pointerover'],
  [false, 'pointerout'],
  [true, 'focusin'],
  [false, 'focusout'],
])
  document.addEventListener(name, (e) => {
    const kind = clauseOf(e);
    if (!kind) return;
    for (const b of document.querySelectorAll(`.bracket[data-clause="${kind}"]`)) b.classList.toggle('lit', on);
    $(`#clause-${kind}`)?.classList.toggle('lit', on);
  });
document.addEventListener('click', (e) => {
  const bracket = e.target.closest('.bracket');
  if (bracket) $(`#clause-${bracket.dataset.clause}`)?.click();
});
// What is still sought can be stopped.
document.addEventListener('click', (e) => {
  const stop = e.target.closest('[data-stops]');
  if (!stop) return;
  window.htmx.trigger($(stop.dataset.stops), 'htmx:abort');
  stop.parentElement.textContent = 'Stopped. Put the circuits away and find them again to go on.';
});
// On a phone one lead at a time, with keys of its own; the machine's own keyboard stays away meanwhile.
const small = window.matchMedia('(max-width: 760px)');
const lengths = () => [...document.querySelectorAll('.lead-row input.typed[id$="-length_m"]')];
let inHand = null;
const takeInHand = (field) => {
  const leads = field ? field.closest('.leads') : $('.leads');
  if (!leads) return;
  inHand = field;
  leads.classList.toggle('one', field !== null);
  for (const row of leads.querySelectorAll('.lead-row')) row.classList.toggle('now', row.contains(field));
  $('.keypad', leads).hidden = field === null;
  for (const f of lengths()) f.inputMode = field === null ? '' : 'none';
  if (field) field.closest('.lead-row').scrollIntoView({ block: 'start' });
};
document.addEventListener('focusin', (e) => {
  if (small.matches && e.target !== inHand && e.target.matches('.lead-row input.typed[id$="-length_m"]')) {
    takeInHand(e.target);
    e.target.select();
  }
});
document.addEventListener('click', (e) => {
  const key = e.target.closest('.keypad [data-types]');
  if (!key || !inHand) return;
  const field = inHand;
  if (key.dataset.types === 'all') {
    takeInHand(null);
    return;
  }
  if (key.dataset.types === 'next') {
    const all = lengths();
    const next = all[all.indexOf(field) + 1] ?? null;
    field.dispatchEvent(new Event('change', { bubbles: true }));
    if (next) {
      takeInHand(next);
      next.focus();
      next.select();
    } else takeInHand(null);
    return;
  }
  // What is marked is typed over, as with any keyboard.
  const [from, to] = [field.selectionStart, field.selectionEnd];
  if (key.dataset.types === 'back') field.setRangeText('', from === to ? Math.max(0, from - 1) : from, to, 'end');
  else field.setRangeText(key.dataset.types, from, to, 'end');
  field.focus();
  field.dispatchEvent(new Event('input', { bubbles: true }));
});
// Arrows go along the wires and parts of the drawing; I, O, J and E act on the one that is marked.
let marked = null;
const walk = () => {
  const svg = [...document.querySelectorAll('#drawing svg.drawing')].find((s) => s.getBoundingClientRect().width > 0);
  const all = svg ? [...svg.querySelectorAll('g[data-opens], g.sym[data-part]')] : [];
  return all
    .map((g) => [g, g.getBoundingClientRect()])
    .sort(([, a], [, b]) => a.left - b.left || a.top - b.top)
    .map(([g]) => g);
};
const mark = (element) => {
  document.querySelectorAll('#drawing .marked').forEach((n) => n.classList.remove('marked'));
  marked = element;
  if (!element) return;
  element.classList.add('marked');
  const words = document.querySelector(`.in-words [data-shows="${CSS.escape(element.dataset.part || '')}"]`);
  $('#live').textContent = words ? words.textContent : '';
};
const step = (by) => {
  const all = walk();
  const at = all.findIndex((g) => g === marked);
  mark(all[at < 0 ? (by > 0 ? 0 : all.length - 1) : (at + by + all.length) % all.length]);
};
const press = (selector) => {
  const button = $(selector);
  if (button) button.click();
  return Boolean(button);
};
const acts = {
  ArrowRight: () => step(1),
  ArrowDown: () => step(1),
  ArrowLeft: () => step(-1),
  ArrowUp: () => step(-1),
  Enter: () => marked && marked.dataset.opens && openWire(marked.dataset.opens),
  o: () => marked && press(`[data-takes="${CSS.escape(marked.dataset.part || '')}"]`),
  e: () => marked && press(`[data-swaps="${CSS.escape(marked.dataset.part || '')}"]`),
};
document.addEventListener(
  'keydown',
  (e) => {
    if (!('keys' in document.body.dataset) || e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.target.closest('input,textarea,select,dialog,summary')) return;
    const onDrawing = document.activeElement && document.activeElement.closest('#drawing');
    if (!onDrawing || !acts[e.key]) return;
    if (acts[e.key]() === false) return;
    e.preventDefault();
    e.stopImmediatePropagation();
  },
  true,
);
document.addEventListener('keydown', (e) => {
  if (!('keys' in document.body.dataset) || e.ctrlKey || e.metaKey || e.altKey) return;
  if (e.target.closest('input,textarea,select,dialog')) return;
  if (e.key === 'Escape' && $('#opened .slip')) press('[data-key=Escape]');
  else if (e.key === 'i') {
    if (!press('#opened [data-key=i]') && marked && marked.dataset.opens) openWire(marked.dataset.opens);
  } else if (e.key === 'j') {
    const join = $('#opened [data-key-summary=j]');
    if (join) {
      join.parentElement.open = true;
      $('select', join.parentElement).focus();
    }
  } else if (e.key === 'r') {
    const leads = $('#leads details');
    if (leads) {
      leads.open = true;
      $('input.typed', leads).select();
    }
  } else if (e.key === 'y') {
    // Open already: on into what was found.
    const found = $('#wish .button, #wish button');
    if (found) found.focus();
    else press('#find-circuits');
  } else if (e.key === 'v') {
    const wish = $('.wish-edit');
    if (wish) {
      wish.open = true;
      ($('#wish-0') ?? $('input', wish)).select();
    }
  } else if (e.key === 'k') $('.clause')?.focus();
  else if (e.key === 'p') $('#cards .button, #cards button')?.focus();
  else if (e.key === 'd') $('#drawing').focus();
  else return;
  e.preventDefault();
});
// Among the cards of ways the arrows go as they lie: up and down by a row of them.
document.addEventListener('keydown', (e) => {
  const list = e.target.closest?.('.way-list');
  if (!list || !['ArrowUp', 'ArrowDown'].includes(e.key)) return;
  const all = [...list.querySelectorAll('button')];
  const here = e.target.getBoundingClientRect();
  const down = e.key === 'ArrowDown' ? 1 : -1;
  const next = all
    .map((b) => [b, b.getBoundingClientRect()])
    .filter(([, r]) => (r.top - here.top) * down > 40)
    .sort(
      ([, a], [, b]) =>
        Math.abs(a.top - here.top) +
        Math.abs(a.left - here.left) * 3 -
        (Math.abs(b.top - here.top) + Math.abs(b.left - here.left) * 3),
    )[0];
  if (!next) return;
  next[0].focus();
  e.preventDefault();
});
let playing = 0;
const encode = (x) =>
  Math.round(255 * (x <= 0.0031308 ? 12.92 * x : 1.055 * x ** (1 / 2.4) - 0.055))
    .toString(16)
    .padStart(2, '0');
const paint = (data, duty) => {
  // Nested phases: a channel is on in all phases below its duty.
  const edges = [...new Set([0, ...data.channels.map((c) => duty[c] || 0), 1])]
    .filter((d) => d >= 0 && d <= 1)
    .sort((a, b) => a - b);
  const phases = edges
    .slice(0, -1)
    .map((at, n) => [edges[n + 1] - at, data.channels.reduce((m, c, k) => m | ((duty[c] || 0) > at ? 1 << k : 0), 0)]);
  document.querySelectorAll('#drawing [data-u]').forEach((u) => {
    const [id, n] = u.dataset.u.split(' ');
    const light = data.lights[id];
    if (!light) return;
    const rgb = [0, 0, 0];
    for (const [width, mask] of phases) {
      const flux = light.patterns[mask];
      if (!flux) continue;
      for (const name of Object.keys(flux))
        data.colours[light.emitters[name]].forEach((x, i) => {
          rgb[i] += width * x * Math.max(0, flux[name][n] || 0);
        });
    }
    const scale = Math.max(1, ...rgb);
    u.setAttribute('fill', '#' + rgb.map((x) => encode(x / scale)).join(''));
  });
};
const seconds = (text) => {
  const m = /^\s*([\d.,]+)\s*(s|sec|min|h)?\s*$/.exec(text);
  return m
    ? parseFloat(m[1].replace(',', '.')) * { min: 60, h: 3600 }[m[2]] || (m ? parseFloat(m[1].replace(',', '.')) : NaN)
    : NaN;
};
const set = () =>
  Object.fromEntries(
    [...document.querySelectorAll('[data-channel]')].map((i) => [
      i.dataset.channel,
      Math.min(1, Math.max(0, (parseFloat(i.value) || 0) / 100)),
    ]),
  );
const course = (what, option, now) => {
  const names = Object.keys(now);
  if (what === 'fade')
    return (t) =>
      Object.fromEntries(names.map((c, k) => [c, 0.5 + 0.5 * Math.cos(2 * Math.PI * (t - k / names.length))]));
  if (what === 'breathe')
    return (t) => Object.fromEntries(names.map((c) => [c, now[c] * (0.5 - 0.5 * Math.cos(2 * Math.PI * t))]));
  if (what === 'sweep')
    return (t) => Object.fromEntries(names.map((c, k) => [c, Math.floor((t % 1) * names.length) === k ? now[c] : 0]));
  if (what.startsWith('scene:')) {
    const steps = JSON.parse(option.dataset.steps);
    const last = steps[steps.length - 1];
    const total = last.at_s + (last.fade_s || 0) + 1;
    return (t, s) => {
      const at = option.dataset.repeat === '1' ? s % total : Math.min(s, total);
      let duty = { ...now };
      for (const step of steps) {
        if (step.at_s > at) break;
        const share = step.fade_s > 0 ? Math.min(1, (at - step.at_s) / step.fade_s) : 1;
        const before = duty;
        duty = {
          ...before,
          ...Object.fromEntries(
            Object.entries(step.set).map(([c, v]) => [c, (before[c] || 0) + share * (v - (before[c] || 0))]),
          ),
        };
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
    field.dispatchEvent(new Event('input', { bubbles: true }));
  }
  if ('stop' in t.dataset) halt('Stopped.');
  if ('play' in t.dataset) {
    halt();
    const mine = playing;
    const what = $('#play-what');
    const round = seconds($('#play-speed').value);
    const timer = $('#play-timer').value.trim() === '' ? Infinity : seconds($('#play-timer').value);
    const echo = $('#play-echo');
    if (!(round > 0)) {
      echo.textContent = 'One round in: expected seconds, as 6 s.';
      return;
    }
    if (!(timer > 0)) {
      echo.textContent = 'Off after: expected a time, as 30 s or 10 min.';
      return;
    }
    echo.textContent = 'Solving its patterns …';
    const data = await (await fetch($('[data-player]').dataset.player)).json();
    if (mine !== playing) return;
    const run = course(what.value, what.selectedOptions[0], set());
    const still =
      document.documentElement.classList.contains('still') || matchMedia('(prefers-reduced-motion: reduce)').matches;
    const moves = what.value !== 'steady';
    echo.textContent =
      still && moves
        ? 'Motion is still: its first moment is shown.'
        : `Playing from ${Object.keys(Object.values(data.lights)[0].patterns).length} solved patterns.`;
    $('[data-stop]').disabled = false;
    const begun = performance.now();
    const frame = (now) => {
      if (mine !== playing) return;
      const s = (now - begun) / 1000;
      if (s > timer) {
        paint(data, {});
        halt('Off: its time is over.');
        return;
      }
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
      const answer = await (
        await fetch(
          `${$('[data-tolerance]').dataset.tolerance}&n=${encodeURIComponent(n)}&seed=${encodeURIComponent($('#tol-seed').value.trim())}&cursor=${done}`,
          { headers: { Accept: 'application/json' } },
        )
      ).json();
      if (answer.wrong) {
        wrong = answer.wrong;
        break;
      }
      done += answer.done;
      inside += answer.inside;
      for (const [k, v] of Object.entries(answer.broken)) broken[k] = (broken[k] || 0) + v;
      says.textContent = `${done} of ${n} built …`;
      if (stop.dataset.stopped || answer.done === 0) break;
    }
    stop.disabled = true;
    t.disabled = false;
    if (wrong) {
      says.textContent = wrong;
      return;
    }
    const [name, times] = Object.entries(broken).sort((a, b) => b[1] - a[1])[0] || ['', 0];
    const sums = new URLSearchParams({ done, inside, worst: name, times, n, seed: $('#tol-seed').value.trim() });
    const end = await fetch(`${$('[data-tolerance]').dataset.tolerance}&${sums}`, {
      headers: { Accept: 'application/json' },
    });
    says.textContent = (await end.json()).says;
  }
});
document.addEventListener('input', (e) => {
  if (!e.target.matches('[data-channel]')) return;
  const steps = $('#scene-steps');
  if (steps) steps.value = JSON.stringify([{ at_s: 0, set: set() }]);
});
