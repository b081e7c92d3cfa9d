// Plays an artwork stitch by stitch. What is sewn is kept as a picture and only added to; pictures kept on the
// way make going back as quick as going on.
import { select } from 'd3-selection';
import { zoom, zoomIdentity } from 'd3-zoom';
import { blockAt, recordAfter, sew, TRIM, track } from './track.js';
import { say } from './words.js';

const KEPT_BYTES = 64 * 1024 * 1024;
const BARE = '#8a8577';
const CLOSEST = 40;
const quiet = matchMedia('(prefers-reduced-motion: reduce)');

class Player {
    constructor(box) {
        this.box = box;
        this.canvas = box.querySelector('canvas');
        this.data = JSON.parse(box.dataset.player);
        this.stitch = 0;
        this.playing = false;
        this.eye = zoomIdentity;
        this.ruler = null;
        this.shown = { ways: true, density: false, order: false, spots: [] };
        this.cloth = document.createElement('canvas');
        this.find = (name) => box.querySelector(`[data-p=${name}]`);
    }

    async open() {
        [this.t] = await Promise.all([track(this.data.track), this.readClock()]);
        this.scrub = this.find('scrub');
        this.scrub.max = this.t.sewn;
        this.listen();
        this.fit();
        await this.goTo(this.t.sewn);
        this.box.dataset.ready = '1';
    }

    listen() {
        this.box.addEventListener('click', (event) => {
            const button = event.target.closest('[data-do]');
            if (button) this.obey(button.dataset.do);
        });
        this.scrub.addEventListener('input', () => {
            this.pause();
            this.goTo(Number(this.scrub.value));
        });
        this.find('rate').addEventListener('change', () => this.tell());
        this.find('spm').addEventListener('change', async () => {
            await this.readClock();
            this.tell();
        });
        this.zooming = zoom()
            .scaleExtent([1, CLOSEST])
            .on('zoom', ({ transform }) => {
                this.eye = transform;
                this.anew();
            });
        // Zooming is by wheel, fingers and keys; a second click is a second look, not a step closer.
        select(this.canvas).call(this.zooming).on('dblclick.zoom', null);
        this.canvas.addEventListener('click', (event) => {
            if (this.ruler) return this.measure(event.offsetX, event.offsetY);
            this.pause();
            this.goTo(this.nearest(event.offsetX, event.offsetY));
        });
        document.addEventListener('click', (event) => {
            const spot = event.target.closest('[data-spots]');
            if (spot) this.point(spot);
        });
        new ResizeObserver(() => {
            if (this.fit()) this.goTo(this.stitch);
        }).observe(this.canvas);
    }

    obey(what) {
        const t = this.t;
        const block = blockAt(t, Math.max(1, this.stitch));
        const from = (n) => t.blocks[Math.min(Math.max(n, 0), t.blocks.length - 1)].from + 1;
        const stops = t.blocks.map((one) => one.to);
        if (what !== 'play') this.pause();
        switch (what) {
            case 'play':
                return this.playing ? this.pause() : this.play();
            case 'next':
                return this.goTo(this.stitch + 1);
            case 'back':
                return this.goTo(this.stitch - 1);
            case 'next-block':
                return this.goTo(block + 1 < t.blocks.length ? from(block + 1) : t.sewn);
            case 'back-block':
                return this.goTo(this.stitch > from(block) ? from(block) : from(block - 1));
            case 'next-stop':
                return this.goTo(stops.find((at) => at > this.stitch) ?? t.sewn);
            case 'back-stop':
                return this.goTo(stops.filter((at) => at < this.stitch).pop() ?? 0);
            case 'first':
                return this.goTo(0);
            case 'last':
                return this.goTo(t.sewn);
            case 'closer':
                return this.closer(1.5);
            case 'away':
                return this.closer(1 / 1.5);
            case 'whole':
                return select(this.canvas).call(this.zooming.transform, zoomIdentity);
            case 'ways':
                this.shown.ways = !this.shown.ways;
                this.mark(what, this.shown.ways);
                return this.anew();
            case 'density':
                this.shown.density = !this.shown.density;
                this.mark(what, this.shown.density);
                return this.density();
            case 'order':
                this.shown.order = !this.shown.order;
                this.mark(what, this.shown.order);
                return this.paint();
            case 'measure':
                this.ruler = this.ruler ? null : [];
                this.find('measured').hidden = !this.ruler;
                this.mark(what, this.ruler !== null);
                return this.paint();
        }
    }

    mark(what, on) {
        this.box.querySelector(`[data-do=${what}]`).setAttribute('aria-pressed', String(on));
    }

    /* The picture: scale, and the pictures kept on the way. */

    fit() {
        const ratio = Math.min(2, window.devicePixelRatio || 1);
        const room = this.canvas.getBoundingClientRect();
        if (room.width === 0 || (this.width === room.width && this.height === room.height)) return false;
        [this.width, this.height, this.ratio] = [room.width, room.height, ratio];
        this.zooming
            .extent([
                [0, 0],
                [room.width, room.height],
            ])
            .translateExtent([
                [0, 0],
                [room.width, room.height],
            ]);
        for (const canvas of [this.canvas, this.cloth]) {
            canvas.width = Math.round(room.width * ratio);
            canvas.height = Math.round(room.height * ratio);
        }
        this.forget();
        return true;
    }

    forget() {
        const each = this.canvas.width * this.canvas.height * 4;
        this.every = Math.max(2000, Math.ceil(this.t.count / Math.max(2, Math.min(40, Math.floor(KEPT_BYTES / each)))));
        this.kept = [];
        this.drawn = 0;
        const context = this.cloth.getContext('2d');
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.clearRect(0, 0, this.cloth.width, this.cloth.height);
        // Jumps go out of the design, so they count for the room there is.
        const [left, right, bottom, top] = this.data.bounds;
        const whole = (0.9 * Math.min(this.width / (right - left + 2), this.height / (top - bottom + 2))) / 10;
        this.scale = this.eye.k * whole;
        this.offsetX = this.eye.applyX(this.width / 2 - 5 * (left + right) * whole);
        this.offsetY = this.eye.applyY(this.height / 2 + 5 * (bottom + top) * whole);
    }

    view(context) {
        context.setTransform(
            this.scale * this.ratio,
            0,
            0,
            -this.scale * this.ratio,
            this.offsetX * this.ratio,
            this.offsetY * this.ratio,
        );
    }

    // Draws records up to `to` on the cloth; a long way is done in slices, so that the page stays awake.
    advance(to, until) {
        const context = this.cloth.getContext('2d');
        while (this.drawn < to) {
            const next = Math.min(to, (Math.floor(this.drawn / this.every) + 1) * this.every);
            this.view(context);
            context.lineWidth = Math.max(3.6, 1.1 / this.scale);
            context.lineCap = 'round';
            context.lineJoin = 'bevel';
            context.setLineDash([]);
            const ways = this.shown.ways ? [] : null;
            sew(context, this.t, this.drawn, next, (block) => this.data.colours[block] ?? BARE, ways);
            if (ways) this.drawWays(context, ways);
            this.drawn = next;
            if (next % this.every === 0 && !this.kept[next / this.every]) {
                const picture = document.createElement('canvas');
                [picture.width, picture.height] = [this.cloth.width, this.cloth.height];
                picture.getContext('2d').drawImage(this.cloth, 0, 0);
                this.kept[next / this.every] = picture;
            }
            if (performance.now() > until) return false;
        }
        return true;
    }

    drawWays(context, ways) {
        context.strokeStyle = 'rgba(29, 36, 51, .38)';
        context.lineWidth = 0.8 / this.scale;
        context.setLineDash([4 / this.scale, 3 / this.scale]);
        context.beginPath();
        for (let i = 0; i < ways.length; i += 5) {
            context.moveTo(ways[i], ways[i + 1]);
            context.lineTo(ways[i + 2], ways[i + 3]);
        }
        context.stroke();
        context.setLineDash([]);
        context.lineWidth = 1.4 / this.scale;
        context.strokeStyle = '#1d2433';
        context.beginPath();
        const arm = 3.5 / this.scale;
        for (let i = 0; i < ways.length; i += 5) {
            if (ways[i + 4] !== TRIM) continue;
            context.moveTo(ways[i] - arm, ways[i + 1] - arm);
            context.lineTo(ways[i] + arm, ways[i + 1] + arm);
            context.moveTo(ways[i] - arm, ways[i + 1] + arm);
            context.lineTo(ways[i] + arm, ways[i + 1] - arm);
        }
        context.stroke();
    }

    async goTo(stitch) {
        this.stitch = Math.max(0, Math.min(this.t.sewn, Math.round(stitch)));
        this.tell();
        const turn = (this.turn ?? 0) + 1;
        this.turn = turn;
        while (!this.reach(recordAfter(this.t, this.stitch))) {
            this.paint();
            await new Promise(requestAnimationFrame);
            if (turn !== this.turn) return; // somebody wants to be elsewhere
        }
        this.paint();
    }

    // Makes the cloth show exactly the records before `to`; false when there is more to do.
    reach(to) {
        if (to < this.drawn) {
            let from = Math.floor(to / this.every);
            while (from > 0 && !this.kept[from]) from--;
            const context = this.cloth.getContext('2d');
            context.setTransform(1, 0, 0, 1, 0, 0);
            context.clearRect(0, 0, this.cloth.width, this.cloth.height);
            if (from > 0) context.drawImage(this.kept[from], 0, 0);
            this.drawn = from * this.every;
        }
        return this.advance(to, performance.now() + 12);
    }

    anew() {
        this.forget();
        return this.goTo(this.stitch);
    }

    paint() {
        const context = this.canvas.getContext('2d');
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.clearRect(0, 0, this.canvas.width, this.canvas.height);
        context.globalAlpha = this.shown.density ? 0.25 : 1;
        context.drawImage(this.cloth, 0, 0);
        context.globalAlpha = 1;
        this.view(context);
        if (this.shown.density && this.map) this.drawDensity(context);
        this.drawEnds(context);
        if (this.shown.order) this.drawOrder(context);
        this.drawSpots(context);
        if (this.ruler) this.drawRuler(context);
        if (this.stitch > 0) {
            const at = this.t.stitches[this.stitch - 1];
            this.ring(context, this.t.xs[at], this.t.ys[at], 8, '#c8481f', 2.5);
        }
    }

    ring(context, x, y, radius, colour, width) {
        context.beginPath();
        context.lineWidth = width / this.scale;
        context.strokeStyle = colour;
        context.arc(x, y, radius / this.scale, 0, 7);
        context.stroke();
    }

    drawEnds(context) {
        const square = (x, y, side, fill) => {
            context.fillStyle = fill ? '#1d2433' : '#fffdf8';
            context.strokeStyle = '#1d2433';
            context.lineWidth = 1.5 / this.scale;
            context.beginPath();
            context.rect(x - side / 2 / this.scale, y - side / 2 / this.scale, side / this.scale, side / this.scale);
            context.fill();
            context.stroke();
        };
        square(0, 0, 8, false);
        square(this.t.xs[this.t.count - 1], this.t.ys[this.t.count - 1], 8, true);
    }

    drawOrder(context) {
        const { ratio } = this;
        const objects = this.data.objects;
        context.setTransform(ratio, 0, 0, ratio, 0, 0);
        context.font = '600 12px Atkinson, sans-serif';
        context.textAlign = 'center';
        context.textBaseline = 'middle';
        objects.forEach(([x, y], i) => {
            const [px, py] = this.onScreen(10 * x, 10 * y);
            const wide = 8 + 7 * String(i + 1).length;
            context.fillStyle = '#fffdf8';
            context.strokeStyle = '#2b3a67';
            context.lineWidth = 1;
            context.beginPath();
            context.rect(px - wide / 2, py - 9, wide, 18);
            context.fill();
            context.stroke();
            context.fillStyle = '#1d2433';
            context.fillText(String(i + 1), px, py + 0.5);
        });
        this.view(context);
    }

    drawSpots(context) {
        for (const [i, [x, y]] of this.shown.spots.entries()) {
            this.ring(context, 10 * x, 10 * y, i === 0 ? 16 : 10, '#a83a16', i === 0 ? 4 : 2);
        }
    }

    /* Measuring: two places, and how far they are apart. */

    measure(px, py) {
        const [x, y] = [(px - this.offsetX) / this.scale, (this.offsetY - py) / this.scale];
        this.ruler = this.ruler.length === 2 ? [[x, y]] : [...this.ruler, [x, y]];
        if (this.ruler.length === 2) {
            const [[ax, ay], [bx, by]] = this.ruler;
            const mm = (Math.hypot(bx - ax, by - ay) / 10).toFixed(1);
            this.find('hint').textContent = say('apart', { mm });
            this.box.querySelector('#letter-mm').value = mm;
            const near = this.nearest((this.onScreen(ax, ay)[0] + px) / 2, (this.onScreen(ax, ay)[1] + py) / 2);
            this.box.querySelector('#letter-block').selectedIndex = blockAt(this.t, near);
        }
        this.paint();
    }

    drawRuler(context) {
        context.strokeStyle = '#a83a16';
        context.lineWidth = 2 / this.scale;
        for (const [x, y] of this.ruler) this.ring(context, x, y, 5, '#a83a16', 2);
        if (this.ruler.length < 2) return;
        context.beginPath();
        context.moveTo(...this.ruler[0]);
        context.lineTo(...this.ruler[1]);
        context.stroke();
    }

    onScreen(x, y) {
        return [this.offsetX + x * this.scale, this.offsetY - y * this.scale];
    }

    /* Density: needle points in each square millimetre. */

    async density() {
        if (!this.map) {
            const buffer = await (await fetch(this.data.density)).arrayBuffer();
            const [left, bottom] = new Int32Array(buffer, 0, 2);
            this.map = { left, bottom, squares: new Uint16Array(buffer, 8) };
        }
        this.find('scale').hidden = !this.shown.density;
        this.paint();
    }

    drawDensity(context) {
        const { left, bottom, squares } = this.map;
        const limit = this.data.dense;
        for (let i = 0; i < squares.length; i += 3) {
            const share = squares[i + 2] / limit;
            // From cloth to indigo up to the house's limit; above it persimmon, and hatched so that it is seen without colour.
            context.fillStyle = share > 1 ? '#c8481f' : `rgba(43, 58, 103, ${0.08 + 0.72 * share})`;
            const [x, y] = [10 * (left + squares[i]), 10 * (bottom + squares[i + 1])];
            context.fillRect(x, y, 10, 10);
            if (share > 1) {
                context.strokeStyle = '#1d2433';
                context.lineWidth = 1;
                context.beginPath();
                context.moveTo(x, y);
                context.lineTo(x + 10, y + 10);
                context.stroke();
            }
        }
    }

    /* Findings: their places are ringed, and the needle goes to the first. */

    point(button) {
        const pressed = button.getAttribute('aria-pressed') === 'true';
        for (const one of document.querySelectorAll('[data-spots]')) one.setAttribute('aria-pressed', 'false');
        this.shown.spots = pressed
            ? []
            : [
                  ...JSON.parse(button.dataset.spots),
                  ...JSON.parse(button.dataset.blocks).map((number) => this.middleOf(number)),
              ];
        button.setAttribute('aria-pressed', String(!pressed));
        this.pause();
        const stitch = this.shown.spots[0]?.[2] ?? 0;
        this.box.scrollIntoView({ block: 'nearest', behavior: quiet.matches ? 'auto' : 'smooth' });
        return stitch > 0 ? this.goTo(stitch) : this.paint();
    }

    // A block is ringed at the stitch half way through it.
    middleOf(number) {
        const block = this.t.blocks[number - 1];
        const stitch = Math.ceil((block.from + block.to) / 2);
        const at = this.t.stitches[stitch - 1];
        return [this.t.xs[at] / 10, this.t.ys[at] / 10, stitch];
    }

    /* Looking closer. */

    closer(factor) {
        select(this.canvas).call(this.zooming.scaleBy, factor);
    }

    // The stitch that ends nearest to a place on the screen: play goes on from here.
    nearest(px, py) {
        const [x, y] = [(px - this.offsetX) / this.scale, (this.offsetY - py) / this.scale];
        let [best, at] = [Infinity, 0];
        for (let i = 0; i < this.t.sewn; i++) {
            const record = this.t.stitches[i];
            const off = (this.t.xs[record] - x) ** 2 + (this.t.ys[record] - y) ** 2;
            if (off < best) [best, at] = [off, i];
        }
        return at + 1;
    }

    /* Time: so many stitches a second, or as the machine would sew. */

    // Seconds from the start at which each stitch is sewn, as the core has them (docs/stitch-tape.md).
    async readClock() {
        const spm = this.spm();
        const answer = await fetch(`${this.data.timeline}&spm=${spm}`);
        if (!answer.ok) throw new Error(answer.statusText);
        const bytes = await answer.arrayBuffer();
        const steps = new DataView(bytes, 8);
        const times = new Float64Array(steps.byteLength / 4);
        for (let i = 0, ms = 0; i < times.length; i++) {
            ms += steps.getUint32(4 * i, true);
            times[i] = ms / 1000;
        }
        if (spm !== this.spm()) return;
        [this.times, this.total] = [times, new DataView(bytes).getFloat64(0, true)];
    }

    spm() {
        const field = this.find('spm');
        return Math.max(50, Math.min(3000, Number(field.value) || Number(field.defaultValue)));
    }

    play() {
        if (this.stitch >= this.t.sewn) this.goTo(0);
        this.playing = true;
        this.find('play').textContent = say('pause');
        const times = this.times;
        let before = performance.now();
        let at = this.stitch;
        let clock = this.stitch === 0 ? 0 : times[this.stitch - 1];
        const step = (now) => {
            if (!this.playing) return;
            const passed = Math.min(0.25, (now - before) / 1000);
            before = now;
            const rate = this.find('rate').value;
            if (rate.startsWith('real')) {
                clock += passed * Number(rate.slice(5) || 1);
                while (at < this.t.sewn && this.times[at] <= clock) at++;
            } else {
                at = Math.min(this.t.sewn, at + passed * Number(rate));
                clock = this.times[Math.max(0, Math.floor(at) - 1)];
            }
            this.stitch = Math.floor(at);
            this.reach(recordAfter(this.t, this.stitch));
            this.paint();
            this.tell();
            if (this.stitch >= this.t.sewn) return this.pause();
            requestAnimationFrame(step);
        };
        requestAnimationFrame(step);
    }

    pause() {
        this.playing = false;
        this.find('play').textContent = say('play');
    }

    tell() {
        const { t, stitch } = this;
        const n = (value) => String(value).replace(/\B(?=(\d{3})+$)/g, '\u202f');
        const minutes = (s) => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`;
        const block = blockAt(t, Math.max(1, stitch));
        const at = stitch > 0 ? t.stitches[stitch - 1] : null;
        this.scrub.value = stitch;
        this.scrub.setAttribute('aria-valuetext', say('scrub', { stitch, of: t.sewn, block: block + 1 }));
        this.find('stitch').textContent = n(stitch);
        this.find('of').textContent = n(t.sewn);
        this.find('block').textContent = say('of', { some: block + 1, all: t.blocks.length });
        const clock = this.times;
        this.find('clock').textContent = say('of', {
            some: minutes(stitch === 0 ? 0 : clock[stitch - 1]),
            all: minutes(this.total),
        });
        const mm = (tenths) => Math.abs(tenths / 10).toFixed(1);
        this.find('place').textContent =
            at === null
                ? say('at_the_start')
                : say(`place_${t.xs[at] < 0 ? 'left' : 'right'}_${t.ys[at] < 0 ? 'down' : 'up'}`, {
                      x: mm(t.xs[at]),
                      y: mm(t.ys[at]),
                  });
        this.find('length').textContent =
            at === null
                ? ''
                : `${(Math.hypot(t.xs[at] - (at ? t.xs[at - 1] : 0), t.ys[at] - (at ? t.ys[at - 1] : 0)) / 10).toFixed(1)} mm`;
        for (const row of document.querySelectorAll('[data-block-row]')) {
            row.toggleAttribute('data-here', Number(row.dataset.blockRow) === block + 1);
        }
    }
}

export function player() {
    const box = document.querySelector('[data-player]');
    if (!box) return;
    const one = new Player(box);
    // For looking at from outside, as a test does.
    box.player = one;
    one.open().catch(() => {
        box.querySelector('[data-p=lost]').hidden = false;
    });
}
