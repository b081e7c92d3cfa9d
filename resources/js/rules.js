// Many rules on one page: those that are looked for are shown, and the sections that hold them are opened.
export function rules() {
    const find = document.querySelector('[data-finds]');
    if (!find) return;
    const only = document.querySelector('[data-only-changed]');
    const sections = [...document.querySelectorAll('[data-station]')];
    const look = () => {
        const words = find.value.toLowerCase().split(/\s+/).filter(Boolean);
        for (const section of sections) {
            let shown = 0;
            for (const rule of section.querySelectorAll(find.dataset.finds)) {
                const text = rule.textContent.toLowerCase();
                rule.hidden =
                    !words.every((word) => text.includes(word)) || (only.checked && !rule.hasAttribute('data-changed'));
                shown += rule.hidden ? 0 : 1;
            }
            section.hidden = shown === 0;
            section.open = words.length > 0 || only.checked;
        }
    };
    find.addEventListener('input', look);
    only.addEventListener('change', look);
    // Looking for something is no saving.
    find.addEventListener('keydown', (event) => {
        if (event.key === 'Enter') event.preventDefault();
    });
    const reach = () => {
        const wanted = location.hash && document.getElementById(location.hash.slice(1));
        const section = wanted?.closest?.('details');
        if (!section) return;
        section.open = true;
        wanted.scrollIntoView({ block: 'center' });
    };
    reach();
    window.addEventListener('hashchange', reach);
}
