// A picture before it goes up: not too large; and how far it has gone.
document.addEventListener('change', (e) => {
  const field = e.target;
  if (!field.matches || !field.matches('input[type=file][data-most]')) return;
  const size = field.files.length ? field.files[0].size : 0;
  const echo = field.form.querySelector('.echo');
  const tooLarge = size > Number(field.dataset.most);
  if (tooLarge) field.value = '';
  echo.textContent = tooLarge ? `Photo: it has ${Math.round(size / 1e6)} MB; 15 is the most.` : '';
});

document.addEventListener('htmx:xhr:progress', (e) => {
  const form = e.target.closest ? e.target.closest('form') : null;
  if (!form || !form.querySelector('input[type=file]') || !e.detail.lengthComputable) return;
  let bar = form.querySelector('progress');
  if (!bar) {
    bar = document.createElement('progress');
    bar.max = 1;
    bar.setAttribute('aria-label', 'The picture goes up');
    form.append(bar);
  }
  bar.value = e.detail.loaded / e.detail.total;
});
document.addEventListener('htmx:afterRequest', (e) => {
  if (e.target.closest) e.target.closest('form')?.querySelector('progress')?.remove();
});
// One that waits is out of its field, for the next.
document.addEventListener('glow:waits', (e) => {
  const form = e.detail.elt.closest('form');
  if (e.detail.parameters.op === 'photo' && form) form.reset();
});
