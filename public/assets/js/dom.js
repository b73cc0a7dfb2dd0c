// Small helpers that every module uses.
export const $ = (selector, at = document) => at.querySelector(selector);

/** Focuses and presses what a key stands for; false where it is not on the page. */
export const go = (element) => {
  if (element) {
    element.focus();
    element.click();
  }
  return Boolean(element);
};

/** Everything black but the light. */
export const lightsOut = () => document.documentElement.classList.toggle('lights-out');

/** Opens a dialog; what it loads only then is asked for now. */
export const opened = (dialog) => {
  dialog.showModal();
  dialog.querySelectorAll('[hx-get]').forEach((n) => n.dispatchEvent(new Event('opened')));
};

/** Marks a part in the drawing. */
export const show = (part) => {
  document.querySelectorAll('.shown').forEach((n) => n.classList.remove('shown'));
  document.querySelectorAll(`#drawing [data-part="${CSS.escape(part)}"]`).forEach((n) => n.classList.add('shown'));
};

/** Seconds as the clock of a story says them: 18:05, day 2 6:30. */
export const clock = (seconds) => {
  const day = Math.floor(seconds / 86400);
  const rest = seconds % 86400;
  const minutes = String(Math.floor((rest % 3600) / 60)).padStart(2, '0');
  return `${day > 0 ? `day ${day + 1} ` : ''}${Math.floor(rest / 3600)}:${minutes}`;
};

/** Whether this page is shown on a device that was let in, and not on the bench itself. */
export const isDevice = !['bench', undefined].includes(document.body.dataset.rights);
