// One unit of the issue: what is not for it goes, and labels that are true of it go too.
const unit = (() => {
  const model = one('#model');
  const serial = one('#serial');
  const read = () => {
    const typed = serial ? serial.value.trim().match(/^(\D*?)\s*(\d+)$/) : null;
    const options = all('[data-option]').filter(o => o.value);
    return {
      model: model && model.value || null,
      serial: typed ? { letters: typed[1], number: Number(typed[2]) } : null,
      wrong: !!(serial && serial.value.trim() && !typed),
      with: options.filter(o => o.value === 'with').map(o => o.dataset.option),
      without: options.filter(o => o.value === 'without').map(o => o.dataset.option),
    };
  };
  const anySerial = c => c.from == null && c.to == null && !c.letters;
  const has = (c, s) => {
    if (anySerial(c)) return true;
    if (c.letters !== s.letters) return false;
    const n = c.lastDigits ? s.number % 10 ** c.lastDigits : s.number;
    return (c.from == null || n >= c.from) && (c.to == null || n <= c.to);
  };
  const concerned = (c, u) => (!c.models.length || !u.model || c.models.includes(u.model))
    && (!u.serial || has(c, u.serial))
    && !c.with.some(o => u.without.includes(o)) && !c.without.some(o => u.with.includes(o));
  const covers = (c, u) => (!c.models.length || c.models.includes(u.model))
    && (anySerial(c) || u.serial && has(c, u.serial))
    && c.with.every(o => u.with.includes(o)) && c.without.every(o => u.without.includes(o));
  const rule = label => data.units[label] || [];
  const show = () => {
    const u = read();
    all('[data-for]').forEach(e => {
      const any = rule(e.dataset.for);
      const out = any.length > 0 && !any.some(c => concerned(c, u));
      if (e.classList.contains('only')) e.hidden = out || any.some(c => covers(c, u));
      else e.classList.toggle('out', out);
    });
    const there = new Set(all('.step:not(.out)').map(s => s.dataset.number));
    all('[data-steps]').forEach(row => {
      const steps = row.dataset.steps.match(/\d+/g) || [];
      const own = row.dataset.for ? rule(row.dataset.for) : [];
      row.classList.toggle('out', steps.length > 0 && !steps.some(n => there.has(n)) || own.length > 0 && !own.some(c => concerned(c, u)));
    });
    const gone = new Set(all('#parts tr.out').map(r => r.dataset.item));
    all('#kits tr[data-item], #parts tr[data-item]').forEach(r => {
      if (!r.dataset.for) r.classList.toggle('out', gone.has(r.dataset.item));
    });
    all('.stage').forEach(s => {
      const steps = all('.step', s);
      s.classList.toggle('out', steps.length > 0 && steps.every(x => x.classList.contains('out')));
      const link = one('nav a[href="#' + s.id + '"]');
      if (link) link.parentElement.classList.toggle('out', s.classList.contains('out'));
    });
    // a statement stands in full where the step that told it is for other units
    all('details.told').forEach(d => { d.open = d.open || !there.has(d.dataset.told); });
    const text = [u.model, serial && serial.value.trim(), ...u.with.map(o => said('with', o)), ...u.without.map(o => said('without', o))].filter(Boolean).join(', ');
    const chosen = one('#chosen');
    if (chosen) chosen.textContent = u.wrong ? said('noSerial') : text ? said('shownFor', text, there.size) : '';
    changed.forEach(f => f('unit'));
  };
  all('#model, [data-option]').forEach(e => e.addEventListener('change', show));
  changed.add(key => { if (key === 'record.serial') show(); }); // typed for the unit or in the record
  return { show, read };
})();
