// On a phone a row of a table is a card: each cell says which column it stands in. Without this the table is pushed sideways.
export function cards() {
    label(document);
    document.addEventListener('htmx:afterSwap', (event) => label(event.target));
}

function label(under) {
    for (const table of under.querySelectorAll('main table:not([data-wide])')) {
        const head = table.tHead?.rows[0]?.cells;
        if (!head || table.querySelector(':scope > tbody [rowspan], :scope > thead [colspan]')) continue;
        table.classList.add('cards');
        for (const row of table.querySelectorAll(':scope > tbody > tr')) {
            [...row.cells].forEach((cell, i) => {
                const name = head[i]?.textContent.trim();
                if (name && row.cells.length === head.length) cell.dataset.label = name;
            });
        }
    }
}
