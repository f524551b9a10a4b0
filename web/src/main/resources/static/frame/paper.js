// The button that opens the printer's dialog; the browser's own menu does the same.
document.getElementById('print')?.addEventListener('click', () => window.print());
