// All steps as a page, or one at a time.
const walk = (() => {
  const steps = () => all('.step:not(.out)');
  const mode = one('#mode');
  let now = kept.get('now');
  const single = () => document.body.classList.contains('one');
  const at = () => Math.max(0, steps().findIndex(s => s.dataset.id === now));
  const fit = () => {
    all('.step.now, .stage.now').forEach(s => s.classList.remove('now'));
    const step = steps()[at()];
    if (!step) return;
    now = step.dataset.id;
    kept.set('now', now);
    step.classList.add('now');
    step.closest('.stage').classList.add('now');
    const of = steps().length;
    one('#where').textContent = said('where', at() + 1, of);
    one('#back').disabled = at() === 0;
    one('#on').disabled = at() === of - 1;
    if (single()) all('details.told', step).forEach(d => { d.open = true; });
  };
  const to = (step, focus = true) => {
    if (!step) return;
    now = step.dataset.id;
    fit();
    (single() ? document.documentElement : step).scrollIntoView({ block: 'start' });
    if (single()) window.scrollTo(0, 0);
    if (focus) one('h3', step).focus({ preventScroll: true });
  };
  const number = n => steps().find(s => s.dataset.number === String(n));
  const set = v => {
    document.body.classList.toggle('one', v === 'one');
    mode.value = v;
    kept.set('mode', v === 'one' ? v : '');
    fit();
  };
  mode.addEventListener('change', () => { set(mode.value); if (single()) to(steps()[at()]); });
  const go = by => to(steps()[at() + by]);
  one('#back').addEventListener('click', () => go(-1));
  one('#on').addEventListener('click', () => go(1));
  document.addEventListener('keydown', e => {
    if (!single() || e.altKey || e.ctrlKey || e.metaKey || /^(INPUT|SELECT|TEXTAREA|VIDEO)$/.test(e.target.tagName) || one('dialog[open]')) return;
    if (e.key === 'ArrowRight' || e.key === 'PageDown') { e.preventDefault(); go(1); }
    if (e.key === 'ArrowLeft' || e.key === 'PageUp') { e.preventDefault(); go(-1); }
  });
  const follow = hash => {
    const target = hash.length > 1 && document.getElementById(decodeURIComponent(hash.slice(1)));
    if (!target) return;
    document.body.classList.remove('menu');
    if (target.classList.contains('step')) to(target);
    else if (single() && target.classList.contains('stage') && one('.step:not(.out)', target)) to(one('.step:not(.out)', target));
    else if (single()) { set('page'); target.scrollIntoView(); }
  };
  document.addEventListener('click', e => {
    const link = e.target.closest && e.target.closest('a[href^="#"]');
    if (link) { follow(link.getAttribute('href')); if (single()) e.preventDefault(); }
  });
  window.addEventListener('hashchange', () => follow(location.hash)); // typed, or from a code on paper
  one('#menu').addEventListener('click', () => {
    const open = document.body.classList.toggle('menu');
    one('#menu').setAttribute('aria-expanded', open);
  });
  changed.add(fit);
  const counted = () => {
    const ticked = steps().filter(s => one('.did', s) && one('.did', s).checked).length;
    one('#done').textContent = said('done', ticked, steps().length);
    all('.step').forEach(s => s.classList.toggle('ticked', !!one('.did:checked', s)));
  };
  changed.add(counted);
  return { set, to, number, fit, counted, begin: () => { set(kept.get('mode') || 'page'); counted(); if (location.hash) follow(location.hash); } };
})();
