// The record of the work: printed, or saved as a file.
(() => {
  const head = ['serial', 'kit', 'date', 'by', 'checked'];
  const record = () => {
    const u = unit.read();
    return {
      format: 'methodos-record 1',
      instruction: data.title,
      issue: data.issue,
      made: data.made,
      unit: { model: u.model, serial: kept.get('record.serial') || null, with: u.with, without: u.without },
      head: Object.fromEntries(head.map(k => [k, kept.get('record.' + k) || ''])),
      saved: new Date().toISOString(),
      steps: all('.step:not(.out)').map(s => ({ step: Number(s.dataset.number), id: s.dataset.id, text: one('.words', s).textContent, done: kept.get('done.' + s.dataset.id) === true })),
      readings: data.readings.filter(r => walk.number(r.step)).map(r => ({
        step: r.step, what: r.what, unit: r.unit, min: r.min, max: r.max,
        values: r.places.map((p, i) => ({ place: p, value: readings.answer(r, i), verdict: readings.judged(r, i).verdict })),
      })),
      decisions: data.decisions.filter(d => walk.number(d.step)).map(d => ({ step: d.step, what: d.name, verdict: kept.get('decision.' + d.id + '.verdict') || '' })),
    };
  };
  one('#save').addEventListener('click', () => {
    const file = new Blob([JSON.stringify(record(), null, 2)], { type: 'application/json' });
    const link = made('a', '', { href: URL.createObjectURL(file), download: 'record-' + (kept.get('record.serial') || 'unit').replace(/[^\p{L}\p{N}-]+/gu, '-') + '.json' });
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
    tell(said('saved', link.download));
  });
  one('#print-record').addEventListener('click', () => {
    document.body.classList.add('record-only');
    window.print();
  });
  window.addEventListener('afterprint', () => document.body.classList.remove('record-only'));
  const sure = one('#sure');
  one('#new').addEventListener('click', () => sure.showModal());
  one('#keep').addEventListener('click', () => sure.close());
  one('#drop').addEventListener('click', () => {
    const look = kept.get('look');
    const mode = kept.get('mode');
    kept.clear();
    kept.set('look', look);
    kept.set('mode', mode);
    all('[data-keep]').forEach(i => field(i).show(undefined));
    sure.close();
    unit.show();
    changed.forEach(f => f('new'));
  });
  // what is decided is read off in the record as well
  const verdicts = () => {
    all('output[data-verdict]').forEach(o => { o.textContent = kept.get('decision.' + o.dataset.verdict + '.verdict') || ''; });
    all('output[data-of^="decision."]').forEach(o => { o.textContent = kept.get(o.dataset.of) || ''; });
  };
  changed.add(verdicts);
  unit.show();
  readings.show();
  verdicts();
  walk.begin();
  document.documentElement.classList.add('ready');
})();
