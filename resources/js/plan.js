// Moving a batch on the cloth: drag it, or lift it with keys once it has the focus. Before it is let go the server
// says what that brings.
import htmx from 'htmx.org';
import { say } from './words.js';

const sheet = () => document.getElementById('plan');
const bars = (machine) =>
    [...sheet().querySelectorAll(`.bar[data-machine="${machine}"]`)].sort((a, b) => a.dataset.rank - b.dataset.rank);
const machines = () => [...sheet().querySelectorAll('[data-lane]')].map((lane) => lane.dataset.lane);

function send(bar, machine, rank) {
    htmx.ajax('POST', sheet().dataset.moves, {
        target: '#plan',
        swap: 'outerHTML',
        values: {
            batch: bar.dataset.batch,
            machine,
            rank,
            version: sheet().dataset.version,
            day: sheet().dataset.day,
            zoom: sheet().dataset.zoom,
            part: sheet().dataset.part,
            _token: sheet().dataset.token,
        },
    });
}

let lifted = null;
let asked = '';

// What it would bring to let go here, and where here is.
async function weigh(bar, machine, rank, hint = '') {
    const url = new URL(sheet().dataset.consequence, location.href);
    url.search = new URLSearchParams({ batch: bar.dataset.batch, machine, rank });
    if (asked === url.search) return;
    asked = url.search;
    mark(bar, machine, rank);
    const answer = await fetch(url).then(
        (response) => response.text(),
        () => say('nothing_moved'),
    );
    if (asked === url.search && sheet()) document.getElementById('consequence').innerHTML = `${answer} ${hint}`;
}

function mark(bar, machine, rank) {
    const caret = document.getElementById('caret');
    const lane = sheet().querySelector(`[data-lane="${machine}"]`);
    if (!caret || !lane) return;
    const others = bars(machine).filter((one) => one !== bar);
    const next = others.find(
        (one) =>
            rank <=
            Number(one.dataset.rank) -
                (machine === bar.dataset.machine && Number(bar.dataset.rank) < Number(one.dataset.rank) ? 1 : 0),
    );
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
    const bar = event.target.closest?.('.bar[tabindex]');
    if (!bar) return;
    const from = lifted?.bar === bar ? lifted : { bar, machine: bar.dataset.machine, rank: Number(bar.dataset.rank) };
    const lanes = machines();
    const lane = lanes.indexOf(from.machine);
    const here = lanes.indexOf(bar.dataset.machine);
    const around = bars(bar.dataset.machine);
    const at = around.indexOf(bar);
    const lift = (machine, rank) => {
        lifted = {
            bar,
            machine,
            rank: Math.max(
                0,
                Math.min(
                    rank,
                    bars(machine).filter((one) => one !== bar).length + Number(bars(machine)[0]?.dataset.rank ?? 0),
                ),
            ),
        };
        weigh(bar, lifted.machine, lifted.rank, say('drop_or_leave'));
    };
    if (event.shiftKey && event.key === 'ArrowRight') lift(from.machine, from.rank + 1);
    else if (event.shiftKey && event.key === 'ArrowLeft') lift(from.machine, from.rank - 1);
    else if (event.shiftKey && event.key === 'ArrowDown' && lane + 1 < lanes.length)
        lift(lanes[lane + 1], rankAt(lanes[lane + 1], middle(bar)));
    else if (event.shiftKey && event.key === 'ArrowUp' && lane > 0)
        lift(lanes[lane - 1], rankAt(lanes[lane - 1], middle(bar)));
    else if (event.key === 'Enter' && lifted?.bar === bar) {
        const { machine, rank } = lifted;
        settle();
        send(bar, machine, rank);
    } else if (event.key === 'Escape' && lifted) {
        settle();
        document.getElementById('consequence').textContent = say('stays');
    } else if (event.key === 'Enter') location.href = bar.dataset.href;
    else if (event.key === 'ArrowRight') around[at + 1]?.focus();
    else if (event.key === 'ArrowLeft') around[at - 1]?.focus();
    else if (event.key === 'ArrowDown') bars(lanes[here + 1])[0]?.focus();
    else if (event.key === 'ArrowUp') bars(lanes[here - 1])[0]?.focus();
    else return;
    event.preventDefault();
    event.stopPropagation();
}

function middle(bar) {
    const box = bar.querySelector('.edge').getBoundingClientRect();
    return box.left + box.width / 2;
}

// Before the first batch whose middle lies right of x; what runs already is never passed.
function rankAt(machine, x, without = null) {
    const others = bars(machine).filter((bar) => bar !== without);
    const next = others.findIndex((bar) => middle(bar) > x);
    if (next < 0) return others.length === 0 ? 999 : Number(others.at(-1).dataset.rank) + 1;
    const running = others.filter((bar) => bar.getAttribute('aria-disabled') === 'true').length;
    const shift =
        without &&
        without.dataset.machine === machine &&
        Number(without.dataset.rank) < Number(others[next].dataset.rank)
            ? 1
            : 0;
    return Math.max(running, Number(others[next].dataset.rank) - shift);
}

let dragging = null;

function laneAt(y) {
    // Its ground, not the whole of it: a bar that is carried out of its lane would stretch that.
    return [...sheet().querySelectorAll('[data-lane]')].find((el) => {
        const box = el.querySelector('rect').getBoundingClientRect();
        return y >= box.top && y < box.bottom;
    });
}

function grab(event) {
    const bar = event.target.closest?.('.bar[tabindex]');
    if (!bar || event.button !== 0 || bar.getAttribute('aria-disabled') === 'true') return;
    dragging = { bar, x: event.clientX, y: event.clientY, moved: false };
}

function pull(event) {
    if (!dragging) return;
    const dx = event.clientX - dragging.x;
    const dy = event.clientY - dragging.y;
    if (!dragging.moved && Math.hypot(dx, dy) < 5) return;
    dragging.moved = true;
    const scale = sheet().querySelector('svg').getScreenCTM().a;
    dragging.bar.setAttribute('transform', `translate(${dx / scale} ${dy / scale})`);
    dragging.bar.style.opacity = '.75';
    const lane = laneAt(event.clientY);
    if (lane) weigh(dragging.bar, lane.dataset.lane, rankAt(lane.dataset.lane, middle(dragging.bar), dragging.bar));
    event.preventDefault();
}

function letGo(event) {
    if (!dragging) return;
    const { bar, moved } = dragging;
    dragging = null;
    if (!moved) return;
    const lane = laneAt(event.clientY);
    const x = middle(bar);
    settle();
    bar.removeAttribute('transform');
    bar.style.opacity = '';
    if (lane) send(bar, lane.dataset.lane, rankAt(lane.dataset.lane, x, bar));
}

export function plan() {
    if (!sheet()) return;
    document.addEventListener('keydown', byKey);
    document.addEventListener('pointerdown', grab);
    document.addEventListener('pointermove', pull);
    document.addEventListener('pointerup', letGo);
    document.addEventListener('htmx:afterSwap', () => {
        const batch = sheet()?.dataset.focus;
        if (batch)
            sheet()
                .querySelector(`.bar[data-batch="${CSS.escape(batch)}"]`)
                ?.focus();
    });
}
