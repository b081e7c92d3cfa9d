// A tape dropped on the field is put into it; the form is then sent as if it had been chosen.
export function drop() {
    for (const zone of document.querySelectorAll('[data-drop]')) {
        const input = zone.querySelector('input[type=file]');
        const name = zone.querySelector('[data-drop-name]');
        const most = Number(input.dataset.most);
        const mb = (bytes) => `${Math.round(bytes / 1048576)} MB`;
        const tell = () => {
            const file = input.files[0];
            const tooLarge = file && file.size > most;
            name.textContent = !file
                ? ''
                : tooLarge
                  ? `${file.name} is ${mb(file.size)}; a tape is at most ${mb(most)}. Nothing was sent.`
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
