// Readings are judged as they are typed.
const readings = (() => {
  const byId = new Map(data.readings.map(r => [r.id, r]));
  const key = (r, i) => r.id + '.' + i;
  const answer = (r, i) => (kept.get(key(r, i)) || '').trim();
  const plain = t => t.replace(/\s/g, '').toUpperCase();
  // symbols of readings that are taken several times stand for all of their values
  const expanded = text => text.replace(/\p{L}[\p{L}\p{N}_]*(?!\s*\()/gu, name => {
    const r = data.readings.find(x => x.symbol === name);
    return r && r.places.length > 1 ? r.places.map((p, i) => name + (i + 1)).join(', ') : name;
  });
  const values = () => {
    const known = {};
    data.readings.filter(r => r.symbol).forEach(r => r.places.forEach((p, i) => {
      const v = typedNumber(answer(r, i), r.unit);
      if (!Number.isNaN(v)) known[r.places.length > 1 ? r.symbol + (i + 1) : r.symbol] = v;
    }));
    return known;
  };
  const good = yes => ({ verdict: yes ? 'pass' : 'fail' });
  const within = (r, v) => {
    if (r.min == null && r.max == null) return { verdict: '' };
    const slack = near * Math.max(1, Math.abs(v));
    if (r.min != null && v < r.min - slack || r.max != null && v > r.max + slack) return { verdict: 'fail' };
    const close = r.resolution != null && (r.min != null && v - r.min <= r.resolution + slack || r.max != null && r.max - v <= r.resolution + slack);
    return { verdict: close ? 'marginal' : 'pass' };
  };
  // pass, marginal, fail, wrong (no answer to this), or empty where nothing is judged
  const judged = (r, i) => {
    const typed = answer(r, i);
    if (!typed) return { verdict: '' };
    if (r.kind === 'choice') return r.good.length ? good(r.good.includes(typed)) : { verdict: '' };
    const other = r.against && byId.get(r.against);
    const earlier = other ? answer(other, Math.min(i, other.places.length - 1)) : '';
    if (r.kind === 'written') {
      if (r.among.length && !r.among.some(w => plain(w) === plain(typed))) return good(false);
      if (earlier) return good(plain(earlier) === plain(typed));
      return r.among.length ? good(true) : { verdict: '' };
    }
    const value = typedNumber(typed, r.unit);
    if (Number.isNaN(value)) return { verdict: 'wrong', text: said('noNumber', r.unit || said('count')) };
    if (!other) return within(r, value);
    const before = typedNumber(earlier, r.unit);
    return Number.isNaN(before) ? { verdict: '' } : within(r, value - before);
  };
  const show = () => {
    const known = values();
    data.readings.filter(r => r.formula).forEach(r => r.places.forEach((p, i) => {
      const v = formula(expanded(r.formula), known);
      kept.set(key(r, i), v === undefined ? '' : shownNumber(v));
      const input = one('[data-keep="' + CSS.escape(key(r, i)) + '"]');
      if (input) input.value = v === undefined ? '' : shownNumber(v);
    }));
    data.readings.forEach(r => r.places.forEach((p, i) => {
      const j = judged(r, i);
      const text = j.text || (j.verdict ? said(j.verdict) : '');
      all('output[data-of="' + CSS.escape(key(r, i)) + '"]').forEach(o => {
        o.textContent = o.dataset.value === undefined ? text : [answer(r, i), text].filter(Boolean).join(' – ');
        o.className = 'verdict ' + j.verdict;
      });
      all('[data-keep="' + CSS.escape(key(r, i)) + '"]').forEach(input => {
        if (input.type !== 'radio') input.setAttribute('aria-invalid', j.verdict === 'fail' || j.verdict === 'wrong');
      });
    }));
    data.readings.forEach(r => {
      const outside = one('[data-otherwise="' + CSS.escape(r.id) + '"]');
      if (outside) outside.classList.toggle('asked-for', r.places.some((p, i) => judged(r, i).verdict === 'fail'));
    });
  };
  changed.add(show);
  return { show, judged, answer };
})();
