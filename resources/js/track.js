// Stitches as the server packs them (docs/stitch-tape.md): two bytes a stitch, a mark before anything else.
const MARK = -128;
export const STITCH = 0;
export const STOP = 2;
export const TRIM = 3;

const kept = new Map();

// One track a page is looked at many times; it is fetched and unpacked once.
export function track(url) {
    if (!kept.has(url)) {
        kept.set(
            url,
            fetch(url)
                .then((answer) => {
                    if (!answer.ok) throw new Error(answer.statusText);
                    return answer.arrayBuffer();
                })
                .then(unpack),
        );
    }
    return kept.get(url);
}

// Places after each record in 0.1 mm, y upwards; what each record is; the record of every stitch; where blocks begin.
export function unpack(buffer) {
    const bytes = new Int8Array(buffer);
    let count = 0;
    let sewn = 0;
    for (let i = 0; i < bytes.length; count++) {
        const marked = bytes[i] === MARK;
        if (!marked) sewn++;
        i += marked ? 4 : 2;
    }
    const [xs, ys] = [new Int32Array(count), new Int32Array(count)];
    const kinds = new Uint8Array(count);
    const stitches = new Uint32Array(sewn);
    const blocks = []; // {from, to} in stitches, from counted from 0
    let [x, y, i, nth, stopped] = [0, 0, 0, 0, true];
    for (let record = 0; record < count; record++) {
        let kind = STITCH;
        if (bytes[i] === MARK) {
            kind = bytes[i + 1];
            i += 2;
        }
        x += bytes[i];
        y += bytes[i + 1];
        i += 2;
        xs[record] = x;
        ys[record] = y;
        kinds[record] = kind;
        if (kind === STOP) stopped = true;
        if (kind === STITCH) {
            if (stopped) blocks.push({ from: nth, to: nth });
            stopped = false;
            stitches[nth++] = record;
            blocks[blocks.length - 1].to = nth;
        }
    }
    return { count, sewn, xs, ys, kinds, stitches, blocks };
}

export const blockAt = (t, stitch) =>
    Math.max(
        0,
        t.blocks.findIndex((block) => stitch <= block.to),
    );

// The record after the nth stitch.
export const recordAfter = (t, stitch) => (stitch <= 0 ? 0 : t.stitches[Math.min(stitch, t.sewn) - 1] + 1);

/**
 * Sews records from..to into a canvas that is scaled to 0.1 mm. With `ways`, jumps are shown faint and
 * trims marked; without, only stitches are drawn.
 */
export function sew(context, t, from, to, colour, ways = null) {
    let nth = nthOf(t, from);
    let block = blockAt(t, nth + 1);
    let [x, y] = from === 0 ? [0, 0] : [t.xs[from - 1], t.ys[from - 1]];
    let lifted = true;
    context.strokeStyle = colour(block);
    context.beginPath();
    for (let i = from; i < to; i++) {
        if (t.kinds[i] === STITCH) {
            if (nth++ >= t.blocks[block].to) {
                context.stroke();
                context.beginPath();
                context.strokeStyle = colour(++block);
            }
            if (lifted) context.moveTo(x, y);
            context.lineTo(t.xs[i], t.ys[i]);
            lifted = false;
        } else {
            lifted = true;
            if (ways) ways.push(x, y, t.xs[i], t.ys[i], t.kinds[i]);
        }
        x = t.xs[i];
        y = t.ys[i];
    }
    context.stroke();
}

// How many stitches lie before a record.
function nthOf(t, record) {
    let [low, high] = [0, t.sewn];
    while (low < high) {
        const middle = (low + high) >> 1;
        if (t.stitches[middle] < record) low = middle + 1;
        else high = middle;
    }
    return low;
}
