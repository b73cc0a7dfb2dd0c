// What waits while the bench can't be reached: marks, readings, photos, in the order they were made, each with the token it was
// pressed with. Kept in the browser's own store, so that a page that is closed, or a phone that runs out, loses nothing.
import { $ } from './dom.js';

/** Forms whose write waits here; everything else waits in the page (keeping.js). */
const WAITING = ['done', 'otherwise', 'mistake', 'keep_reading', 'prove', 'pass_over', 'see', 'hunt_reading', 'photo'];
const MOST = 200;
const MOST_BYTES = 60e6;
/** Seconds until it is tried again: soon, then less often. */
const PAUSES = [2, 4, 8, 15, 30, 60];

export const waits = (config) => config.verb === 'post' && WAITING.includes(config.parameters.op);

let opened = null;
const open = () =>
  (opened ??= new Promise((resolve, reject) => {
    const asked = indexedDB.open('glow', 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore('waiting', { autoIncrement: true });
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => reject(asked.error);
  }));
const done = (request) =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
const store = async (mode) => (await open()).transaction('waiting', mode).objectStore('waiting');

/** @returns {Promise<Array<[number, object]>>} in the order they were made */
const all = async () => {
  const from = await store('readonly');
  const [keys, values] = await Promise.all([done(from.getAllKeys()), done(from.getAll())]);
  return keys.map((key, n) => [key, values[n]]);
};
const drop = async (key) => done((await store('readwrite')).delete(key));
const put = async (key, value) => done((await store('readwrite')).put(value, key));

const bytes = (fields) => fields.reduce((sum, [, v]) => sum + (v instanceof Blob ? v.size : String(v).length), 0);

/** What it was, for whoever reads that it waits. */
const named = (values) => {
  const said = (name) => values.find(([n]) => n === name)?.[1] ?? '';
  return String(said('words') || said('text') || said('quick') || said('note') || said('op')).slice(0, 60);
};

let full = '';
const line = () => {
  let el = $('.marks-wait');
  if (!el) {
    el = document.createElement('div');
    el.className = 'marks-wait';
    el.setAttribute('role', 'status');
    ($('.act-keys') ?? $('#plate')?.firstElementChild ?? document.body.firstElementChild)?.before(el);
  }
  return el;
};

const button = (words, press) => {
  const el = document.createElement('button');
  el.type = 'button';
  el.className = 'button is-small';
  el.textContent = words;
  el.addEventListener('click', press);
  return el;
};

/** "3 wait", and what came back because it can't be put on top any more. */
export async function tell() {
  const rows = await all();
  const stuck = rows.filter(([, w]) => w.stuck);
  const n = rows.length - stuck.length;
  if (!rows.length && !full) {
    $('.marks-wait')?.remove();
    return;
  }
  const el = line();
  const said = n ? `${n === 1 ? '1 waits and is' : `${n} wait and are`} sent when the bench answers.` : '';
  el.replaceChildren([said, full].filter(Boolean).join(' '));
  for (const [key, one] of stuck) {
    const p = document.createElement('p');
    p.textContent = `Not taken: ${named(one.fields)}. ${one.stuck} `;
    if (one.conflict)
      p.append(
        button('Look at it', () => look(key, one)),
        ' ',
      );
    p.append(
      button('Drop it', async () => {
        await drop(key);
        tell();
      }),
    );
    el.append(p);
  }
}

const body = (one, csrf) => {
  const fields = [...one.fields.filter(([n]) => n !== '_token'), ['_token', csrf]];
  const form = fields.some(([, v]) => v instanceof Blob) ? new FormData() : new URLSearchParams();
  fields.forEach(([name, value]) => form.append(name, value));
  return form;
};

/** With the phone's own time of sending: how long ago it was pressed holds, however far off its clock is. */
const post = async (one, csrf) => {
  const fields = [...one.fields, ['sent_at', String(Date.now())]];
  const headers = { 'HX-Request': 'true', 'X-CSRF-TOKEN': csrf };
  return fetch(one.path, { method: 'POST', headers, body: body({ fields }, csrf) });
};

const token = async () => {
  const alive = await fetch('/alive', { headers: { Accept: 'application/json' }, cache: 'no-store' });
  if (alive.status === 401)
    full = 'This device is not let in any more; what waits stays here until it is let in again.';
  if (!alive.ok) throw new Error(String(alive.status));
  full = '';
  return (await alive.json()).csrf;
};

const words = (html) => new DOMParser().parseFromString(html, 'text/html').body.textContent.trim().replace(/\s+/g, ' ');

/** The page of a conflict, for one that came back: mine on top, or theirs. */
async function look(key, one) {
  const answer = await post(one, await token());
  const panel = $('#conflict');
  if (answer.status !== 409 || !panel) {
    // It goes on top after all.
    if (answer.ok) await drop(key);
    location.reload();
    return;
  }
  panel.innerHTML = await answer.text();
  htmx.process(panel);
  // Whatever is chosen there, it waits here no more.
  panel.addEventListener('click', (e) => e.target.closest('button,a.button') && drop(key).then(tell), { once: true });
  panel.querySelector('button,a.button')?.focus();
}

let timer = null;
let tries = 0;
const later = () => {
  clearTimeout(timer);
  timer = setTimeout(send, 1000 * PAUSES[Math.min(tries++, PAUSES.length - 1)]);
};

/** One after the other; what arrived and whose answer was lost is not made twice, by its token. */
async function sendAll() {
  let sent = 0;
  for (;;) {
    const next = (await all()).find(([, w]) => !w.stuck);
    if (!next) return sent;
    const [key, one] = next;
    const answer = await post(one, await token());
    if (answer.status >= 500 || [401, 419, 429].includes(answer.status)) throw new Error(String(answer.status));
    if (answer.ok) {
      await drop(key);
      sent++;
      tries = 0;
    } else {
      const said = answer.headers.get('X-Glow-Says');
      const conflict = answer.status === 409;
      const text = said ? decodeURIComponent(said) : conflict ? '' : words(await answer.text());
      const why = conflict ? 'What it is about was changed meanwhile.' : text || 'The bench refused it.';
      await put(key, { ...one, stuck: why, conflict });
    }
  }
}

export async function send() {
  clearTimeout(timer);
  if (!(await all()).some(([, w]) => !w.stuck)) return tell();
  let sent = 0;
  try {
    // Two pages of one phone don't send the same at once.
    sent = await (navigator.locks ? navigator.locks.request('glow-outbox', sendAll) : sendAll());
  } catch {
    later();
  }
  await tell();
  if (sent && !$('.marks-wait')) document.dispatchEvent(new Event('glow:sent'));
}

const keep = async (config) => {
  const rows = await all();
  const fields = [...config.formData.entries()].filter(([, v]) => !(v instanceof File && v.size === 0));
  fields.push(['pressed_at', String(Date.now())]);
  const held = rows.reduce((sum, [, w]) => sum + bytes(w.fields), 0);
  if (rows.length >= MOST || held + bytes(fields) > MOST_BYTES) {
    full = 'No more can wait: 200, or 60 MB, is the most. Bring the bench within reach first.';
    await tell();
    return false;
  }
  await done((await store('readwrite')).add({ path: config.path, fields }));
  return true;
};

const failed = async (e) => {
  const { requestConfig: config } = e.detail;
  if (!waits(config) || !(await keep(config))) return;
  await tell();
  document.dispatchEvent(new CustomEvent('glow:waits', { detail: config }));
  later();
};
document.addEventListener('htmx:sendError', failed);
document.addEventListener('htmx:timeout', failed);
document.addEventListener('htmx:responseError', (e) => {
  if (e.detail.xhr.status >= 500 || [401, 419, 429].includes(e.detail.xhr.status)) failed(e);
});
window.addEventListener('online', send);
document.addEventListener('htmx:afterSettle', () => tell());

// Marks that an earlier version kept elsewhere.
const taken = async () => {
  const former = JSON.parse(localStorage.getItem('marks') || '[]');
  for (const one of former)
    await done((await store('readwrite')).add({ path: one.path, fields: Object.entries(one.values) }));
  localStorage.removeItem('marks');
};
taken().then(send, () => {});
