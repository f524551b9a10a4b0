// A long list is narrowed by what is typed above it: any part of any name of an entry. Without this the list is whole.
for (const search of document.querySelectorAll('[data-narrows]')) {
  const list = document.getElementById(search.dataset.narrows);
  if (!list) continue;
  const plain = (text) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/['’]/g, '').replace(/[^\p{L}\p{N}]+/gu, ' ').trim();
  const all = [...list.querySelectorAll('option')].filter((option) => option.value);
  const names = new Map(all.map((option) => [option, ` ${plain(`${option.textContent} ${option.dataset.names ?? ''}`)}`]));
  search.hidden = false;
  const narrow = () => {
    const wanted = plain(search.value);
    const genus = wanted.split(' ')[0];
    let fitting = all.filter((option) => names.get(option).includes(` ${wanted}`));
    if (!fitting.length) fitting = all.filter((option) => names.get(option).includes(wanted));
    if (!fitting.length && genus.length > 3) fitting = all.filter((option) => names.get(option).includes(` ${genus}`));
    const shown = new Set(wanted ? fitting : all);
    for (const option of all) option.hidden = !shown.has(option);
    for (const group of list.querySelectorAll('optgroup')) group.hidden = ![...group.children].some((option) => !option.hidden);
    list.size = wanted ? Math.max(2, Math.min(7, shown.size + 1)) : 1;
    if (wanted && fitting.length) list.value = fitting[0].value;
    search.setAttribute('aria-invalid', String(Boolean(wanted) && !fitting.length));
  };
  search.addEventListener('input', narrow);
  search.addEventListener('keydown', (event) => {
    if (event.key === 'Enter') event.preventDefault();
    if (event.key === 'ArrowDown') {
      event.preventDefault();
      list.focus();
    }
  });
}
