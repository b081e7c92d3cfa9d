// A picture that goes with a form, and the place on it that is meant: chosen, shown, touched. `data-spot` holds a file field,
// a figure for the picture and two hidden fields for the place, as shares of its width and height.
export function spot() {
    for (const box of document.querySelectorAll('[data-spot]')) {
        const file = box.querySelector('input[type=file]');
        const figure = box.querySelector('figure');
        const mark = figure.querySelector('i');
        const [x, y] = box.querySelectorAll('input[type=hidden]');
        const put = (left, top) => {
            x.value = left.toFixed(4);
            y.value = top.toFixed(4);
            mark.style.left = `${100 * left}%`;
            mark.style.top = `${100 * top}%`;
            mark.hidden = false;
        };
        file.addEventListener('change', () => {
            const picture = figure.querySelector('img');
            x.value = '';
            y.value = '';
            mark.hidden = true;
            figure.hidden = !file.files[0];
            if (!file.files[0]) return;
            const reader = new FileReader();
            reader.addEventListener('load', () => {
                picture.src = reader.result;
            });
            reader.readAsDataURL(file.files[0]);
        });
        figure.addEventListener('click', (event) => {
            const room = figure.getBoundingClientRect();
            put((event.clientX - room.left) / room.width, (event.clientY - room.top) / room.height);
        });
        // By keys too: from the middle, in steps of two in a hundred.
        figure.addEventListener('keydown', (event) => {
            const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
            if (!step) return;
            event.preventDefault();
            const at = (field) => (field.value === '' ? 0.5 : Number(field.value));
            const within = (value) => Math.min(1, Math.max(0, value));
            put(within(at(x) + 0.02 * step[0]), within(at(y) + 0.02 * step[1]));
        });
    }
}
