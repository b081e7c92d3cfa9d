// The design filling as the machine sews. Stitches come once, compact; how far the machine is comes every second.
import htmx from 'htmx.org';

const LIFT = -32768;
let stitches = null;
let source = null;

function draw(canvas, sewn) {
    const colours = JSON.parse(canvas.dataset.colours);
    const [width, height] = [Number(canvas.dataset.width) * 10, Number(canvas.dataset.height) * 10];
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
    context.lineWidth = 4;
    context.lineCap = context.lineJoin = 'round';
    pass(context, stitches, 0, Infinity, () => '#e3dccd');
    const needle = pass(context, stitches, 0, sewn, (block) => colours[block] ?? '#8a8577');
    if (needle && sewn > 0) {
        context.beginPath();
        context.lineWidth = 3 / scale * ratio;
        context.strokeStyle = '#c8481f';
        context.arc(needle[0], needle[1], 12 / scale * ratio, 0, 7);
        context.stroke();
    }
}

function pass(context, data, from, to, colour) {
    let [block, count, lifted, place] = [0, 0, true, null];
    context.beginPath();
    context.strokeStyle = colour(0);
    for (let i = 0; i < data.length && count < to; i += 2) {
        if (data[i] === LIFT) {
            lifted = true;
            if (data[i + 1] === 1) {
                context.stroke();
                context.beginPath();
                context.strokeStyle = colour(++block);
            }
            continue;
        }
        if (lifted) context.moveTo(data[i], data[i + 1]);
        else context.lineTo(data[i], data[i + 1]);
        lifted = false;
        count++;
        place = [data[i], data[i + 1]];
    }
    context.stroke();
    return place;
}

async function fill() {
    const canvas = document.getElementById('sewing');
    if (!canvas) return;
    if (source !== canvas.dataset.stitches) {
        const answer = await fetch(canvas.dataset.stitches);
        stitches = new Int16Array(await answer.arrayBuffer());
        source = canvas.dataset.stitches;
    }
    draw(canvas, Number(canvas.dataset.sewn));
}

async function pulse() {
    const station = document.getElementById('station');
    if (!station) return;
    try {
        const answer = await fetch(station.dataset.pulse, { headers: { Accept: 'application/json' } });
        if (!answer.ok) throw new Error(answer.statusText);
        const now = await answer.json();
        document.getElementById('lost').hidden = true;
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
            const share = document.getElementById('share');
            if (share) share.textContent = `${Math.floor((100 * now.stitch) / Number(canvas.dataset.of))} %`;
        }
    } catch {
        document.getElementById('lost').hidden = false;
    }
}

export function floor() {
    if (!document.getElementById('station')) return;
    fill();
    setInterval(pulse, 1000);
    window.addEventListener('resize', fill);
}
