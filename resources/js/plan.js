// Moving a batch on the cloth: drag it, or lift it with keys once it has the focus. Before it is let go the server says what that brings.
import htmx from 'htmx.org';

const sheet = () => document.getElementById('plan');
const folds = (machine) => [...sheet().querySelectorAll(`.fold[data-machine="${machine}"]`)].sort((a, b) => a.dataset.place - b.dataset.place);
const machines = () => [...sheet().querySelectorAll('[data-lane]')].map((lane) => lane.dataset.lane);

function send(fold, machine, place) {
    htmx.ajax('POST', sheet().dataset.moves, {
        target: '#plan',
        swap: 'outerHTML',
        values: { batch: fold.dataset.batch, machine, place, version: sheet().dataset.version, day: sheet().dataset.day, zoom: sheet().dataset.zoom, _token: sheet().dataset.token },
    });
}

let lifted = null;
let asked = '';

// What it would bring to let go here, and where here is.
async function weigh(fold, machine, place, hint = '') {
    const url = new URL(sheet().dataset.consequence, location.href);
    url.search = new URLSearchParams({ batch: fold.dataset.batch, machine, place });
    if (asked === url.search) return;
    asked = url.search;
    mark(fold, machine, place);
    const answer = await fetch(url).then((response) => response.text(), () => 'The server does not answer; nothing is moved.');
    if (asked === url.search && sheet()) document.getElementById('consequence').innerHTML = `${answer} ${hint}`;
}

function mark(fold, machine, place) {
    const caret = document.getElementById('caret');
    const lane = sheet().querySelector(`[data-lane="${machine}"]`);
    if (!caret || !lane) return;
    const others = folds(machine).filter((one) => one !== fold);
    const next = others.find((one) => place <= Number(one.dataset.place) - (machine === fold.dataset.machine && Number(fold.dataset.place) < Number(one.dataset.place) ? 1 : 0));
    const edge = (next ?? others.at(-1))?.querySelector('.edge').getBBox();
    const box = lane.querySelector('rect').getBBox();
    const x = edge ? (next ? edge.x : edge.x + edge.width) : 96;
    caret.setAttribute('d', `M${x} ${box.y + 8}V${box.y + box.height - 8}`);
}

function settle() {
    lifted = null;
    asked = '';
    document.getElementById('caret')?.setAttribute('d', '');
}

function byKey(event) {
    const fold = event.target.closest?.('.fold[tabindex]');
    if (!fold) return;
    const from = lifted?.fold === fold ? lifted : { fold, machine: fold.dataset.machine, place: Number(fold.dataset.place) };
    const lanes = machines();
    const lane = lanes.indexOf(from.machine);
    const here = lanes.indexOf(fold.dataset.machine);
    const around = folds(fold.dataset.machine);
    const at = around.indexOf(fold);
    const lift = (machine, place) => {
        lifted = { fold, machine, place: Math.max(0, Math.min(place, folds(machine).filter((one) => one !== fold).length + Number(folds(machine)[0]?.dataset.place ?? 0))) };
        weigh(fold, lifted.machine, lifted.place, 'Enter lets it go there, Escape leaves it.');
    };
    if (event.shiftKey && event.key === 'ArrowRight') lift(from.machine, from.place + 1);
    else if (event.shiftKey && event.key === 'ArrowLeft') lift(from.machine, from.place - 1);
    else if (event.shiftKey && event.key === 'ArrowDown' && lane + 1 < lanes.length) lift(lanes[lane + 1], placeAt(lanes[lane + 1], middle(fold)));
    else if (event.shiftKey && event.key === 'ArrowUp' && lane > 0) lift(lanes[lane - 1], placeAt(lanes[lane - 1], middle(fold)));
    else if (event.key === 'Enter' && lifted?.fold === fold) {
        const { machine, place } = lifted;
        settle();
        send(fold, machine, place);
    } else if (event.key === 'Escape' && lifted) {
        settle();
        document.getElementById('consequence').textContent = 'It stays where it was.';
    } else if (event.key === 'Enter') location.href = fold.dataset.href;
    else if (event.key === 'ArrowRight') around[at + 1]?.focus();
    else if (event.key === 'ArrowLeft') around[at - 1]?.focus();
    else if (event.key === 'ArrowDown') folds(lanes[here + 1])[0]?.focus();
    else if (event.key === 'ArrowUp') folds(lanes[here - 1])[0]?.focus();
    else return;
    event.preventDefault();
    event.stopPropagation();
}

function middle(fold) {
    const box = fold.querySelector('.edge').getBoundingClientRect();
    return box.left + box.width / 2;
}

// Before the first batch whose middle lies right of x; what runs already is never passed.
function placeAt(machine, x, without = null) {
    const others = folds(machine).filter((fold) => fold !== without);
    const next = others.findIndex((fold) => middle(fold) > x);
    if (next < 0) return others.length === 0 ? 999 : Number(others.at(-1).dataset.place) + 1;
    const running = others.filter((fold) => fold.getAttribute('aria-disabled') === 'true').length;
    const shift = without && without.dataset.machine === machine && Number(without.dataset.place) < Number(others[next].dataset.place) ? 1 : 0;
    return Math.max(running, Number(others[next].dataset.place) - shift);
}

let dragging = null;

function laneAt(y) {
    // Its ground, not the whole of it: a fold that is carried out of its lane would stretch that.
    return [...sheet().querySelectorAll('[data-lane]')].find((el) => {
        const box = el.querySelector('rect').getBoundingClientRect();
        return y >= box.top && y < box.bottom;
    });
}

function grab(event) {
    const fold = event.target.closest?.('.fold[tabindex]');
    if (!fold || event.button !== 0 || fold.getAttribute('aria-disabled') === 'true') return;
    dragging = { fold, x: event.clientX, y: event.clientY, moved: false };
}

function pull(event) {
    if (!dragging) return;
    const dx = event.clientX - dragging.x;
    const dy = event.clientY - dragging.y;
    if (!dragging.moved && Math.hypot(dx, dy) < 5) return;
    dragging.moved = true;
    const scale = sheet().querySelector('svg').getScreenCTM().a;
    dragging.fold.setAttribute('transform', `translate(${dx / scale} ${dy / scale})`);
    dragging.fold.style.opacity = '.75';
    const lane = laneAt(event.clientY);
    if (lane) weigh(dragging.fold, lane.dataset.lane, placeAt(lane.dataset.lane, middle(dragging.fold), dragging.fold));
    event.preventDefault();
}

function letGo(event) {
    if (!dragging) return;
    const { fold, moved } = dragging;
    dragging = null;
    if (!moved) return;
    const lane = laneAt(event.clientY);
    const x = middle(fold);
    settle();
    fold.removeAttribute('transform');
    fold.style.opacity = '';
    if (lane) send(fold, lane.dataset.lane, placeAt(lane.dataset.lane, x, fold));
}

export function plan() {
    if (!sheet()) return;
    document.addEventListener('keydown', byKey);
    document.addEventListener('pointerdown', grab);
    document.addEventListener('pointermove', pull);
    document.addEventListener('pointerup', letGo);
    document.addEventListener('htmx:afterSwap', () => {
        const batch = sheet()?.dataset.focus;
        if (batch) sheet().querySelector(`.fold[data-batch="${CSS.escape(batch)}"]`)?.focus();
    });
}
