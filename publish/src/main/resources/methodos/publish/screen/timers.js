// Waits run on while other work is done, and ring.
(() => {
  const place = one('#timers');
  const list = data.steps.flatMap(s => s.waits.map((w, i) => ({ step: s.number, key: 'timer.' + s.id + '.' + i, ...w }))).filter(t => t.seconds > 0);
  const clock = s => (s >= 3600 ? Math.floor(s / 3600) + ':' + String(Math.floor(s / 60) % 60).padStart(2, '0') : Math.floor(s / 60)) + ':' + String(s % 60).padStart(2, '0');
  const ring = () => {
    try {
      const sound = new AudioContext();
      [0, 0.4, 0.8].forEach(at => {
        const tone = sound.createOscillator();
        tone.frequency.value = 880;
        tone.connect(sound.destination);
        tone.start(sound.currentTime + at);
        tone.stop(sound.currentTime + at + 0.25);
      });
      if (navigator.vibrate) navigator.vibrate([300, 200, 300]);
    } catch (e) { /* a device without sound shows it all the same */ }
  };
  const rows = new Map();
  const rung = new Set();
  const tick = () => list.forEach(t => {
    const end = kept.get(t.key);
    let row = rows.get(t.key);
    if (!end) {
      if (row) { row.remove(); rows.delete(t.key); rung.delete(t.key); }
      return;
    }
    const rest = Math.ceil((end - Date.now()) / 1000);
    if (!row) {
      row = made('p', '', { class: 'timer' });
      row.append(made('a', said('step', t.step), { href: '#step' + t.step }), made('span', '', { class: 'rest' }), button(said('stop'), () => { kept.set(t.key, ''); tick(); }));
      rows.set(t.key, row);
      place.append(row);
    }
    one('.rest', row).textContent = rest > 0 ? clock(rest) : said('over');
    row.classList.toggle('over', rest <= 0);
    if (rest <= 0 && !rung.has(t.key)) { rung.add(t.key); ring(); tell(said('rings', t.step)); }
  });
  all('[data-wait]').forEach(place2 => {
    const t = list.find(x => x.key === 'timer.' + place2.dataset.wait);
    if (t) place2.append(button(said('start', clock(t.seconds)), () => { kept.set(t.key, Date.now() + t.seconds * 1000); rung.delete(t.key); tick(); }));
  });
  changed.add(k => { if (k === 'new') tick(); });
  tick();
  setInterval(tick, 500);
})();
