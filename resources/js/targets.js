// Finds the four printed targets of a template or sticker in a picture: a dark disc, in it a light ring, in that a dark
// dot, all about one middle however obliquely they are seen.
const LONGEST = 1600;
const DARKER = 0.86;
const DOT = [0.2, 0.62];
const OFF = 0.16;
const SMALLEST = 4;

// Shades of grey, and what is darker than round about.
function dark(image) {
    const { width, height, data } = image;
    const grey = new Uint8ClampedArray(width * height);
    const sums = new Float64Array((width + 1) * (height + 1));
    for (let y = 0, i = 0; y < height; y++) {
        let row = 0;
        for (let x = 0; x < width; x++, i++) {
            grey[i] = 0.299 * data[4 * i] + 0.587 * data[4 * i + 1] + 0.114 * data[4 * i + 2];
            row += grey[i];
            sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1] + row;
        }
    }
    const half = Math.max(8, Math.round(Math.max(width, height) / 32));
    const mask = new Uint8Array(width * height);
    for (let y = 0, i = 0; y < height; y++) {
        const [top, bottom] = [Math.max(0, y - half), Math.min(height, y + half + 1)];
        for (let x = 0; x < width; x++, i++) {
            const [left, right] = [Math.max(0, x - half), Math.min(width, x + half + 1)];
            const sum =
                sums[bottom * (width + 1) + right] -
                sums[top * (width + 1) + right] -
                sums[bottom * (width + 1) + left] +
                sums[top * (width + 1) + left];
            mask[i] = grey[i] * (bottom - top) * (right - left) < DARKER * sum ? 1 : 0;
        }
    }
    return { grey, mask };
}

// What hangs together, with its box, how much it is and its middle.
function pieces(mask, width, height) {
    const seen = new Uint8Array(mask.length);
    const stack = new Int32Array(mask.length);
    const found = [];
    for (let start = 0; start < mask.length; start++) {
        if (!mask[start] || seen[start]) continue;
        let [top, n, sx, sy] = [0, 0, 0, 0];
        let [left, right, up, down] = [width, 0, height, 0];
        stack[top++] = start;
        seen[start] = 1;
        while (top > 0) {
            const i = stack[--top];
            const [x, y] = [i % width, (i / width) | 0];
            n++;
            sx += x;
            sy += y;
            if (x < left) left = x;
            if (x > right) right = x;
            if (y < up) up = y;
            if (y > down) down = y;
            const next = (j) => {
                if (!mask[j] || seen[j]) return;
                seen[j] = 1;
                stack[top++] = j;
            };
            if (x > 0) next(i - 1);
            if (x < width - 1) next(i + 1);
            if (y > 0) next(i - width);
            if (y < height - 1) next(i + width);
        }
        const [w, h] = [right - left + 1, down - up + 1];
        if (Math.min(w, h) >= SMALLEST && Math.max(w, h) <= 0.2 * Math.max(width, height) && w < 3 * h && h < 3 * w)
            found.push({ n, x: sx / n, y: sy / n, w, h, left, right, up, down });
    }
    return found;
}

// The middle of a dot to a part of a pixel: each pixel counts by how dark it is.
function middle(grey, width, dot) {
    const values = [];
    for (let y = dot.up - 1; y <= dot.down + 1; y++)
        for (let x = dot.left - 1; x <= dot.right + 1; x++) values.push(grey[y * width + x] ?? 255);
    const light = Math.max(...values);
    let [sum, sx, sy] = [0, 0, 0];
    for (let y = dot.up - 1, k = 0; y <= dot.down + 1; y++)
        for (let x = dot.left - 1; x <= dot.right + 1; x++, k++) {
            const weight = light - values[k];
            sum += weight;
            sx += weight * x;
            sy += weight * y;
        }
    return sum === 0 ? [dot.x, dot.y] : [sx / sum, sy / sum];
}

function bullseyes(image) {
    const { width, height } = image;
    const { grey, mask } = dark(image);
    const all = pieces(mask, width, height);
    const found = [];
    for (const ring of all) {
        // A ring leaves most of its box free; a dot fills its own.
        if (ring.n > 0.72 * ring.w * ring.h || Math.min(ring.w, ring.h) < 3 * SMALLEST) continue;
        const dots = all.filter(
            (dot) =>
                dot !== ring &&
                dot.w > DOT[0] * ring.w &&
                dot.w < DOT[1] * ring.w &&
                dot.h > DOT[0] * ring.h &&
                dot.h < DOT[1] * ring.h &&
                dot.n > 0.55 * dot.w * dot.h &&
                Math.abs(dot.x - (ring.left + ring.right) / 2) < OFF * ring.w &&
                Math.abs(dot.y - (ring.up + ring.down) / 2) < OFF * ring.h &&
                Math.abs(dot.x - ring.x) < OFF * ring.w &&
                Math.abs(dot.y - ring.y) < OFF * ring.h,
        );
        if (dots.length === 1) found.push({ at: middle(grey, width, dots[0]), size: Math.sqrt(ring.w * ring.h) });
    }
    return found;
}

function meet([ax, ay], [bx, by], [cx, cy], [dx, dy]) {
    const det = (bx - ax) * (dy - cy) - (by - ay) * (dx - cx);
    if (Math.abs(det) < 1e-9) return null;
    const s = ((cx - ax) * (dy - cy) - (cy - ay) * (dx - cx)) / det;
    const t = ((cx - ax) * (by - ay) - (cy - ay) * (bx - ax)) / det;
    // Between the ends of both, or they are no diagonals.
    return s > 0.1 && s < 0.9 && t > 0.1 && t < 0.9 ? { at: [ax + s * (bx - ax), ay + s * (by - ay)], s, t } : null;
}

// Of four targets, which is up: the diagonal that is cut unequally, and on it the end that is further away.
function kite(four) {
    let best = null;
    for (const [a, b, c, d] of [
        [0, 1, 2, 3],
        [0, 2, 1, 3],
        [0, 3, 1, 2],
    ]) {
        const cut = meet(four[a].at, four[b].at, four[c].at, four[d].at);
        if (!cut) continue;
        const uneven = (share) => Math.max(share / (1 - share), (1 - share) / share);
        const [one, other] = [uneven(cut.s), uneven(cut.t)];
        if (Math.max(one, other) < 1.25 || Math.min(one, other) > 1.3 || Math.max(one, other) > 2.3) continue;
        const up = one > other ? (cut.s > 0.5 ? a : b) : cut.t > 0.5 ? c : d;
        best = { mark: cut.at, up: four[up].at };
    }
    const sizes = four.map((one) => one.size);
    return best && Math.max(...sizes) < 1.9 * Math.min(...sizes) ? best : null;
}

// The cross and the upper target, in pixels of the picture; null where they are not found beyond doubt.
export function findTargets(picture) {
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(picture.width * scale);
    canvas.height = Math.round(picture.height * scale);
    const context = canvas.getContext('2d', { willReadFrequently: true });
    context.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const found = bullseyes(context.getImageData(0, 0, canvas.width, canvas.height));
    if (found.length < 4 || found.length > 8) return null;
    const kites = [];
    for (let a = 0; a < found.length; a++)
        for (let b = a + 1; b < found.length; b++)
            for (let c = b + 1; c < found.length; c++)
                for (let d = c + 1; d < found.length; d++) {
                    const one = kite([found[a], found[b], found[c], found[d]]);
                    if (one) kites.push(one);
                }
    if (kites.length !== 1) return null;
    const whole = ([x, y]) => [(x + 0.5) / scale - 0.5, (y + 0.5) / scale - 0.5];
    return { mark: whole(kites[0].mark), up: whole(kites[0].up) };
}
