import htmx from 'htmx.org';
import { Viewport } from './viewport.js';
import { Board } from './board/board.js';
import { composeWishes } from './brief.js';
import { copyTables } from './copies.js';
import { thin } from './crowding.js';
import { all, csrfToken, field } from './dom.js';
import { orderWanted } from './kitchen.js';
import { NumberPad } from './number-pad.js';
import { showProgress } from './progress.js';
import { Review } from './review.js';
import { Beside } from './round/beside.js';
import { Drawn } from './round/drawn.js';
import { Search } from './search.js';
import { speak } from './text.js';

// English needs no texts but those that the scripts hold
if (document.documentElement.lang !== 'en') await speak(document.documentElement.lang);

// what the server draws takes its place at once
htmx.config.defaultSettleDelay = 0;

document.addEventListener('htmx:configRequest', (/** @type {CustomEvent} */ event) => {
    event.detail.headers['X-CSRF-TOKEN'] = csrfToken();
    const plan = document.getElementById('plan');
    if (plan) event.detail.headers['X-Drawn-Storey'] = plan.dataset.storey;
});

copyTables();

// drawings that nobody zooms say themselves how many millimetres lie under a pixel
const scaleDrawings = () => {
    for (const drawing of all('[data-scale]')) drawing.style.setProperty('--scale', drawing.dataset.scale);
};
scaleDrawings();
document.addEventListener('htmx:afterSwap', scaleDrawings);
for (const drawing of all('.compare .drawing')) thin(drawing, 'text');

orderWanted();
composeWishes();

// a home is usually drawn in the units of its country
document.addEventListener('change', ({ target }) => {
    if (target instanceof HTMLSelectElement && 'setsUnits' in target.dataset)
        field(target.form, 'units').value = target.selectedOptions[0].dataset.units;
});

// what an address points into is unfolded
const unfold = () => {
    for (let at = document.getElementById(location.hash.slice(1)); at; at = at.parentElement)
        if (at instanceof HTMLDetailsElement) at.open = true;
};
unfold();
window.addEventListener('hashchange', unfold);

if (document.getElementById('search')) new Search();

const working = document.getElementById('working');
if (working) showProgress(working);

const sheet = document.getElementById('plan-sheet');
if (sheet) {
    const viewport = new Viewport(sheet, document.getElementById('scale-bar'));
    const board = document.getElementById('board');
    if (board) new Board(board, viewport);
    else new Review(document.getElementById('review'), viewport, htmx);
    if (board && matchMedia('(pointer: coarse)').matches) new NumberPad(viewport.units === 'imperial' ? 'imperial' : 'metric');
}

if (document.getElementById('round-beside')) new Beside();

// what draws in the round is large: only the page that needs it fetches it
const round = document.getElementById('round');
if (round) {
    if (document.createElement('canvas').getContext('webgl2') === null) new Drawn(round);
    else import('./round/round.js').then(({ Round }) => Round.open(round).then((opened) => Object.assign(round, { round: opened })));
}
