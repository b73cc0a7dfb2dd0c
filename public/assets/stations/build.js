// Build: the act by keys. D done, E otherwise, X not now, M mistake, [ ] the act before and after, G ledger, V ways.
import { $ } from '../js/dom.js';

document.addEventListener(
  'keydown',
  (e) => {
    if (!('keys' in document.body.dataset) || !document.body.classList.contains('build')) return;
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.target.closest && e.target.closest('input,textarea,select,dialog')) return;
    const act = $(`[data-build-key="${e.key.toLowerCase()}"]`);
    if (!act) return;
    e.preventDefault();
    e.stopImmediatePropagation();
    act.click();
    if (act.tagName !== 'SUMMARY') return;
    act.scrollIntoView({ block: 'nearest' });
    const field = act.parentElement.querySelector('input:not([type=hidden]), select, button');
    if (field && act.parentElement.open) field.focus();
  },
  true,
);
