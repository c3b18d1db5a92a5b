// @ts-check
// Minutes and seconds since a moment that the server named; it goes on after a reload.
for (const place of document.querySelectorAll('[data-since]')) {
  const since = Date.parse(place.getAttribute('data-since') ?? '');
  const show = () => {
    const seconds = Math.max(0, Math.floor((Date.now() - since) / 1000));
    place.textContent = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
    place.classList.toggle('over', seconds >= 600);
  };
  show();
  setInterval(show, 1000);
}
