// Keys: chords for stations, circuits and throw-switches, single letters for the rest.
import { $, go, lightsOut, opened, show } from './dom.js';

// "Start a build" of another page leads into its first question.
if (location.hash === '#place') $('#place')?.focus();

let chord = '';
let begun = 0;
/** A chord that was begun and left is none after two seconds. */
const CHORD_MS = 2000;
// Lights out ends by any tap or key, keys on or off.
const lit = (e) => {
  if (!document.documentElement.classList.contains('lights-out')) return;
  lightsOut();
  e.preventDefault();
  e.stopImmediatePropagation();
};
document.addEventListener('keydown', lit, true);
document.addEventListener('click', lit, true);
const flags = () => [...document.querySelectorAll('.flag')];
const step = (by) => {
  const all = flags();
  const at = all.findIndex((f) => f.classList.contains('here'));
  return go(all[(at + by + all.length) % all.length]);
};
// Out of a field, so that keys are keys again.
document.addEventListener('keydown', (e) => {
  if (e.key !== 'Escape' || e.defaultPrevented || e.target.closest('dialog')) return;
  if (e.target.closest('input:not([type=radio]),textarea,select')) e.target.blur();
});
let pin = -1;
document.addEventListener('keydown', (e) => {
  if (e.key === ' ' && e.target.matches('[role=switch]')) {
    e.preventDefault();
    e.target.click();
    return;
  }
  if (
    !('keys' in document.body.dataset) ||
    e.ctrlKey ||
    e.metaKey ||
    e.altKey ||
    e.target.closest('input:not([type=radio]),textarea,select,dialog')
  )
    return;
  const k = e.key;
  if (Date.now() - begun > CHORD_MS) chord = '';
  begun = Date.now();
  let done = true;
  if (chord === 's' && /\d/.test(k)) {
    go($(`[data-station="${k}"]`));
    chord = '';
  } else if (chord.startsWith('c') && /^[a-z0-9]$/i.test(k)) {
    chord += k;
    const tag = chord.slice(1).toUpperCase();
    const match = flags().find((f) => f.dataset.flag.toUpperCase() === tag);
    if (match) {
      go(match);
      chord = '';
    } else if (tag.length > 2) chord = '';
  } else if (chord === 't' && /\d/.test(k)) {
    go($(`[data-trigger="${k}"]`));
    chord = '';
  } else if (k === 's' || k === 'c' || k === 't') chord = k;
  else if (k === 'z') go($('[data-key=z]'));
  else if (k === 'Z') go($('[data-key=Z]'));
  else if (k === 'b') {
    const place = $('#start #place');
    if (place) place.focus();
    else location.assign($('[data-key=b]').href);
  } else if (k === 'q') go($('[data-key=q]'));
  else if (k === '/') go($('[data-key="/"]'));
  else if (k === ',') step(-1);
  else if (k === '.') step(1);
  else if ('lnh'.includes(k) && k.length === 1) go($(`.positions [data-key=${k}]`));
  else if (k === 'f') {
    const pins = [...document.querySelectorAll('.pin')];
    if (pins.length) {
      pin = (pin + 1) % pins.length;
      pins[pin].focus();
      pins[pin].scrollIntoView({ block: 'nearest' });
      const n = $('[data-shows]', pins[pin]);
      if (n) show(n.dataset.shows);
    }
  } else if (k === 'w') {
    const w = $('#switching');
    if (w) {
      w.open = true;
      w.scrollIntoView();
      $('summary', w).focus();
    }
  } else if (k === 'o') lightsOut();
  else if (k === '?') opened($('#keys'));
  else if (k === 'g') location.assign($('[data-key=g]').href);
  else done = false;
  if (done) e.preventDefault();
  else chord = '';
});
