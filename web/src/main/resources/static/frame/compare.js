// The slider between two photos: the earlier one is cut off where the slider stands.
const frame = document.getElementById('compare');
const slider = document.getElementById('divide');
if (frame && slider) {
  const show = () => frame.style.setProperty('--divide', `${slider.value}%`);
  slider.addEventListener('input', show);
  show();
}
