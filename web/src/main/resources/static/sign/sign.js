// A sign that is asked for larger opens over the page; without script its link leads to its own page.
document.addEventListener('htmx:afterSwap', (event) => {
  if (event.detail.target.id !== 'enlarged') return;
  event.detail.target.showModal();
  event.detail.target.querySelector('h2')?.focus();
});
document.addEventListener('click', (event) => {
  const dialog = event.target.closest('dialog.enlarged');
  // Outside of what it holds lies the backdrop, which belongs to the dialog itself.
  if (dialog && (event.target === dialog || event.target.closest('[data-close]'))) dialog.close();
});
