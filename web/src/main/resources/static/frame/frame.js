// Keys, focus and the line that shows that something is being worked out. Pages work without it.

const KEYS_OFF = 'lantern.keys-off';
const keysOn = () => localStorage.getItem(KEYS_OFF) === null;
const typing = (el) => el.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]');

/** The element a key belongs to: nearest scope of the focus first, then the whole page outside scopes, then the first scope. */
function target(key) {
  const named = `[data-key="${CSS.escape(key)}"]`;
  const scope = document.activeElement?.closest('[data-keyscope]');
  const visible = (el) => el && el.offsetParent !== null ? el : null;
  const inScope = visible(scope?.querySelector(named));
  if (inScope) return inScope;
  const everywhere = [...document.querySelectorAll(named)].filter(visible);
  return everywhere.find((el) => !el.closest('[data-keyscope]')) ?? everywhere[0] ?? null;
}

document.addEventListener('keydown', (event) => {
  if (!keysOn() || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
  if (typing(event.target) || document.querySelector('dialog[open]')) return;
  const element = target(event.key);
  if (!element) return;
  event.preventDefault();
  element.click();
});

const dialog = document.getElementById('keys');
document.getElementById('keys-button')?.addEventListener('click', () => {
  const list = document.getElementById('key-list');
  list.replaceChildren();
  const listed = new Set();
  for (const element of document.querySelectorAll('[data-key]')) {
    const key = element.dataset.key;
    if (element.offsetParent === null || listed.has(key)) continue;
    listed.add(key);
    const dt = document.createElement('dt');
    const kbd = document.createElement('kbd');
    kbd.textContent = key;
    dt.append(kbd);
    const dd = document.createElement('dd');
    dd.textContent = element.dataset.keyWords ?? element.textContent.trim();
    list.append(dt, dd);
  }
  dialog.querySelector('#keys-on').checked = keysOn();
  dialog.showModal();
});
document.getElementById('keys-on')?.addEventListener('change', (event) => {
  if (event.target.checked) localStorage.removeItem(KEYS_OFF);
  else localStorage.setItem(KEYS_OFF, '1');
});

// A touched part is a link; where htmx runs, it fetches the findings instead of a new page.
document.addEventListener('click', (event) => {
  if (event.target.closest?.('a.part') && window.htmx && !event.ctrlKey && !event.metaKey) event.preventDefault();
});

// After an answer the focus goes on to the next row, or stays where it was. Answers may overtake one another,
// so each request remembers for itself where the focus goes.
const after = new WeakMap();
document.body.addEventListener('htmx:beforeRequest', (event) => {
  document.getElementById('working')?.classList.add('on');
  document.getElementById('problem')?.replaceChildren();
  const element = event.detail.elt;
  const row = element.closest('[data-row]');
  const link = element.closest('a');
  const scrolled = document.querySelector('.rows')?.scrollTop ?? 0;
  after.set(event.detail.xhr, row
    ? { selector: `[data-row="${row.nextElementSibling?.dataset.row ?? row.dataset.row}"] .answer`, scrolled }
    : element.closest('[data-look]') ? { selector: '.look .answer' }
    : link?.dataset.part || link?.dataset.key === 'w' ? { selector: '.rows .answer' }
    : { selector: '.plate .part' });
});
document.body.addEventListener('htmx:afterRequest', () => document.getElementById('working')?.classList.remove('on'));
document.body.addEventListener('htmx:afterSettle', (event) => {
  const next = after.get(event.detail.xhr);
  if (!next) return;
  after.delete(event.detail.xhr);
  const rows = document.querySelector('.rows');
  if (rows && next.scrolled) rows.scrollTop = next.scrolled;
  document.querySelector(next.selector)?.focus({ preventScroll: !next.scrolled });
});
document.body.addEventListener('htmx:sendError', () => {
  const problem = document.getElementById('problem');
  const notice = document.createElement('div');
  notice.className = 'notice bright';
  notice.setAttribute('role', 'alert');
  notice.textContent = 'Mild Lantern could not be reached. What was stored before is kept; press once more when the connection is back.';
  problem.replaceChildren(notice);
});

// A page that opens on a touched part begins there.
document.querySelector('.rows .answer')?.focus({ preventScroll: true });
