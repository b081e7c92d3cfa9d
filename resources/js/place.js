// Measures a place from a picture: four points of the frame, the cross and a point above it. What is measured is worked
// out by the shop; the picture is drawn here and goes nowhere.
import { findTargets } from './targets.js';
import { sew, track } from './track.js';
import { say } from './words.js';

const NAMES = ['top', 'right', 'bottom', 'left'];
const CORNERS = ['upper_left', 'upper_right', 'lower_right', 'lower_left'];
const LOUPE = 6;

class Place {
    constructor(box) {
        this.box = box;
        this.data = JSON.parse(box.dataset.place);
        this.canvas = document.getElementById('place-canvas');
        this.points = new Array(4 + this.touched().length).fill(null);
        this.at = 0;
        this.find = findTargets;
        this.buttons();
        document.getElementById('place-file').addEventListener('change', (event) => {
            if (event.target.files[0]) this.open(event.target.files[0]);
        });
        document.getElementById('place-frame').addEventListener('change', () => this.measure());
        document.getElementById('place-ask').addEventListener('change', () => this.askAnew());
        document.getElementById('place-by').addEventListener('change', () => {
            this.points.fill(null, 0, 4);
            this.choose(0);
            this.buttons();
        });
        this.canvas.addEventListener('pointerdown', (event) => {
            if (!this.picture) return;
            const room = this.canvas.getBoundingClientRect();
            this.put([(event.clientX - room.left) / this.scale, (event.clientY - room.top) / this.scale], true);
        });
        this.canvas.addEventListener('keydown', (event) => this.key(event));
    }

    question() {
        return document.getElementById('place-ask').value;
    }

    // What is touched beside the frame's four points, for what is asked.
    touched() {
        return this.data.asks[this.question()];
    }

    onFrame() {
        return document.getElementById('place-by').value === 'corners' ? CORNERS : NAMES;
    }

    names() {
        return [...this.onFrame().map((name) => say(name)), ...this.touched()];
    }

    // The points of the frame stay; what else was touched is of another question.
    askAnew() {
        this.points = [...this.points.slice(0, 4), ...this.touched().map(() => null)];
        this.answer = null;
        document.getElementById('place-said').textContent = '';
        document.getElementById('place-clear').textContent = '';
        if (this.picture) this.useTargets(this.find(this.picture));
        this.at = Math.max(0, this.points.indexOf(null));
        this.buttons();
        this.paint();
        this.measure();
    }

    useTargets(found) {
        if (found && this.question() === 'place') [this.points[4], this.points[5]] = [found.mark, found.up];
    }

    buttons() {
        const list = document.getElementById('place-points');
        list.replaceChildren(
            ...this.names().map((name, i) => {
                const button = document.createElement('button');
                button.type = 'button';
                button.className = 'btn btn-small';
                button.textContent = name;
                button.setAttribute('aria-pressed', String(i === this.at));
                button.addEventListener('click', () => {
                    this.choose(i);
                    this.canvas.focus();
                });
                return button;
            }),
        );
        this.told();
    }

    choose(i) {
        this.at = i;
        this.told();
        this.paint();
    }

    told() {
        [...document.getElementById('place-points').children].forEach((button, i) => {
            button.setAttribute('aria-pressed', String(i === this.at));
            button.textContent = `${this.names()[i]}${this.points[i] ? ' ✓' : ''}`;
        });
    }

    hint(text) {
        document.getElementById('place-hint').textContent = text;
    }

    async open(file) {
        try {
            this.picture = await createImageBitmap(file);
        } catch {
            this.hint(say('no_picture'));
            return;
        }
        this.points.fill(null);
        this.answer = null;
        const found = this.find(this.picture);
        this.useTargets(found);
        this.fit();
        this.hint(
            found && this.question() === 'place'
                ? say('targets_found')
                : say('touch_points', { points: this.touched().join(', ') }),
        );
        this.choose(0);
    }

    fit() {
        const width = this.canvas.getBoundingClientRect().width;
        this.scale = width / this.picture.width;
        this.canvas.width = Math.round(width);
        this.canvas.height = Math.round(this.picture.height * this.scale);
    }

    put(pixel, next) {
        this.points[this.at] = pixel;
        this.answer = null;
        if (next) {
            const free = this.points.indexOf(null);
            if (free >= 0) this.at = free;
        }
        this.told();
        this.paint();
        this.measure();
    }

    key(event) {
        const far = event.shiftKey ? 10 : 1;
        const way = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[event.key];
        if (!this.picture || !way) return;
        const [x, y] = this.points[this.at] ?? [this.picture.width / 2, this.picture.height / 2];
        this.put([x + way[0], y + way[1]], false);
        event.preventDefault();
        event.stopPropagation();
    }

    // Where the points of the frame are, mm from its middle, right and up.
    places() {
        const [width, height] = this.data.frames[document.getElementById('place-frame').value];
        const [x, y] = [width / 2, height / 2];
        return this.onFrame() === CORNERS
            ? [
                  [-x, y],
                  [x, y],
                  [x, -y],
                  [-x, -y],
              ]
            : [
                  [0, y],
                  [x, 0],
                  [0, -y],
                  [-x, 0],
              ];
    }

    async measure() {
        if (this.points.includes(null)) return;
        const asked = (this.asked ?? 0) + 1;
        this.asked = asked;
        const answer = await fetch(this.data.measure, {
            method: 'POST',
            headers: {
                'Content-Type': 'application/json',
                Accept: 'application/json',
                'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
            },
            body: JSON.stringify({
                frame: document.getElementById('place-frame').value,
                points: this.places().map((mm, i) => ({ px: this.points[i], mm })),
                ask: this.question(),
                touched: this.points.slice(4),
            }),
        }).catch(() => null);
        if (asked !== this.asked) return;
        const told = answer ? await answer.json().catch(() => null) : null;
        const said = document.getElementById('place-said');
        said.classList.toggle('now', !answer?.ok || told?.say === 'hoop_again');
        if (!answer?.ok) {
            said.textContent = told?.message ?? say('no_answer');
            return;
        }
        this.answer = this.question() === 'place' ? told : null;
        said.textContent = told.text;
        this.box.dataset.said = told.say;
        if (this.question() !== 'place') return;
        const { left, right, top, bottom } = told.clear;
        document.getElementById('place-clear').textContent = say(told.fits ? 'clear' : 'clear_too_little', {
            left,
            right,
            top,
            bottom,
            least: told.least_mm,
            margin: told.margin_mm,
        });
        this.sewn ??= await track(this.data.track).catch(() => null);
        this.paint();
    }

    onPicture([x, y]) {
        const m = this.answer.matrix;
        const w = m[6] * x + m[7] * y + m[8];
        return [(this.scale * (m[0] * x + m[1] * y + m[2])) / w, (this.scale * (m[3] * x + m[4] * y + m[5])) / w];
    }

    paint() {
        if (!this.picture) return;
        const context = this.canvas.getContext('2d');
        context.drawImage(this.picture, 0, 0, this.canvas.width, this.canvas.height);
        if (this.answer) this.over(context);
        this.points.forEach((point, i) => {
            if (!point) return;
            for (const [colour, width] of [
                ['#fffdf8', 4],
                [i === this.at ? '#c8481f' : '#1d2433', 1.5],
            ]) {
                context.strokeStyle = colour;
                context.lineWidth = width;
                context.beginPath();
                context.arc(point[0] * this.scale, point[1] * this.scale, 8, 0, 7);
                context.stroke();
            }
        });
        this.loupe();
    }

    // The field of the frame, and the design in its thread colours as it would then be sewn.
    over(context) {
        const [width, height, round] = this.data.frames[document.getElementById('place-frame').value];
        const margin = this.answer.margin_mm;
        const [x, y] = [width / 2 - margin, height / 2 - margin];
        const edge = round
            ? Array.from({ length: 48 }, (_, i) => [x * Math.cos((i * Math.PI) / 24), y * Math.sin((i * Math.PI) / 24)])
            : [
                  [-x, y],
                  [x, y],
                  [x, -y],
                  [-x, -y],
              ];
        this.polygon(context, edge, '#8a5a0c', [6, 4]);
        this.polygon(context, this.answer.outline, this.answer.fits ? '#1d2433' : '#c8481f', []);
        if (!this.sewn) return;
        const by = ((this.answer.turn_deg + this.answer.angle_deg) * Math.PI) / 180;
        const [cos, sin] = [Math.cos(by), Math.sin(by)];
        const [mx, my] = this.data.middle;
        const pen = {
            lift: true,
            beginPath: () => context.beginPath(),
            moveTo: (px, py) => context.moveTo(...this.design(px, py, mx, my, cos, sin)),
            lineTo: (px, py) => context.lineTo(...this.design(px, py, mx, my, cos, sin)),
            stroke: () => context.stroke(),
            set strokeStyle(colour) {
                context.strokeStyle = colour;
            },
        };
        context.lineWidth = 1;
        context.setLineDash([]);
        context.globalAlpha = 0.75;
        sew(pen, this.sewn, 0, this.sewn.count, (block) => this.data.colours[block] ?? '#8a8577', null);
        context.globalAlpha = 1;
    }

    design(px, py, mx, my, cos, sin) {
        const [x, y] = [px / 10 - mx, py / 10 - my];
        return this.onPicture([x * cos - y * sin + this.answer.right_mm, x * sin + y * cos + this.answer.up_mm]);
    }

    polygon(context, points, colour, dash) {
        context.strokeStyle = colour;
        context.lineWidth = 2;
        context.setLineDash(dash);
        context.beginPath();
        points.forEach((point, i) => {
            const [x, y] = this.onPicture(point);
            if (i === 0) context.moveTo(x, y);
            else context.lineTo(x, y);
        });
        context.closePath();
        context.stroke();
        context.setLineDash([]);
    }

    loupe() {
        const loupe = document.getElementById('place-loupe');
        const context = loupe.getContext('2d');
        const point = this.points[this.at];
        context.clearRect(0, 0, loupe.width, loupe.height);
        if (!point) return;
        const half = loupe.width / 2 / LOUPE;
        context.drawImage(
            this.picture,
            point[0] - half,
            point[1] - half,
            2 * half,
            2 * half,
            0,
            0,
            loupe.width,
            loupe.height,
        );
        context.strokeStyle = '#c8481f';
        context.beginPath();
        context.moveTo(loupe.width / 2, 0);
        context.lineTo(loupe.width / 2, loupe.height);
        context.moveTo(0, loupe.height / 2);
        context.lineTo(loupe.width, loupe.height / 2);
        context.stroke();
    }
}

const box = document.querySelector('[data-place]');
// For looking at from outside, as a test does.
box.place = new Place(box);
