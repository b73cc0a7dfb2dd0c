const digits = [...document.querySelectorAll('.digit')];
const spread = (text, from) => {
  const found = text.replace(/\D/g, '').slice(0, digits.length - from).split('');
  found.forEach((d, n) => (digits[from + n].value = d));
  const next = digits[from + found.length];
  if (next) next.focus();
  else if (digits.every((f) => f.value)) digits[0].form.requestSubmit();
};
digits.forEach((field, n) => {
  field.addEventListener('input', () => {
    const typed = field.value;
    field.value = '';
    if (typed) spread(typed, n);
  });
  field.addEventListener('focus', () => field.select());
  field.addEventListener('keydown', (e) => {
    if (e.key !== 'Backspace' || field.value || n === 0) return;
    digits[n - 1].value = '';
    digits[n - 1].focus();
    e.preventDefault();
  });
});
