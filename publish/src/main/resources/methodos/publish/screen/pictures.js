// Pictures are enlarged; a callout names its part, and a part shows where it is on the picture.
(() => {
  const dialog = one('#enlarged');
  const name = callout => {
    const figure = callout.closest('.picture').parentElement;
    one('.named', figure).textContent = callout.getAttribute('aria-label');
    const step = callout.closest('.step');
    if (!step) return;
    all('.part', step).forEach(p => p.classList.toggle('pointed', !!one('[data-item="' + CSS.escape(callout.dataset.item) + '"]', p)));
  };
  const listen = of => all('.callout', of).forEach(c => {
    c.addEventListener('click', e => { e.stopPropagation(); name(c); });
    c.addEventListener('focus', () => name(c));
    c.addEventListener('pointerenter', () => name(c));
    c.addEventListener('keydown', e => { if (e.key === 'Enter' || e.key === ' ') { e.preventDefault(); name(c); } });
  });
  const enlarge = picture => {
    const copy = picture.cloneNode(true);
    one('#large').replaceChildren(copy, made('p', '', { class: 'named', role: 'status' }), made('p', one('.title-of', picture.parentElement).textContent));
    listen(dialog);
    dialog.showModal();
  };
  all('.picture').forEach(picture => {
    one('img', picture).addEventListener('click', () => enlarge(picture));
    one('.enlarge', picture.parentElement).addEventListener('click', () => enlarge(picture));
  });
  listen(document);
  one('#shut').addEventListener('click', () => dialog.close());
  dialog.addEventListener('click', e => { if (e.target === dialog) dialog.close(); });
  all('.part').forEach(part => part.addEventListener('pointerenter', () => {
    const item = one('[data-item]', part);
    const step = part.closest('.step');
    if (item && step) all('.callout', step).forEach(c => c.classList.toggle('pointed', c.dataset.item === item.dataset.item));
  }));
})();
