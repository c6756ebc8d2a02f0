// What all of it needs: the data of the page, its words, and short ways to its elements.
const data = JSON.parse(document.getElementById('data').textContent);
const one = (q, of = document) => of.querySelector(q);
const all = (q, of = document) => [...of.querySelectorAll(q)];
const said = (key, ...with_) => with_.reduce((t, w, i) => t.split('{' + i + '}').join(w), data.words[key]);
const made = (name, text, attributes = {}) => {
  const element = document.createElement(name);
  if (text) element.textContent = text;
  Object.entries(attributes).forEach(([k, v]) => element.setAttribute(k, v));
  return element;
};
const button = (text, press, kind = '') => {
  const b = made('button', text, { type: 'button', class: kind });
  b.addEventListener('click', press);
  return b;
};
// Read out by a screen reader, and seen for a while.
const tell = text => {
  const notice = one('#notice');
  notice.textContent = text;
  notice.hidden = !text;
  clearTimeout(tell.timer);
  tell.timer = setTimeout(() => { notice.hidden = true; }, 6000);
};
// On a narrow screen the rows of tables stand as cards, each value behind the heading of its column.
all('table.rows').forEach(table => {
  const heads = all('thead th', table).map(h => h.textContent);
  all('tbody tr', table).forEach(row => {
    let at = 0;
    all('td', row).forEach(cell => { cell.dataset.head = heads[at] || ''; at += cell.colSpan; cell.classList.toggle('nothing', cell.textContent.trim() === '–'); });
  });
});
