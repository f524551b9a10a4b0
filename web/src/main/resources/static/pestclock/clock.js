// The figure beside a dial follows it at once; what it does is reckoned by the server.
document.addEventListener('input', (event) => {
  const dial = event.target.closest?.('.dials input[type=range]');
  if (!dial) return;
  const figure = document.querySelector(`output[for="${CSS.escape(dial.id)}"]`);
  if (!figure) return;
  const shown = Math.round(dial.value * (figure.dataset.times ?? 1) + Number(figure.dataset.plus ?? 0));
  figure.textContent = shown + (shown === 1 && figure.dataset.one ? figure.dataset.one : figure.dataset.unit);
});

// A turned dial keeps the form, which holds the focus; another pest or means has other dials.
document.addEventListener('htmx:configRequest', (event) => {
  const dial = event.detail.triggeringEvent?.target;
  if (dial?.closest?.('.dials')) event.detail.headers['X-Dial'] = dial.type === 'range' ? 'turned' : 'chosen';
});

// A dial that was turned while this script was on its way counts too. htmx listens from the same event on, and was there first.
document.addEventListener('DOMContentLoaded', () => {
  for (const dial of document.querySelectorAll('.dials input[type=range]')) {
    if (dial.value !== dial.defaultValue) dial.dispatchEvent(new Event('input', { bubbles: true }));
  }
});
