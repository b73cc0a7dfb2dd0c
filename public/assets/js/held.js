// A device that was let in: pages it opened stay readable without the net, and its screen stays awake while an act is open.
import { $, isDevice } from './dom.js';

// Where the browser does not trust the bench's certificate it keeps no pages; the last one stays all the same.
if (isDevice && 'serviceWorker' in navigator) navigator.serviceWorker.register('/sw.js').catch(() => {});
document.addEventListener('submit', (e) => {
  if (e.target.matches('[data-leaves]') && 'caches' in window) caches.delete('glow');
});

const AT_WORK = ['build', 'probe', 'prove'];
const store = window.sessionStorage;
const asked = new URLSearchParams(location.search).get('awake');
if (asked) store.setItem('awake', asked);
const wish = () => store.getItem('awake') !== 'no';
let lock = null;
const awake = async () => {
  if (!isDevice || !AT_WORK.includes(document.body.classList[0]) || document.visibilityState !== 'visible') return;
  if (!wish()) {
    await lock?.release();
    lock = null;
  } else if (!lock || lock.released) {
    lock = (await navigator.wakeLock?.request('screen').catch(() => null)) ?? null;
  }
};
document.addEventListener('visibilitychange', awake);
awake();

const box = $('[data-awake]');
if (box) {
  box.checked = wish();
  box.addEventListener('change', () => {
    store.setItem('awake', box.checked ? 'yes' : 'no');
    // The wish stands in the address, so that it is there again when the page is.
    const here = new URL(location.href);
    here.searchParams.set('awake', box.checked ? 'yes' : 'no');
    history.replaceState(history.state, '', here);
    awake();
  });
}
