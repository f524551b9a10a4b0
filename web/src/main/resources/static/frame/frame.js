// Keys, focus and the line that shows that something is being worked out. Pages work without it.
/* global htmx */

const KEYS_OFF = 'lantern.keys-off';
const keysOn = () => document.documentElement.dataset.keys !== 'off' && localStorage.getItem(KEYS_OFF) === null;
const typing = (el) => el.closest('input:not([type=radio]):not([type=checkbox]):not([type=range]), textarea, select, [contenteditable]');

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
  if (typing(element)) element.focus();
  else element.click();
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

// One answer is under way at a time; what is pressed meanwhile waits its turn and goes out with the version that the answer
// before has made, so that quick hands lose nothing and see things in the order in which they pressed.
let underWay = null;
const waiting = [];

/** Where the focus goes when the answer is there: on to the next row, or back to where it was. */
function focusAfter(element) {
  const slip = element.closest('.slip');
  if (slip) return `#${slip.id} .deeds .press, #${slip.id} ~ .slip .deeds .press, .onward .press`;
  const row = element.closest('[data-row]');
  const link = element.closest('a');
  if (row) return `[data-row="${row.nextElementSibling?.dataset.row ?? row.dataset.row}"] .answer`;
  if (element.closest('[data-look]')) return '.look .answer';
  if (element.closest('.search') || link?.dataset.key === 'l') return '.rows .answer';
  return link?.dataset.part || link?.dataset.key === 'w' ? '.rows .answer' : '.plate .part';
}

function sendNext() {
  underWay = null;
  const next = waiting.shift();
  if (!next) {
    document.getElementById('working')?.classList.remove('on');
    return;
  }
  if ('version' in next.values) next.values.version = document.getElementById('board')?.dataset.version ?? next.values.version;
  underWay = next;
  htmx.ajax(next.verb, next.path, { values: next.values, source: '#main', target: next.target, swap: next.swap });
}

document.body.addEventListener('htmx:confirm', (event) => {
  const { elt, verb, path, triggeringEvent } = event.detail;
  // What comes into sight fetches itself and takes no focus.
  if (elt === document.getElementById('main') || elt.classList.contains('waiting')) return;
  const pressed = {
    verb,
    path,
    values: elt instanceof HTMLFormElement ? Object.fromEntries(new FormData(elt, triggeringEvent?.submitter)) : {},
    focus: focusAfter(elt),
    target: elt.getAttribute('hx-target') ?? '#main',
    swap: elt.getAttribute('hx-target') ? (elt.getAttribute('hx-swap') ?? 'innerHTML') : 'innerHTML',
  };
  if (underWay) {
    event.preventDefault();
    waiting.push(pressed);
  } else {
    underWay = pressed;
  }
});
document.body.addEventListener('htmx:beforeRequest', () => {
  document.getElementById('working')?.classList.add('on');
  document.getElementById('problem')?.replaceChildren();
});
document.body.addEventListener('htmx:beforeSwap', () => {
  if (underWay) underWay.scrolled = document.querySelector('.rows')?.scrollTop ?? 0;
});
document.body.addEventListener('htmx:afterSwap', (event) => {
  if (!underWay) return;
  if (underWay.focus.startsWith('#slip-')) {
    // On with the same slip while anything is due on it, then with the next one below.
    const [same] = underWay.focus.split(', ');
    const slips = [...document.querySelectorAll('.slip .deeds .press')];
    const at = document.querySelector(underWay.target);
    const next = document.querySelector(same) ?? slips.find((press) => at && at.compareDocumentPosition(press) & Node.DOCUMENT_POSITION_FOLLOWING) ?? document.querySelector('.onward .press');
    document.querySelectorAll('.slip.now').forEach((slip) => slip.classList.remove('now'));
    next?.closest('.slip')?.classList.add('now');
    next?.focus({ preventScroll: false });
    return;
  }
  if (event.detail.target.id !== 'main') return;
  const rows = document.querySelector('.rows');
  const scrolled = underWay.focus.startsWith('[data-row') ? underWay.scrolled : 0;
  if (rows && scrolled) rows.scrollTop = scrolled;
  document.querySelector(underWay.focus)?.focus({ preventScroll: !scrolled });
});
// Afterwards, when htmx has let go of the request that ended.
document.body.addEventListener('htmx:afterRequest', (event) => {
  if (!event.detail.elt?.classList?.contains('waiting')) queueMicrotask(sendNext);
});
document.body.addEventListener('htmx:sendError', () => {
  waiting.length = 0;
  const problem = document.getElementById('problem');
  const notice = document.createElement('div');
  notice.className = 'notice bright';
  notice.setAttribute('role', 'alert');
  notice.textContent = problem.dataset.unreachable;
  problem.replaceChildren(notice);
});

// A page that opens on a touched part begins there.
document.querySelector('.rows .answer')?.focus({ preventScroll: true });

// The browser writes dates in its own order; beside the field the day stands as the reader writes it.
function dayInWords(field) {
  let words = field.nextElementSibling;
  if (!words?.classList.contains('day-words')) {
    words = document.createElement('span');
    words.className = 'day-words soft';
    field.after(words);
  }
  const day = field.valueAsDate;
  words.textContent = day ? new Intl.DateTimeFormat(document.documentElement.lang || undefined,
    { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' }).format(day) : '';
}
const daysInWords = (within) => within.querySelectorAll('input[type=date]').forEach(dayInWords);
document.addEventListener('input', (event) => {
  if (event.target.matches?.('input[type=date]')) dayInWords(event.target);
});
document.addEventListener('htmx:load', (event) => daysInWords(event.detail.elt));
daysInWords(document);

// One tick for all that the list shows.
document.querySelectorAll('[data-tick-all]').forEach((all) => {
  all.hidden = false;
  all.addEventListener('change', () => {
    all.closest('form').querySelectorAll('input[name=plant]').forEach((one) => { one.checked = all.checked; });
  });
});
