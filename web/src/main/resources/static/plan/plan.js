// The bench plan: pots are dragged, or shifted with the arrow keys; either is written down when it comes to rest.
const REST_MS = 500;
const main = document.getElementById('main');
let dragged = null;
let resting = 0;
let moved = false;

const board = () => document.getElementById('board');
const numbers = () => {
  const { scale, x, y } = board().dataset;
  return { scale: +scale, left: +x, top: +y };
};

function place(pot, cmX, cmY) {
  const { scale, left, top } = numbers();
  pot.dataset.x = cmX;
  pot.dataset.y = cmY;
  pot.setAttribute('transform', `translate(${left + cmX * scale} ${top + cmY * scale})`);
}

async function write(pot) {
  const { stop, form } = board().dataset;
  const headers = { 'HX-Request': 'true', ...JSON.parse(document.body.getAttribute('hx-headers') ?? '{}') };
  const body = new URLSearchParams({ plant: pot.dataset.plant, form, x: pot.dataset.x, y: pot.dataset.y });
  const answer = await fetch(`/stops/${stop}/plan/shift`, { method: 'POST', headers, body });
  if (answer.ok) await swap(answer, pot.dataset.plant);
}

async function swap(answer, plant) {
  board().outerHTML = await answer.text();
  board().querySelector(`.pot[data-plant="${plant}"]`)?.focus({ preventScroll: true });
}

async function choose(pot) {
  const answer = await fetch(pot.getAttribute('href'), { headers: { 'HX-Request': 'true' } });
  if (answer.ok) await swap(answer, pot.dataset.plant);
}

main.addEventListener('pointerdown', (event) => {
  const pot = event.target.closest?.('.pot');
  if (!pot || event.button !== 0) return;
  event.preventDefault();
  pot.focus();
  const svg = pot.ownerSVGElement;
  const unit = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
  dragged = { pot, unit, fromX: event.clientX, fromY: event.clientY, x: +pot.dataset.x, y: +pot.dataset.y };
  moved = false;
  svg.setPointerCapture?.(event.pointerId);
});
main.addEventListener('pointermove', (event) => {
  if (!dragged) return;
  const { scale } = numbers();
  const dx = ((event.clientX - dragged.fromX) * dragged.unit) / scale;
  const dy = ((event.clientY - dragged.fromY) * dragged.unit) / scale;
  if (Math.hypot(dx, dy) > 1) moved = true;
  if (moved) place(dragged.pot, Math.max(0, dragged.x + dx), Math.max(0, dragged.y + dy));
});
main.addEventListener('pointerup', () => {
  if (!dragged) return;
  const { pot } = dragged;
  dragged = null;
  if (moved) write(pot);
  else choose(pot);
});
// A link would be dragged as a link.
main.addEventListener('dragstart', (event) => {
  if (event.target.closest?.('.pot')) event.preventDefault();
});
// The press was dealt with above; without script the link does it.
main.addEventListener('click', (event) => {
  if (event.target.closest?.('.pot') && !event.ctrlKey && !event.metaKey) event.preventDefault();
});
main.addEventListener('keydown', (event) => {
  const pot = event.target.closest?.('.pot');
  if (!pot) return;
  if (event.key === 'Enter') {
    event.preventDefault();
    choose(pot);
    return;
  }
  const step = event.shiftKey ? 5 : 1;
  const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
  if (!by) return;
  event.preventDefault();
  place(pot, Math.max(0, +pot.dataset.x + by[0]), Math.max(0, +pot.dataset.y + by[1]));
  clearTimeout(resting);
  resting = setTimeout(() => write(pot), REST_MS);
});
