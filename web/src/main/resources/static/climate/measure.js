// Four taps on a photo: the edges of something of known width, then the ends of the leaf. The server reckons the length.
const image = document.getElementById('measure');
const marks = document.getElementById('measure-marks');
const form = document.getElementById('leaf-form');
const said = document.getElementById('taps');
const steps = [...said.querySelectorAll('[data-step]')];
let taps = [];

function draw() {
  marks.setAttribute('viewBox', `0 0 ${image.naturalWidth} ${image.naturalHeight}`);
  const size = Math.max(image.naturalWidth, image.naturalHeight) / 60;
  marks.replaceChildren();
  const add = (name, values) => {
    const shape = document.createElementNS('http://www.w3.org/2000/svg', name);
    Object.entries(values).forEach(([key, value]) => shape.setAttribute(key, value));
    marks.append(shape);
  };
  taps.forEach(tap => add('circle', { cx: tap.x, cy: tap.y, r: size }));
  [[0, 1], [2, 3]].filter(([, end]) => taps.length > end)
    .forEach(([start, end]) => add('line', { x1: taps[start].x, y1: taps[start].y, x2: taps[end].x, y2: taps[end].y }));
  form.querySelectorAll('input[name=taps]').forEach(input => input.remove());
  if (taps.length === 4) {
    taps.flatMap(tap => [tap.x, tap.y]).forEach(value => {
      const input = document.createElement('input');
      Object.assign(input, { type: 'hidden', name: 'taps', value: value.toFixed(1) });
      form.append(input);
    });
  }
  steps.forEach((step, at) => { step.hidden = at !== taps.length; });
}

image.addEventListener('pointerdown', event => {
  if (taps.length === 4) return;
  const box = image.getBoundingClientRect();
  taps.push({
    x: (event.clientX - box.left) / box.width * image.naturalWidth,
    y: (event.clientY - box.top) / box.height * image.naturalHeight,
  });
  draw();
});
document.getElementById('tap-again').addEventListener('click', () => { taps = []; draw(); });
