// Keys of Hand over: V leaf after leaf, P print, E write what happened, A the picture that is missing.
import { $, go } from '../js/dom.js';

document.addEventListener(
  'keydown',
  (e) => {
    if (!('keys' in document.body.dataset) || e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.target.closest('input:not([type=radio]),textarea,select,dialog')) return;
    const key = e.key.toLowerCase();
    const marked = { v: '[data-leaf-after]', p: '[data-leaf-print]', a: '[data-leaf-photo]' }[key];
    const link = marked && $(marked);
    if (link) go(link);
    else if (key === 'e' && $('[data-leaf-write]')) $('[data-leaf-write]').focus();
    else if (key === 'e' && $('[data-leaf-since]')) location.assign($('[data-leaf-since]').href);
    else return;
    e.preventDefault();
    e.stopImmediatePropagation();
  },
  true,
);
