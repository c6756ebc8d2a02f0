// A decision is walked: it asks for one measure after the other until there is a verdict.
const links = steps => steps.map(n => made('a', said('step', n), { href: '#step' + n }));
all('[data-decision]').forEach(place => {
  const decision = data.decisions.find(d => d.id === place.dataset.decision);
  if (!decision) return;
  const key = symbol => 'decision.' + decision.id + '.' + symbol;
  const typed = symbol => (kept.get(key(symbol)) || '').trim();
  const measure = symbol => decision.measures.find(m => m.symbol === symbol);
  const value = m => m.choices.length ? (typed(m.symbol) ? m.choices.indexOf(typed(m.symbol)) : NaN) : typedNumber(typed(m.symbol), m.unit);
  const values = path => {
    const known = {};
    path.forEach(s => { const v = value(measure(s)); if (!Number.isNaN(v)) known[s] = v; });
    for (let more = true; more;) {
      more = false;
      Object.entries(decision.derived).forEach(([symbol, text]) => {
        const v = symbol in known ? undefined : formula(text, known);
        if (v !== undefined) { known[symbol] = v; more = true; }
      });
    }
    return known;
  };
  const holds = (c, v) => v !== undefined && (c.min == null || v >= c.min - near) && (c.max == null || v <= c.max + near)
    && (c.above == null || v > c.above + near) && (c.below == null || v < c.below - near);
  const times = i => Number(kept.get(key('again' + i)) || 0);
  const input = m => {
    const label = made('label', m.name || m.symbol);
    if (m.choices.length) {
      const select = made('select', '', { 'data-keep': key(m.symbol) });
      select.append(made('option', said('choose'), { value: '' }), ...m.choices.map(c => made('option', c, { value: c })));
      label.append(select);
      bind(select);
    } else {
      const field = made('input', '', { 'data-keep': key(m.symbol), inputmode: 'decimal', autocomplete: 'off', class: 'value' });
      label.append(field, made('span', m.unit, { class: 'unit-of' }));
      bind(field);
    }
    return label;
  };
  const show = () => {
    const held = document.activeElement && place.contains(document.activeElement) ? document.activeElement.dataset.keep : '';
    const out = [];
    const path = [decision.start];
    for (let open = true; open;) {
      open = false;
      const m = measure(path[path.length - 1]);
      out.push({ m });
      if (Number.isNaN(value(m))) {
        if (typed(m.symbol)) out.push({ text: said('noNumber', m.unit || said('count')), kind: 'wrong' });
        break;
      }
      if (m.from != null && (value(m) < m.from - near || value(m) > m.to + near)) {
        out.push({ text: said('implausible', shownNumber(m.from), shownNumber(m.to), m.unit), kind: 'wrong' });
        break;
      }
      const known = values(path);
      const i = decision.rules.findIndex((r, n) => r.after === m.symbol && r.when.every(c => holds(c, known[c.symbol]))
        && !(r.again && r.most && times(n) >= r.most && !r.exhausted));
      const rule = decision.rules[i];
      if (!rule) out.push({ text: said('noRule'), kind: 'wrong' });
      else if (rule.verdict) out.push({ text: rule.verdict, kind: 'settled', steps: rule.steps });
      else if (rule.measure && !path.includes(rule.measure)) { path.push(rule.measure); open = true; }
      else if (rule.again && rule.most && times(i) >= rule.most) out.push({ text: rule.exhausted, kind: 'settled', steps: rule.steps });
      else if (rule.again) out.push({ text: [rule.changes, rule.most ? said('times', times(i) + 1, rule.most) : ''].filter(Boolean).join(', '), kind: 'again', again: () => {
        kept.set(key('again' + i), String(times(i) + 1));
        path.slice(path.indexOf(rule.again)).forEach(s => kept.set(key(s), ''));
        if (measure(rule.changes)) kept.set(key(rule.changes), '');
        changed.forEach(f => f(key(rule.again)));
      } });
    }
    kept.set(key('verdict'), (out.find(o => o.kind === 'settled') || {}).text || '');
    const wanted = path.join(' ');
    if (place.dataset.path !== wanted || !held) {
      place.dataset.path = wanted;
      place.replaceChildren(...out.filter(o => o.m).map(o => input(o.m)));
    }
    all('.said', place).forEach(e => e.remove());
    out.filter(o => o.text).forEach(o => {
      const line = made('p', o.text, { class: 'said ' + o.kind, role: 'status' });
      (o.steps || []).length && line.append(' ', ...links(o.steps.length > 2 ? [o.steps[0], o.steps[o.steps.length - 1]] : o.steps).flatMap(l => [l, ' ']));
      if (o.again) line.append(' ', button(said('again'), o.again));
      place.append(line);
    });
    if (held && !one('[data-keep="' + CSS.escape(held) + '"]:focus', place)) {
      const again = one('[data-keep="' + CSS.escape(held) + '"]', place);
      if (again) again.focus();
    }
  };
  changed.add(k => { if (k === 'new' || String(k).startsWith('decision.' + decision.id + '.')) show(); });
  show();
});
