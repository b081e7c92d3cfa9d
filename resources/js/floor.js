// The design filling as the machine sews. Stitches come once, compact; how far the machine is comes every second.
import htmx from 'htmx.org';
import { away, deliver, show } from './away.js';
import { recordAfter, sew, track } from './track.js';

const PATIENCE_MS = 3000;

let t = null;
let source = null;

function draw(canvas, sewn) {
    const colours = JSON.parse(canvas.dataset.colours);
    const width = 10 * (canvas.dataset.right - canvas.dataset.left);
    const height = 10 * (canvas.dataset.top - canvas.dataset.bottom);
    const ratio = window.devicePixelRatio || 1;
    const room = canvas.getBoundingClientRect();
    if (canvas.width !== Math.round(room.width * ratio)) {
        canvas.width = Math.round(room.width * ratio);
        canvas.height = Math.round(room.height * ratio);
    }
    const context = canvas.getContext('2d');
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clearRect(0, 0, canvas.width, canvas.height);
    const turn = (Number(canvas.dataset.turn) * Math.PI) / 180;
    const [boxWidth, boxHeight] = Math.abs(Math.sin(turn)) > 0.5 ? [height, width] : [width, height];
    const scale = 0.92 * Math.min(canvas.width / boxWidth, canvas.height / boxHeight);
    context.translate(canvas.width / 2, canvas.height / 2);
    context.scale(scale, -scale);
    context.rotate(turn);
    context.translate(
        -5 * (Number(canvas.dataset.left) + Number(canvas.dataset.right)),
        -5 * (Number(canvas.dataset.bottom) + Number(canvas.dataset.top)),
    );
    context.lineWidth = 4;
    context.lineCap = context.lineJoin = 'round';
    sew(context, t, 0, t.count, () => '#e3dccd');
    sew(context, t, 0, recordAfter(t, sewn), (block) => colours[block] ?? '#8a8577');
    if (sewn > 0) {
        const at = recordAfter(t, sewn) - 1;
        context.beginPath();
        context.lineWidth = (3 / scale) * ratio;
        context.strokeStyle = '#c8481f';
        context.arc(t.xs[at], t.ys[at], (12 / scale) * ratio, 0, 7);
        context.stroke();
    }
}

async function fill() {
    const canvas = document.getElementById('sewing');
    if (!canvas) return;
    if (source !== canvas.dataset.track) {
        t = await track(canvas.dataset.track);
        source = canvas.dataset.track;
    }
    draw(canvas, Number(canvas.dataset.sewn));
}

async function pulse() {
    const station = document.getElementById('station');
    if (!station) return;
    try {
        const answer = await fetch(station.dataset.pulse, {
            headers: { Accept: 'application/json' },
            signal: AbortSignal.timeout(PATIENCE_MS),
        });
        if (!answer.ok) throw new Error(answer.statusText);
        const now = await answer.json();
        const wasLost = !document.getElementById('lost').hidden;
        document.getElementById('lost').hidden = true;
        // What was touched while the shop was away comes first; then the page is what came of it.
        if (await deliver()) {
            await htmx.ajax('GET', station.dataset.url, { target: '#station', swap: 'outerHTML' });
            await fill();
            await show();
            return;
        }
        if (wasLost) await show();
        const canvas = document.getElementById('sewing');
        // A list being ticked is not drawn anew under somebody's thumb.
        const busy = station.querySelector('form[data-busy] input:checked') || station.querySelector('details[open]');
        if (now.sign !== station.dataset.sign && !busy) {
            await htmx.ajax('GET', station.dataset.url, { target: '#station', swap: 'outerHTML' });
            await fill();
        } else if (canvas && canvas.dataset.load === now.load && now.stitch > Number(canvas.dataset.sewn)) {
            canvas.dataset.sewn = now.stitch;
            draw(canvas, now.stitch);
            const figure = document.getElementById('stitch');
            if (figure) figure.textContent = now.stitch.toLocaleString('en-US').replaceAll(',', '\u202f');
            const steps = [...document.querySelectorAll('#steps [data-to]')];
            const here = steps.find((step) => now.stitch < Number(step.dataset.to)) ?? steps.at(-1);
            for (const step of steps) step.toggleAttribute('data-here', step === here);
            const share = document.getElementById('share');
            if (share) share.textContent = `${Math.floor((100 * now.stitch) / Number(canvas.dataset.of))} %`;
        }
    } catch {
        const isNews = document.getElementById('lost').hidden;
        document.getElementById('lost').hidden = false;
        if (isNews) await show();
    }
}

export function floor() {
    if (!document.getElementById('station')) return;
    fill();
    away();
    let asking = false;
    setInterval(async () => {
        if (asking) return;
        asking = true;
        await pulse();
        asking = false;
    }, 1000);
    window.addEventListener('resize', fill);
}
