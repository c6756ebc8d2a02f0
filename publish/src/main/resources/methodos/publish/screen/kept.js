// What is ticked and typed stays in this browser until a new record is begun.
const kept = (() => {
  const name = 'methodos ' + data.key;
  let values = {};
  let works = true;
  try {
    values = JSON.parse(localStorage.getItem(name)) || {};
  } catch (e) {
    works = false;
  }
  const write = () => {
    try {
      localStorage.setItem(name, JSON.stringify(values));
    } catch (e) {
      if (works) tell(said('notKept'));
      works = false;
    }
  };
  return {
    get: key => values[key],
    set: (key, value) => {
      if (value === '' || value === false || value === undefined) delete values[key];
      else values[key] = value;
      write();
    },
    clear: () => { values = {}; write(); },
    works: () => works,
  };
})();

const changed = new Set(); // those who are told that a value is another
const field = input => ({
  value: () => input.type === 'checkbox' ? input.checked : input.type === 'radio' ? (input.checked ? input.value : undefined) : input.value,
  show: v => {
    if (input.type === 'checkbox') input.checked = v === true;
    else if (input.type === 'radio') input.checked = input.value === v;
    else input.value = v === undefined ? '' : v;
  },
});
const bind = input => {
  const key = input.dataset.keep;
  field(input).show(kept.get(key));
  input.addEventListener(input.type === 'checkbox' || input.type === 'radio' ? 'change' : 'input', () => {
    kept.set(key, field(input).value());
    all('[data-keep="' + key + '"]').filter(i => i !== input && i.type !== 'radio').forEach(i => field(i).show(kept.get(key)));
    changed.forEach(f => f(key));
  });
};
all('[data-keep]').forEach(bind);
if (!kept.works()) tell(said('notKept'));
