// A fault is looked for by one question after the other.
all('[data-fault]').forEach(place => {
  const checks = data.faults[Number(place.dataset.fault)].checks;
  const path = [];
  const show = at => {
    const row = made('p', '', { role: 'status' });
    const back = () => { path.pop(); const before = path.pop(); before === undefined ? begin() : show(before); };
    path.push(at);
    const answer = to => {
      if (to && to.check != null) { show(to.check); return; }
      path.push(-1);
      const end = made('p', to && to.cause ? to.cause : said('faultOpen'), { class: 'settled', role: 'status' });
      if (to) end.append(' ', ...links(to.steps).flatMap(l => [l, ' ']));
      place.replaceChildren(end, button(said('back'), back), button(said('fromStart'), begin));
    };
    row.append(made('b', checks[at].ask));
    place.replaceChildren(row, button(said('yes'), () => answer(checks[at].yes), 'main'), button(said('no'), () => answer(checks[at].no), 'main'), button(said('back'), back));
    one('button', place).focus();
  };
  const begin = () => { path.length = 0; place.replaceChildren(button(said('walkFault'), () => show(0), 'main')); };
  if (checks.length) begin();
});
