// Lines of an order: a colour is drawn by its name, an artwork's file may be dropped where the artwork is chosen.
import { say } from './words.js';

const PATIENCE_MS = 15000;
const EVERY_MS = 400;

async function nameColour(field) {
    const hex = document.getElementById(field.dataset.colourOf);
    const picker = document.querySelector(`[data-picks="${hex.id}"]`);
    // What somebody chose by hand is theirs.
    if (hex.value !== '' && hex.value !== hex.dataset.named) return;
    const answer = await fetch(`${field.dataset.colours}?name=${encodeURIComponent(field.value)}`, {
        headers: { Accept: 'application/json' },
    });
    const named = answer.ok ? (await answer.json()).hex : null;
    hex.value = named ?? '';
    hex.dataset.named = hex.value;
    if (named && picker) picker.value = named;
    if (named) hex.dispatchEvent(new Event('change', { bubbles: true }));
}

async function json(url, options = {}) {
    const answer = await fetch(url, { ...options, headers: { Accept: 'application/json' } });
    const body = await answer.json().catch(() => ({}));
    if (!answer.ok) throw new Error(Object.values(body.errors ?? {})[0]?.[0] ?? body.message ?? answer.statusText);
    return body;
}

/** A tape is read beside: until it is, nothing fits or does not. */
async function untilRead(artwork) {
    const begun = performance.now();
    let now = artwork;
    while (!now.is_read && now.refused === '' && performance.now() - begun < PATIENCE_MS) {
        await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
        now = await json(artwork.url);
    }
    return now;
}

async function take(zone, file) {
    const said = zone.querySelector('output');
    const select = zone.querySelector('select');
    const input = zone.querySelector('input[type=file]');
    const name = file.name;
    if (file.size > Number(input.dataset.most)) {
        const mb = (bytes) => Math.round(bytes / 1048576);
        said.textContent = say('too_large', { name, size: mb(file.size), most: mb(Number(input.dataset.most)) });
        return;
    }
    said.textContent = say('tape_reading', { name });
    const form = new FormData();
    form.append('tape', file);
    form.append('_token', document.querySelector('meta[name="csrf-token"]').content);
    try {
        const artwork = await untilRead(await json(zone.dataset.artDrop, { method: 'POST', body: form }));
        if (artwork.refused !== '') throw new Error(artwork.refused);
        for (const other of document.querySelectorAll('[data-art-drop] select')) {
            if (![...other.options].some((option) => option.value === String(artwork.id)))
                other.add(new Option(artwork.name, artwork.id));
        }
        select.value = artwork.id;
        said.textContent = say('tape_added', { name: artwork.name });
        select.dispatchEvent(new Event('change', { bubbles: true }));
    } catch (problem) {
        said.textContent = say('tape_refused', { name, why: problem.message });
    }
    input.value = '';
}

/** Only places that the garment has are offered; one that it has not gives way to its usual one. */
function offer(line, isNew) {
    const garment = line.querySelector('select[name$="[garment]"]')?.selectedOptions[0];
    if (!garment) return;
    const places = garment.dataset.positions.split(' ');
    for (const [i, select] of line.querySelectorAll('select[name$="[position]"]').entries()) {
        for (const option of select.options) {
            option.hidden = option.value !== '' && !places.includes(option.value);
            option.disabled = option.hidden && option.value !== select.value;
        }
        if (isNew && select.value !== '' && !places.includes(select.value)) select.value = i === 0 ? places[0] : '';
    }
    catalogued(line);
    const fabric = line.querySelector('select[name$="[fabric]"]');
    if (isNew && !fabric.dataset.chosen) fabric.value = garment.dataset.fabric;
}

/** What the catalogue would say is offered where it knows the style, and nowhere else. */
function catalogued(line) {
    const style = line.querySelector('input[name$="[style]"]');
    const known = [...(document.getElementById('styles')?.options ?? [])].some((one) => one.value === style.value);
    for (const select of line.querySelectorAll('.only-cap select')) {
        const none = select.querySelector('option[value="none"]');
        none.hidden = none.disabled = !known;
        if (!known && select.value === 'none') select.selectedIndex = -1;
        if (known && select.selectedIndex === -1) select.value = 'none';
    }
}

export function lines() {
    for (const line of document.querySelectorAll('fieldset.line')) offer(line, false);
    document.addEventListener('htmx:load', (event) => {
        if (event.detail.elt.matches?.('fieldset.line')) offer(event.detail.elt, false);
    });
    document.addEventListener('change', (event) => {
        if (event.target.dataset.colourOf) nameColour(event.target);
        if (event.target.name?.endsWith('[garment]')) offer(event.target.closest('.line'), true);
        if (event.target.name?.endsWith('[fabric]')) event.target.dataset.chosen = '1';
        if (event.target.name?.endsWith('[style]')) catalogued(event.target.closest('.line'));
        const zone = event.target.type === 'file' && event.target.closest('[data-art-drop]');
        if (!zone) return;
        // It is on its way by itself: the form that it stands in has not changed.
        event.stopPropagation();
        if (event.target.files[0]) take(zone, event.target.files[0]);
    });
    for (const kind of ['dragover', 'dragenter', 'dragleave', 'drop']) {
        document.addEventListener(kind, (event) => {
            const zone = event.target instanceof Element && event.target.closest('[data-art-drop]');
            if (!zone) return;
            event.preventDefault();
            zone.classList.toggle('over', kind === 'dragover' || kind === 'dragenter');
            if (kind === 'drop' && event.dataTransfer.files[0]) take(zone, event.dataTransfer.files[0]);
        });
    }
}
