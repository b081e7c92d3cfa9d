// What scripts say stands in lang/ with all other words; the page brings it along in its own language.
let words;

/** The words of a key, with its figures put in where they belong. */
export function say(key, figures = {}) {
    words ??= JSON.parse(document.getElementById('words')?.textContent ?? '{}');
    return (words[key] ?? key).replace(/\{(\w+)\}/g, (_, name) => figures[name] ?? '');
}
