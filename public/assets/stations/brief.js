// The Brief: events of a story moved up and down by hand, one change on release, Escape restores; a press chooses the
// moment.
import { $, clock } from '../js/dom.js';

// Which time a place of the picture stands for, to five minutes: the marks are [seconds, y], hours without anything folded.
const timeAt = (svg, clientY) => {
  const box = svg.getBoundingClientRect();
  const y = ((clientY - box.top) / box.height) * svg.viewBox.baseVal.height;
  const marks = JSON.parse(svg.dataset.marks);
  const above = marks.findLastIndex((m) => m[1] <= y);
  if (above < 0) return marks[0][0];
  if (above === marks.length - 1) return marks[above][0];
  const [[t0, y0], [t1, y1]] = [marks[above], marks[above + 1]];
  return Math.round((t0 + ((t1 - t0) * (y - y0)) / (y1 - y0)) / 300) * 300;
};
const inPicture = (svg, clientY) => {
  const box = svg.getBoundingClientRect();
  const marks = JSON.parse(svg.dataset.marks);
  const y = ((clientY - box.top) / box.height) * svg.viewBox.baseVal.height;
  return String(Math.min(marks.at(-1)[1], Math.max(marks[0][1], y)));
};
let held = null;
// A press that began on an event moves it, let go or given up; it chooses no moment.
let onEvent = false;
document.addEventListener('pointerdown', (e) => {
  const dot = e.target.closest && e.target.closest('[data-event]');
  onEvent = Boolean(dot);
  if (!dot) return;
  e.preventDefault();
  held = { dot, svg: dot.closest('svg'), from: dot.getAttribute('cy'), at: null };
  dot.classList.add('held');
  dot.setPointerCapture(e.pointerId);
});
document.addEventListener('pointermove', (e) => {
  if (!held) return;
  held.at = timeAt(held.svg, e.clientY);
  held.dot.setAttribute('cy', inPicture(held.svg, e.clientY));
  const field = $(`#event-${held.dot.dataset.event}`);
  if (field) field.value = clock(held.at);
});
// A press on the day itself chooses the moment that is looked at.
document.addEventListener('click', (e) => {
  const picture = e.target.closest && e.target.closest('.day-picture');
  const field = $('#moment');
  if (!picture || !field || onEvent) return;
  field.value = clock(timeAt(picture, e.clientY));
  field.form.requestSubmit();
});
// Arrows in the field of the moment go from row to row of the day; Enter looks at it.
document.addEventListener('keydown', (e) => {
  const svg = $('.day-picture');
  if (e.target.id !== 'moment' || !svg || !['ArrowUp', 'ArrowDown'].includes(e.key)) return;
  e.preventDefault();
  const times = JSON.parse(svg.dataset.marks).map((m) => m[0]);
  const now = times.findIndex((t) => clock(t) === e.target.value);
  const next = now < 0 ? 0 : Math.min(times.length - 1, Math.max(0, now + (e.key === 'ArrowDown' ? 1 : -1)));
  e.target.value = clock(times[next]);
});
const letGo = (keep) => {
  if (!held) return;
  const { dot, from, at } = held;
  held = null;
  dot.classList.remove('held');
  const field = $(`#event-${dot.dataset.event}`);
  if (!keep || at === null || !field) {
    dot.setAttribute('cy', from);
    if (field) field.value = field.defaultValue;
    return;
  }
  field.dispatchEvent(new Event('change', { bubbles: true }));
};
document.addEventListener('pointerup', () => letGo(true));
document.addEventListener('keydown', (e) => {
  if (e.key === 'Escape') letGo(false);
});
