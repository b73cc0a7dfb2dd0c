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

// Where one presses, the light tip stands.
document.addEventListener('click', (e) => {
  const picture = e.target.closest('#layout-picture');
  if (!picture || e.target.closest('a, form, input, foreignObject') || !$('[data-tip]')) return;
  const [k, x0, y0, mirror] = picture.dataset.scale.split(' ').map(Number);
  const box = picture.getBoundingClientRect();
  const px = ((e.clientX - box.left) * 724) / box.width;
  const py = ((e.clientY - box.top) * 724) / box.width;
  const x = Math.round(mirror ? mirror - (k * px + x0) : k * px + x0);
  const url = new URL(window.location.href);
  url.searchParams.set('tip', `${x},${Math.round(k * py + y0)}`);
  goTo(url.pathname + url.search);
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

const sizes = () => [...document.querySelectorAll('.size-at .typed, .sizes .typed, .segment-rows .typed')];
/** A length typed as it stands, more by so many mm. */
const stepped = (field, mm) => {
  const found = /^\s*(-?[\d.,]+)\s*(mm|cm|m)\s*$/.exec(field.value);
  if (!found) return false;
  const per = { mm: 1, cm: 10, m: 1000 }[found[2]];
  const now = Math.round(Number(found[1].replace(',', '.')) * per) + mm;
  if (now <= 0) return false;
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
      if (stepped(field, (e.key === 'ArrowUp' ? 1 : -1) * (e.shiftKey ? 10 : 1))) e.preventDefault();
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
