// Layout: the changeovers, the light tip, sizes by keys, a file read into its field.
import { $, go } from '../js/dom.js';

const goTo = (path) => {
  const a = document.createElement('a');
  a.href = path;
  document.body.append(a);
  if (window.htmx) {
    a.setAttribute('hx-get', path);
    a.setAttribute('hx-swap', 'none');
    htmx.process(a);
  }
  go(a);
  a.remove();
};

/** Where on the piece the pointer is, mm. */
const pointed = (picture, e) => {
  const [k, x0, y0, mirror] = picture.dataset.scale.split(' ').map(Number);
  const box = picture.getBoundingClientRect();
  const x = k * (((e.clientX - box.left) * 724) / box.width) + x0;
  const y = k * (((e.clientY - box.top) * 724) / box.width) + y0;
  return [Math.round(mirror ? mirror - x : x), Math.round(y)];
};
const tipTo = (picture, e) => {
  const url = new URL(window.location.href);
  url.searchParams.set('tip', pointed(picture, e).join(','));
  goTo(url.pathname + url.search);
};

// The light tip and the marks of a piece are drawn along by hand; each has its typed and stepped twin.
let held = null;
document.addEventListener('pointerdown', (e) => {
  const thing = e.target.closest('.light-tip, [data-drags]');
  const picture = e.target.closest('#layout-picture');
  if (thing && picture) held = { thing, picture, x: e.clientX, y: e.clientY, moved: false };
});
document.addEventListener('pointermove', (e) => {
  if (!held) return;
  const scale = 724 / held.picture.getBoundingClientRect().width;
  const [dx, dy] = [(e.clientX - held.x) * scale, (e.clientY - held.y) * scale];
  held.moved = held.moved || Math.hypot(dx, dy) > 4;
  const along = 'drags' in held.thing.dataset;
  if (held.moved) held.thing.setAttribute('transform', `translate(${dx} ${along ? 0 : dy})`);
});
document.addEventListener('pointerup', (e) => {
  const was = held;
  held = null;
  if (!was || !was.moved) return;
  document.addEventListener('click', (c) => (c.preventDefault(), c.stopPropagation()), { capture: true, once: true });
  const field = was.thing.dataset.drags && $(`#${was.thing.dataset.drags}`);
  if (!field) return tipTo(was.picture, e);
  const per = Number(was.picture.dataset.scale.split(' ')[0]) * (724 / was.picture.getBoundingClientRect().width);
  const by = Math.round((e.clientX - was.x) * per) * Number(was.thing.dataset.way);
  if (stepped(field, (mm) => mm + by, true)) field.dispatchEvent(new Event('change', { bubbles: true }));
});
document.addEventListener('dragstart', (e) => e.target.closest?.('#layout-picture') && e.preventDefault());

// Where one presses, the light tip stands.
document.addEventListener('click', (e) => {
  const picture = e.target.closest('#layout-picture');
  if (!picture || e.target.closest('a, form, input, foreignObject') || !$('[data-tip]')) return;
  tipTo(picture, e);
});

// Light that comes while somebody types into the picture waits until they are done.
document.addEventListener('htmx:beforeSwap', (e) => {
  const picture = $('#lit-picture');
  const field = document.activeElement;
  if (e.detail.target !== picture || !picture.contains(field) || !field.matches('.typed')) return;
  e.detail.shouldSwap = false;
  const path = e.detail.pathInfo.requestPath;
  field.addEventListener(
    'blur',
    () => document.contains(picture) && htmx.ajax('GET', path, { target: '#lit-picture', swap: 'innerHTML' }),
    { once: true },
  );
});

document.addEventListener('change', (e) => {
  const into = e.target.dataset && e.target.dataset.reads;
  const file = into && e.target.files[0];
  if (file) file.text().then((text) => ($(`#${into}`).value = text));
});

const sizes = () => [
  ...document.querySelectorAll('.size-at .typed, .sizes .typed, .segment-rows .typed, .mark-rows .typed'),
];
/** A length typed as it stands, changed in mm. */
const stepped = (field, change, signed = false) => {
  const found = /^\s*(-?[\d.,]+)\s*(mm|cm|m)\s*$/.exec(field.value);
  if (!found) return false;
  const per = { mm: 1, cm: 10, m: 1000 }[found[2]];
  const now = Math.round(change(Math.round(Number(found[1].replace(',', '.')) * per)));
  if (!signed && !(now > 0)) return false;
  field.value = `${now / 1000} m`;
  return true;
};

document.addEventListener(
  'keydown',
  (e) => {
    if (!('keys' in document.body.dataset) || !document.body.classList.contains('layout')) return;
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    const field = e.target.closest && e.target.closest('.typed');
    if (field && (e.key === 'ArrowUp' || e.key === 'ArrowDown') && field.tagName === 'INPUT') {
      const by = (e.key === 'ArrowUp' ? 1 : -1) * (e.shiftKey ? 10 : 1);
      if (stepped(field, (mm) => mm + by)) e.preventDefault();
      return;
    }
    // To the cut mark before or after.
    const pitch = Number($('#layout-picture')?.dataset.pitch || 0);
    if (field && pitch > 0 && (e.key === '[' || e.key === ']')) {
      const to = (mm) =>
        e.key === ']' ? (Math.floor(mm / pitch + 1e-6) + 1) * pitch : (Math.ceil(mm / pitch - 1e-6) - 1) * pitch;
      if (stepped(field, to)) e.preventDefault();
      return;
    }
    if (e.target.closest && e.target.closest('input,textarea,select,dialog')) return;
    const arrow = { ArrowLeft: '←', ArrowRight: '→', ArrowUp: '↑', ArrowDown: '↓' }[e.key];
    const k = e.key.toLowerCase();
    if (arrow && $(`[data-tip-by="${arrow}"]`)) {
      go($(`[data-tip-by="${arrow}"]`));
    } else if (['d', 'b'].includes(k) && $(`[data-layout-key="${k}"]`)) {
      go($(`[data-layout-key="${k}"]`));
    } else if (k === 'm' && sizes().length) {
      const all = sizes().filter((f) => f.offsetParent !== null);
      const at = all.indexOf(document.activeElement);
      all[(at + 1) % all.length].focus();
    } else if (k === 'u' && $('[data-key=u]')) {
      go($('[data-key=u]'));
    } else if (k === 'w' && $('.arrangements .button')) {
      $('.arrangements .button').focus();
    } else {
      return;
    }
    e.preventDefault();
    e.stopImmediatePropagation();
  },
  true,
);

// A rule along the long edge of the screen, true to size once a bank card (85.6 mm, ISO/IEC 7810) was laid on it. Off by default.
const CARD_MM = 85.6;
const KEPT = 'glow-px-per-mm';
const SVG = 'http://www.w3.org/2000/svg';
const drawn = (name, attributes, text = '') => {
  const node = document.createElementNS(SVG, name);
  Object.entries(attributes).forEach(([key, value]) => node.setAttribute(key, value));
  node.textContent = text;
  return node;
};
const edgeRule = () => {
  const old = $('.edge-rule');
  if (old) old.remove();
  const per = Number(localStorage.getItem(KEPT));
  const box = $('#true-size');
  if (box) box.checked = per > 0;
  if (!(per > 0)) return;
  const height = window.innerHeight;
  const rule = drawn('svg', { class: 'edge-rule', width: 34, height, 'aria-hidden': 'true' });
  rule.append(drawn('rect', { x: 0, y: 0, width: 34, height }));
  let ticks = '';
  for (let mm = 0; mm * per < height; mm++) {
    ticks += `M34 ${mm * per}h${mm % 10 === 0 ? -16 : mm % 5 === 0 ? -11 : -7}`;
    if (mm % 10 === 0 && mm > 0) rule.append(drawn('text', { x: 2, y: mm * per + 4 }, String(mm / 10)));
  }
  rule.append(drawn('path', { d: ticks }));
  document.body.append(rule);
};
document.addEventListener('input', (e) => {
  if (e.target.id !== 'card-width') return;
  $('.card-shape').setAttribute('width', e.target.value);
  if ($('#true-size').checked) localStorage.setItem(KEPT, Number(e.target.value) / CARD_MM);
  edgeRule();
});
document.addEventListener('change', (e) => {
  if (e.target.id !== 'true-size') return;
  if (e.target.checked) localStorage.setItem(KEPT, Number($('#card-width').value) / CARD_MM);
  else localStorage.removeItem(KEPT);
  edgeRule();
});
window.addEventListener('resize', edgeRule);
edgeRule();
