// Words, part numbers, or the number of a step.
(() => {
  const search = one('#search');
  const found = one('#found');
  const most = 12;
  const plain = t => t.toLocaleLowerCase().replace(/\s+/g, ' ');
  const results = typed => {
    const words = plain(typed).split(' ').filter(Boolean);
    if (!words.length) return [];
    const number = /^\d+$/.test(typed.trim()) ? walk.number(typed.trim()) : null;
    const rest = all('.step:not(.out), main > .section:not(.out)').filter(s => s !== number && words.every(w => plain(s.textContent).includes(w)));
    const head = s => plain((one('.words', s) || one('h2', s) || s).textContent);
    rest.sort((a, b) => words.every(w => head(b).includes(w)) - words.every(w => head(a).includes(w)));
    return number ? [number, ...rest] : rest;
  };
  const show = () => {
    const list = results(search.value);
    found.replaceChildren(...list.slice(0, most).map(s => {
      const item = made('li');
      const label = s.dataset.number ? s.dataset.number + '  ' + one('.words', s).textContent : one('h2', s).textContent;
      item.append(made('a', label, { href: '#' + s.id }));
      return item;
    }));
    one('#hits').textContent = !search.value.trim() ? '' : list.length ? said('hits', list.length) : said('noHits', search.value.trim());
  };
  search.addEventListener('input', show);
  search.addEventListener('keydown', e => {
    if (e.key === 'Enter' && one('a', found)) { e.preventDefault(); one('a', found).click(); }
    if (e.key === 'Escape') { search.value = ''; show(); }
  });
})();
