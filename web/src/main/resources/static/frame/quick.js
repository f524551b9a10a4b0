// The line in which one writes: what was understood is shown while it is written, and how it could go on.
const form = document.getElementById('quick');
const field = document.getElementById('quick-line');
const shown = document.getElementById('quick-shown');
if (form && field && shown) {
  let waiting = 0;
  let asked = 0;
  let chosenPlant = '';
  const options = () => [...shown.querySelectorAll('[role=option]')];
  const chosen = () => shown.querySelector('[aria-selected=true]');

  const address = () => {
    const values = new URLSearchParams({ line: field.value });
    const plant = chosenPlant || form.dataset.plant;
    if (plant) values.set('plant', plant);
    return values;
  };
  async function preview() {
    const mine = ++asked;
    if (!field.value.trim()) {
      chosenPlant = '';
      shown.replaceChildren();
      shown.hidden = true;
      return;
    }
    const answer = await fetch(`/quick/preview?${address()}`, { headers: { 'HX-Request': 'true' } });
    if (mine !== asked || !answer.ok) return;
    shown.innerHTML = await answer.text();
    shown.hidden = false;
    field.setAttribute('aria-expanded', String(options().length > 0));
  }
  function take(option) {
    field.value = option.dataset.line;
    if (option.dataset.plant) chosenPlant = option.dataset.plant;
    field.focus();
    preview();
  }
  field.addEventListener('input', () => {
    clearTimeout(waiting);
    waiting = setTimeout(preview, 120);
  });
  field.addEventListener('keydown', (event) => {
    const all = options();
    const at = all.indexOf(chosen());
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      if (!all.length) return;
      event.preventDefault();
      chosen()?.setAttribute('aria-selected', 'false');
      all[(at + (event.key === 'ArrowDown' ? 1 : all.length - 1 + (at < 0 ? 1 : 0))) % all.length].setAttribute('aria-selected', 'true');
    } else if ((event.key === 'Tab' || event.key === 'ArrowRight') && all.length && (chosen() || event.key === 'Tab') && field.value.trim()) {
      if (field.selectionStart !== field.value.length) return;
      event.preventDefault();
      take(chosen() ?? all[0]);
    } else if (event.key === 'Enter' && chosen()) {
      event.preventDefault();
      take(chosen());
    } else if (event.key === 'Escape') {
      shown.hidden = true;
      field.blur();
    }
  });
  shown.addEventListener('click', (event) => {
    const option = event.target.closest('[role=option]');
    if (option) take(option);
  });
  form.addEventListener('submit', async (event) => {
    event.preventDefault();
    clearTimeout(waiting);
    asked++;
    const headers = { 'HX-Request': 'true', ...JSON.parse(document.body.getAttribute('hx-headers') ?? '{}') };
    const body = address();
    body.set('form', form.elements.form.value);
    let answer;
    try {
      answer = await fetch('/quick', { method: 'POST', headers, body });
    } catch {
      shown.textContent = form.dataset.unreachable;
      shown.hidden = false;
      return;
    }
    if (answer.status === 401) {
      location.href = answer.headers.get('HX-Redirect') ?? '/sign-in';
      return;
    }
    shown.innerHTML = await answer.text();
    shown.hidden = false;
    const written = shown.querySelector('[data-written=true]');
    if (!written) return;
    form.elements.form.value = written.dataset.form;
    field.value = '';
    chosenPlant = '';
    if (form.dataset.plant) location.reload();
  });
}
