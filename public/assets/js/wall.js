// Cards that had to be solved first: how many are still out.
import { $ } from './dom.js';

document.addEventListener('htmx:afterSettle', () => {
  const words = $('#solving');
  if (!words || words.hidden) return;
  const left = document.querySelectorAll('.hangs.pending').length;
  words.hidden = left === 0;
  words.textContent = `${words.dataset.of - left} of ${words.dataset.of} solved.`;
});
