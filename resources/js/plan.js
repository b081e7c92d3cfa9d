// Moving a batch on the day's cloth: drag it, or with keys once it has the focus. The server works out the rest.
import htmx from 'htmx.org';

const sheet = () => document.getElementById('plan');
const folds = (machine) => [...sheet().querySelectorAll(`.fold[data-machine="${machine}"]`)].sort((a, b) => a.dataset.place - b.dataset.place);
const machines = () => [...sheet().querySelectorAll('[data-lane]')].map((lane) => lane.dataset.lane);

function send(fold, machine, place) {
    htmx.ajax('POST', sheet().dataset.moves, {
        target: '#plan',
        swap: 'outerHTML',
        values: { batch: fold.dataset.batch, machine, place, version: sheet().dataset.version, day: sheet().dataset.day, _token: sheet().dataset.token },
    });
}

function byKey(event) {
    const fold = event.target.closest?.('.fold');
    if (!fold) return;
    const place = Number(fold.dataset.place);
    const lanes = machines();
    const lane = lanes.indexOf(fold.dataset.machine);
    const around = folds(fold.dataset.machine);
    const at = around.indexOf(fold);
    if (event.shiftKey && event.key === 'ArrowRight') send(fold, fold.dataset.machine, place + 1);
    else if (event.shiftKey && event.key === 'ArrowLeft') send(fold, fold.dataset.machine, Math.max(0, place - 1));
    else if (event.shiftKey && event.key === 'ArrowDown' && lane + 1 < lanes.length) send(fold, lanes[lane + 1], placeAt(lanes[lane + 1], middle(fold)));
    else if (event.shiftKey && event.key === 'ArrowUp' && lane > 0) send(fold, lanes[lane - 1], placeAt(lanes[lane - 1], middle(fold)));
    else if (event.key === 'ArrowRight') around[at + 1]?.focus();
    else if (event.key === 'ArrowLeft') around[at - 1]?.focus();
    else if (event.key === 'ArrowDown') folds(lanes[lane + 1])[0]?.focus();
    else if (event.key === 'ArrowUp') folds(lanes[lane - 1])[0]?.focus();
    else return;
    event.preventDefault();
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

function grab(event) {
    const fold = event.target.closest?.('.fold');
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
    event.preventDefault();
}

function letGo(event) {
    if (!dragging) return;
    const { fold, moved } = dragging;
    dragging = null;
    if (!moved) return;
    const lane = [...sheet().querySelectorAll('[data-lane]')].find((el) => {
        const box = el.getBoundingClientRect();
        return event.clientY >= box.top && event.clientY < box.bottom;
    });
    const x = middle(fold);
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
