// The Brief: events of a story moved by hand, one change on release, Escape restores; a press chooses the moment.
import { $, clock } from '../js/dom.js';

let held = null;
document.addEventListener('pointerdown', (e) => {
  const dot = e.target.closest && e.target.closest('[data-event]');
  if (!dot) return;
  e.preventDefault();
  held = { dot, svg: dot.closest('svg'), from: dot.getAttribute('cx'), at: null };
  dot.classList.add('held');
  dot.setPointerCapture(e.pointerId);
});
document.addEventListener('pointermove', (e) => {
  if (!held) return;
  const box = held.svg.getBoundingClientRect();
  const share = Math.min(1, Math.max(0, (e.clientX - box.left) / box.width));
  held.at = Math.round((share * parseFloat(held.svg.dataset.lasts)) / 300) * 300;
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
  field.value = clock(
    Math.round(
      (Math.min(1, Math.max(0, (e.clientX - box.left) / box.width)) * parseFloat(picture.dataset.lasts)) / 300,
    ) * 300,
  );
  field.form.requestSubmit();
});
const letGo = (keep) => {
  if (!held) return;
  const { dot, from, at } = held;
  held = null;
  dot.classList.remove('held');
  const field = $(`#event-${dot.dataset.event}`);
  if (!keep || at === null || !field) {
    dot.setAttribute('cx', from);
    if (field) field.value = field.defaultValue;
    return;
  }
  field.dispatchEvent(new Event('change', { bubbles: true }));
};
document.addEventListener('pointerup', () => letGo(true));
document.addEventListener('keydown', (e) => {
  if (e.key === 'Escape') letGo(false);
});
