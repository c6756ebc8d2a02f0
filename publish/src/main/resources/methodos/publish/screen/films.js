// The numbers of a step's figure travel with their things through its film.
all('.film').forEach(film => {
  const video = one('video', film);
  const marks = JSON.parse(film.dataset.tracks).map(m => {
    const element = made('span', '', { class: 'on-film', 'aria-hidden': 'true' });
    element.append(made('b', m.item));
    element.hidden = true;
    film.append(element);
    return { element, places: m.places };
  });
  // straight from one place to the next; nothing where it is lost
  const at = (places, time) => {
    const i = places.findIndex((p, n) => p[0] <= time && (n === places.length - 1 || places[n + 1][0] > time));
    if (i < 0 || places[i].length < 3) return null;
    const next = places[i + 1];
    if (!next || next.length < 3) return time - places[i][0] < 0.2 ? [places[i][1], places[i][2]] : null;
    const share = (time - places[i][0]) / (next[0] - places[i][0]);
    return [places[i][1] + share * (next[1] - places[i][1]), places[i][2] + share * (next[2] - places[i][2])];
  };
  const show = () => marks.forEach(m => {
    const place = video.currentTime > 0 ? at(m.places, video.currentTime) : null;
    m.element.hidden = !place;
    if (place) {
      m.element.style.left = 100 * place[0] + '%';
      m.element.style.top = 100 * place[1] + '%';
    }
  });
  const run = () => {
    show();
    if (!video.paused && !video.ended) requestAnimationFrame(run);
  };
  if (marks.length) {
    video.addEventListener('play', run);
    video.addEventListener('seeked', show);
    video.addEventListener('timeupdate', show);
  }
});
