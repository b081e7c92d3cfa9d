// Every action has a visible single key: an element with data-key is clicked, or focused if it is a field.
const typing = (el) => el.closest('input:not([type=checkbox]):not([type=radio]), select, textarea, dialog');

export function keys() {
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
        if (event.key === '?') {
            show();
            event.preventDefault();
            return;
        }
        const wanted = [...document.querySelectorAll('[data-key]')].find(
            (el) => el.dataset.key === event.key && el.offsetParent !== null,
        );
        if (!wanted) return;
        event.preventDefault();
        if (wanted.matches('input:not([type=checkbox]):not([type=radio]), select, textarea')) wanted.focus();
        else wanted.click();
    });
    document.addEventListener('click', (event) => {
        if (event.target.closest('[data-keys]')) show();
    });
}

function show() {
    const dialog = document.getElementById('keys');
    const list = dialog.querySelector('dl');
    list.replaceChildren();
    for (const el of document.querySelectorAll('[data-key]')) {
        if (el.offsetParent === null) continue;
        const key = document.createElement('dt');
        const what = document.createElement('dd');
        key.textContent = el.dataset.key;
        what.textContent =
            el.dataset.does ?? el.getAttribute('aria-label') ?? el.textContent.trim().replace(/\s+/g, ' ');
        what.style.textAlign = 'left';
        list.append(key, what);
    }
    for (const note of document.querySelectorAll('[data-keynote]')) {
        const [key, what] = [document.createElement('dt'), document.createElement('dd')];
        [key.textContent, what.textContent] = note.dataset.keynote.split('|');
        what.style.textAlign = 'left';
        list.append(key, what);
    }
    dialog.showModal();
}
