// A write that was not kept says so and is tried again with the same token, in the order it was made; "kept" comes only from an answer.
import { $ } from './dom.js';
import { waits } from './outbox.js';

/** Seconds until a write is tried again: soon, then less often. */
const WAITS = [2, 4, 8, 15, 30];

const waiting = [];
let tries = 0;
let timer = null;
let gone = false;

const isWrite = (config) => config && config.verb === 'post' && !config.path.includes('/preview');

const bar = () => {
  let el = $('#unkept');
  if (!el) {
    el = document.createElement('div');
    el.id = 'unkept';
    el.className = 'unkept';
    el.setAttribute('role', 'alert');
    document.body.append(el);
  }
  return el;
};

/** What the write was about, in the words of its field. */
const named = (write) => {
  const field = write.field && document.contains(write.field) ? write.field : null;
  const label = field && field.id ? $(`label[for="${CSS.escape(field.id)}"]`) : null;
  const words = label ? label.textContent.trim() : write.elt.textContent.trim().replace(/\s+/g, ' ');
  const value = write.values.text || '';
  return [words, value].filter(Boolean).join(' ').slice(0, 60) || 'a change';
};

const tell = () => {
  if (waiting.length === 0 && !gone) {
    const el = $('#unkept');
    if (el) el.remove();
    return;
  }
  const el = bar();
  el.replaceChildren();
  const said = document.createElement('p');
  said.textContent = waiting.length
    ? `Not kept: ${waiting.map(named).join('; ')}. ${waiting[0].why} It is tried again by itself.`
    : 'The bench does not answer. What you type stays and is sent when it comes back.';
  el.append(said);
  if (waiting.length) {
    const now = document.createElement('button');
    now.type = 'button';
    now.className = 'button is-small';
    now.textContent = 'Try now';
    now.addEventListener('click', again);
    const drop = document.createElement('button');
    drop.type = 'button';
    drop.className = 'button is-small';
    drop.textContent = 'Give it up';
    drop.addEventListener('click', () => {
      waiting.splice(0).forEach((w) => mark(w, false));
      tell();
    });
    el.append(now, drop);
  }
};

const mark = (write, on) => {
  if (write.field && document.contains(write.field)) write.field.classList.toggle('is-unkept', on);
  const echo = write.values.echo && $(`#${CSS.escape(write.values.echo)}`);
  if (echo && on) echo.textContent = 'not kept yet';
};

const later = () => {
  clearTimeout(timer);
  timer = setTimeout(again, 1000 * WAITS[Math.min(tries++, WAITS.length - 1)]);
};

/** A session that ran out is given a new token before the write is sent again. */
const renewed = async () => {
  const answer = await fetch('/alive', { headers: { Accept: 'application/json' }, cache: 'no-store' });
  if (!answer.ok) throw new Error(String(answer.status));
  const csrf = $('meta[name=csrf-token]');
  if (csrf) csrf.content = (await answer.json()).csrf;
};

async function again() {
  clearTimeout(timer);
  if (waiting.length === 0) return;
  const write = waiting[0];
  try {
    await renewed();
  } catch {
    later();
    return;
  }
  const base = $('#base');
  const source = document.contains(write.elt) ? write.elt : document.body;
  htmx.ajax('POST', write.path, {
    source,
    swap: 'none',
    values: { ...write.values, base: base ? base.value : write.values.base, token: write.values.token },
  });
}

document.addEventListener('htmx:configRequest', (e) => {
  // Sent again: the same token, so that a write whose answer was lost is not made twice.
  const write = waiting[0];
  const sent = e.detail.parameters;
  if (
    write &&
    isWrite(e.detail) &&
    write.values.echo === sent.echo &&
    write.values.op === sent.op &&
    write.path === e.detail.path
  )
    if (write.values.text === sent.text && write.values.edit === sent.edit) sent.token = write.values.token;
});

const failed = (e, why) => {
  const config = e.detail.requestConfig;
  if (!isWrite(config)) return;
  const values = { ...config.parameters };
  const known = waiting.find((w) => w.values.token === values.token);
  if (known) {
    known.why = why;
  } else {
    const elt = config.elt || e.detail.elt;
    const form = elt.closest ? elt.closest('form') : null;
    const field =
      elt.matches && elt.matches('input,select') ? elt : form && form.querySelector('input.typed,select.typed');
    waiting.push({ path: config.path, values, elt, field, why });
  }
  waiting.forEach((w) => mark(w, true));
  tell();
  later();
};

// What waits in the browser's own store until the bench answers again.
const waitsElsewhere = (e) => waits(e.detail.requestConfig);

document.addEventListener('htmx:sendError', (e) => {
  if (waitsElsewhere(e)) return;
  gone = true;
  failed(e, 'The bench does not answer.');
  tell();
});
document.addEventListener('htmx:timeout', (e) => {
  if (!waitsElsewhere(e)) failed(e, 'The bench took too long to answer.');
});
document.addEventListener('htmx:responseError', (e) => {
  const xhr = e.detail.xhr;
  if (waitsElsewhere(e) && (xhr.status >= 500 || [401, 419, 429].includes(xhr.status))) return;
  const said = xhr.getResponseHeader('X-Glow-Says');
  const why = said
    ? decodeURIComponent(said)
    : xhr.status === 419
      ? 'The page was open for long.'
      : 'The bench could not keep it.';
  // 404 and 413 will not get better by being sent again; they are told and left.
  if ([400, 401, 403, 404, 405, 413].includes(xhr.status)) {
    const el = bar();
    el.textContent = `Not kept. ${said ? why : `The bench refused it (${xhr.status}).`} Load the page anew.`;
    return;
  }
  failed(e, why);
});
document.addEventListener('htmx:afterRequest', (e) => {
  const xhr = e.detail.xhr;
  if (!xhr || xhr.status === 0) return;
  const back = gone;
  gone = false;
  const config = e.detail.requestConfig;
  const answered = isWrite(config) && xhr.status < 500 && xhr.status !== 419;
  const at = answered ? waiting.findIndex((w) => w.values.token === config.parameters.token) : -1;
  if (at >= 0) {
    mark(waiting[at], false);
    waiting.splice(at, 1);
    tries = 0;
  }
  if (at < 0 && !back) return;
  tell();
  if (waiting.length) again();
});
// What asks for news hears first that the bench is out of reach, and that it is back.
document.addEventListener('glow:gone', () => {
  if (gone) return;
  gone = true;
  tell();
});
document.addEventListener('glow:back', () => {
  if (!gone) return;
  gone = false;
  tell();
  if (waiting.length) again();
});
// Nobody leaves what is not kept without being asked.
window.addEventListener('beforeunload', (e) => {
  if (waiting.length) e.preventDefault();
});
