// Light, dark or high contrast: as the device says, or as it was chosen here.
const looks = one('#look');
const look = v => { document.documentElement.dataset.look = v || 'device'; };
look(kept.get('look'));
looks.value = kept.get('look') || 'device';
looks.addEventListener('change', () => { kept.set('look', looks.value); look(looks.value); });
