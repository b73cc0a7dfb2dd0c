// What others do to this build: told in words, shown in the figures, never moving what is being typed. What the bench hands to
// a phone, and what a phone shows, for a bench that follows.
import { $, isDevice } from './dom.js';
import { windowName } from './frame.js';

/** How often news is asked for: often while somebody else may be at it, seldom where only this machine can be. */
const OFTEN_MS = 700;
const SELDOM_MS = 5000;
let asked = 0;
const store = window.sessionStorage;
const dark = window.matchMedia('(prefers-color-scheme: dark)');

const isTyped = (f) => (f.type === 'file' ? f.files.length > 0 : f.value !== f.defaultValue);
/** Whether something half typed, or open to be answered, would be moved. */
const busy = () =>
  [...document.querySelectorAll('#bench input.typed, #bench textarea, #bench input[type=file]')].some(isTyped) ||
  Boolean($('dialog[open]')) ||
  Boolean($('#conflict')?.firstElementChild) ||
  (document.activeElement?.matches('select') ?? false);

let seen = 0;
let kept = null;
const atStation = () => location.pathname.split('/')[3] === document.body.classList[0];

/** What a new plate takes over from the one before: which parts were open, where the focus stood. */
const before = () => ({
  open: [...document.querySelectorAll('#plate details[open] > summary')].map((s) => s.textContent.trim()),
  focus: document.activeElement?.id,
});
const after = ({ open, focus }) => {
  document.querySelectorAll('#plate details > summary').forEach((s) => {
    if (open.includes(s.textContent.trim())) s.parentElement.open = true;
  });
  if (focus && document.activeElement?.id !== focus) document.getElementById(focus)?.focus({ preventScroll: true });
};

const refresh = (mode) =>
  htmx.ajax('GET', location.pathname + location.search, {
    source: '#elsewhere',
    swap: 'none',
    headers: { 'X-Glow-Refresh': mode },
  });
const modeOf = (e) => e.detail.requestConfig?.headers?.['X-Glow-Refresh'];
document.addEventListener('htmx:beforeSwap', (e) => {
  if (modeOf(e) !== 'whole') return;
  // Something was begun while it was asked for.
  if (busy()) e.detail.shouldSwap = false;
  else kept = before();
});
document.addEventListener('htmx:afterSettle', () => {
  if (kept) after(kept);
  kept = null;
});

let gone = null;
const say = (words, to = '') => {
  const at = $('#elsewhere');
  if (!at) return;
  const p = document.createElement('p');
  p.className = 'notice';
  p.textContent = `${words} `;
  if (to) {
    const a = document.createElement('a');
    Object.assign(a, { href: to, textContent: 'Open it' });
    p.append(a);
  }
  at.replaceChildren(p);
  clearTimeout(gone);
  if (!to) gone = setTimeout(() => at.replaceChildren(), 30000);
};

const moved = ({ head, words }) => {
  const now = !busy() && atStation();
  if (head !== seen) say(now || !atStation() ? words : `${words} What you type stays.`);
  if (atStation() && (now || head !== seen)) refresh(now ? 'whole' : 'figures');
  seen = head;
};

const handed = ({ sent, sends, follow }) => {
  const here = location.pathname + location.search;
  if (sent) {
    if (busy()) say(`The bench hands you ${sends}.`, sent);
    else location.assign(sent);
  } else if (follow && follow !== here && !busy()) location.assign(follow);
};

// What waited here was sent: the page follows, but not over something half typed.
document.addEventListener('glow:sent', () => {
  if (busy() || !atStation()) say('What waited was sent.');
  else location.reload();
});

let asking = false;
const ask = async () => {
  const base = $('#base');
  const every = isDevice || $('.net-bar') ? OFTEN_MS : SELDOM_MS;
  if (Date.now() - asked < every - 50) return;
  if (!base || asking || document.visibilityState !== 'visible' || $('.htmx-request')) return;
  asking = true;
  asked = Date.now();
  const query = new URLSearchParams({ since: base.value, window: windowName, dark: dark.matches ? '1' : '0' });
  if (store.getItem('follows')) query.set('follows', '1');
  try {
    const answer = await fetch(`/b/${document.body.dataset.build}/head?${query}`, { cache: 'no-store' });
    document.dispatchEvent(new Event('glow:back'));
    if (answer.status === 401) say('This device is not let in any more.', '/pair');
    if (answer.status === 200) {
      const said = await answer.json();
      if (said.head && String(said.head) !== $('#base').value) moved(said);
      handed(said);
    }
  } catch {
    document.dispatchEvent(new Event('glow:gone'));
  } finally {
    asking = false;
  }
};
setInterval(ask, OFTEN_MS);

const follows = $('[data-follows]');
if (follows) {
  follows.checked = Boolean(store.getItem('follows'));
  follows.addEventListener('change', () =>
    follows.checked ? store.setItem('follows', '1') : store.removeItem('follows'),
  );
}
