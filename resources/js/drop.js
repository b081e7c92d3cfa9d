// A tape dropped on the field is put into it; the form is then sent as if it had been chosen.
import { say } from './words.js';

export function drop() {
    for (const zone of document.querySelectorAll('[data-drop]')) {
        const input = zone.querySelector('input[type=file]');
        const name = zone.querySelector('[data-drop-name]');
        const most = Number(input.dataset.most);
        const mb = (bytes) => Math.round(bytes / 1048576);
        const tell = () => {
            const file = input.files[0];
            const tooLarge = file && file.size > most;
            name.textContent = !file
                ? ''
                : tooLarge
                  ? say('too_large', { name: file.name, size: mb(file.size), most: mb(most) })
                  : `${file.name}, ${Math.max(1, Math.round(file.size / 1024))} kB`;
            // Said here already, before a hundred megabytes are on their way for nothing.
            input.setCustomValidity(tooLarge ? name.textContent : '');
        };
        input.addEventListener('change', tell);
        for (const kind of ['dragover', 'dragenter']) {
            zone.addEventListener(kind, (event) => {
                event.preventDefault();
                zone.classList.add('over');
            });
        }
        zone.addEventListener('dragleave', () => zone.classList.remove('over'));
        zone.addEventListener('drop', (event) => {
            event.preventDefault();
            zone.classList.remove('over');
            if (event.dataTransfer.files.length === 0) return;
            input.files = event.dataTransfer.files;
            tell();
        });
    }
}
