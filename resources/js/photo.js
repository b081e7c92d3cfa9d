// Takes a colour from a photo of the garment. The photo is drawn on a canvas here and goes nowhere.
import { say } from './words.js';

const AROUND = 2;

export function photo() {
    const canvas = document.getElementById('photo-canvas');
    if (!canvas) return;
    const context = canvas.getContext('2d', { willReadFrequently: true });
    let picture = null;
    let cross = [0, 0];

    const draw = () => {
        context.clearRect(0, 0, canvas.width, canvas.height);
        context.drawImage(picture, 0, 0, canvas.width, canvas.height);
    };
    const mark = () => {
        draw();
        for (const [colour, width] of [
            ['#fff', 4],
            ['#1d2433', 1.5],
        ]) {
            context.strokeStyle = colour;
            context.lineWidth = width;
            context.beginPath();
            context.arc(cross[0], cross[1], 9, 0, 7);
            context.stroke();
        }
    };
    const take = (field) => {
        draw();
        const side = 2 * AROUND + 1;
        const pixels = context.getImageData(
            Math.round(cross[0]) - AROUND,
            Math.round(cross[1]) - AROUND,
            side,
            side,
        ).data;
        // The middle one of each channel: a thread end or a speck of dust among them does not count.
        const middle = (channel) =>
            [...pixels].filter((_, i) => i % 4 === channel).sort((a, b) => a - b)[Math.floor((side * side) / 2)];
        const hex = `#${[0, 1, 2].map((channel) => middle(channel).toString(16).padStart(2, '0')).join('')}`;
        document.getElementById(field).value = hex;
        const picker = document.querySelector(`[data-picks="${field}"]`);
        if (picker) picker.value = hex;
        if (field === 'hex') document.getElementById('like').value = '';
        document.getElementById('wanted').dispatchEvent(new Event('picked'));
        mark();
    };

    document.getElementById('photo').addEventListener('change', async (event) => {
        const file = event.target.files[0];
        if (!file) return;
        const hint = document.getElementById('photo-hint');
        hint.hidden = false;
        try {
            picture = await createImageBitmap(file);
        } catch {
            hint.textContent = say('no_photo');
            canvas.hidden = true;
            return;
        }
        canvas.hidden = false;
        canvas.width = Math.round(canvas.getBoundingClientRect().width) || 560;
        canvas.height = Math.min(420, Math.round((canvas.width * picture.height) / picture.width));
        cross = [canvas.width / 2, canvas.height / 2];
        mark();
    });
    canvas.addEventListener('pointerdown', (event) => {
        if (!picture) return;
        const box = canvas.getBoundingClientRect();
        cross = [
            ((event.clientX - box.left) * canvas.width) / box.width,
            ((event.clientY - box.top) * canvas.height) / box.height,
        ];
        take(event.shiftKey ? 'cloth' : 'hex');
    });
    canvas.addEventListener('keydown', (event) => {
        if (!picture) return;
        const far = event.shiftKey ? 20 : 4;
        const way = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[event.key];
        if (way) {
            cross = [
                Math.max(0, Math.min(canvas.width - 1, cross[0] + way[0])),
                Math.max(0, Math.min(canvas.height - 1, cross[1] + way[1])),
            ];
            mark();
        } else if (event.key === 'Enter') take('hex');
        else if (event.key === 'c') take('cloth');
        else return;
        event.preventDefault();
        event.stopPropagation();
    });
}
