import { axisBottom, axisLeft } from 'd3-axis';
import { scaleBand, scaleLinear } from 'd3-scale';
import { select } from 'd3-selection';

const FONT = 12;
const RIGHT = 12;
/** So wide is a label above its bar or below its column, at most. */
const LABEL = 84;

/** What tells the parts of a bar apart, beside their colour: drawn in a square of six. */
const HATCHES = ['', 'M0 6L6 0M-1 1L1 -1M5 7L7 5', 'M0 3H6', 'M3 0V6', 'M0 0L6 6M0 6L6 0', 'M2 3H4'];

/** Of a table: the names of its figures, and a bar for each row. The table stays and is what is read out. */
function read(figure) {
    const table = document.getElementById(figure.dataset.chart);
    const bars = [...table.querySelectorAll('tr[data-values]')].map((row) => ({
        label: row.dataset.label,
        values: JSON.parse(row.dataset.values),
        said: row.dataset.said ? JSON.parse(row.dataset.said) : null,
        note: row.dataset.note ?? '',
        href: row.dataset.href ?? '',
        ahead: 'ahead' in row.dataset,
    }));
    return {
        series: [...table.querySelectorAll('th[data-series]')].map((head) => head.textContent.trim()),
        unit: figure.dataset.unit ?? '',
        line: figure.dataset.line ? Number(figure.dataset.line) : null,
        lineLabel: figure.dataset.lineLabel ?? '',
        bars,
    };
}

/** Each part of each bar with where it begins and ends: upwards from nothing, downwards where it is less. */
function parts(bars) {
    return bars.flatMap((bar) => {
        let [up, down] = [0, 0];
        return bar.values.map((value, part) => {
            const from = value < 0 ? down : up;
            if (value < 0) down += value;
            else up += value;
            return { bar, part, value, from, to: from + value };
        });
    });
}

function said({ bar, part }, { series, unit }) {
    const value = bar.said ? bar.said[part] : bar.values[part];
    const what = series.length > 1 ? `${series[part]} ` : '';
    return `${bar.label}: ${what}${value} ${unit}${bar.note ? `, ${bar.note}` : ''}`.trim();
}

function hatches(svg, id, count) {
    const defs = svg.append('defs');
    for (let i = 0; i < count; i++) {
        const pattern = defs
            .append('pattern')
            .attr('id', `${id}-${i}`)
            .attr('patternUnits', 'userSpaceOnUse')
            .attr('width', 6)
            .attr('height', 6);
        pattern.append('rect').attr('width', 6).attr('height', 6).attr('class', `chart-part-${i}`);
        pattern.append('path').attr('d', HATCHES[i]).attr('class', `chart-hatch-${i}`);
    }
}

function legend(svg, id, { series }, width) {
    if (series.length < 2) return 0;
    let [x, y] = [0, 0];
    const group = svg.append('g').attr('font-size', FONT);
    for (const [i, name] of series.entries()) {
        const room = 26 + name.length * 7.4;
        if (x + room > width) [x, y] = [0, y + 20];
        group
            .append('rect')
            .attr('x', x)
            .attr('y', y + 1)
            .attr('width', 14)
            .attr('height', 14)
            .attr('fill', `url(#${id}-${i % HATCHES.length})`)
            .attr('class', 'chart-edge');
        group
            .append('text')
            .attr('x', x + 20)
            .attr('y', y + 12)
            .text(name);
        x += room + 10;
    }
    return y + 28;
}

/** A link where there is more to be read, so that the keyboard reaches it; else only its words. */
function mark(svg, id, chart, place) {
    const links = svg
        .append('g')
        .selectAll('a')
        .data(parts(chart.bars).filter((one) => one.value !== 0))
        .join((enter) =>
            enter.append((one) =>
                document.createElementNS('http://www.w3.org/2000/svg', one.bar.href === '' ? 'g' : 'a'),
            ),
        )
        .attr('aria-label', (one) => (one.bar.href === '' ? null : said(one, chart)))
        .attr('href', (one) => one.bar.href || null)
        // One stop a bar is enough.
        .attr('tabindex', (one) => (one.bar.href !== '' && one.part > 0 ? -1 : null));
    place(
        links
            .append('rect')
            .attr('fill', (one) => `url(#${id}-${one.part % HATCHES.length})`)
            .attr('class', (one) => `chart-edge${one.bar.ahead ? ' chart-ahead' : ''}`),
    );
    links.append('title').text((one) => said(one, chart));
}

function range(chart) {
    const ends = parts(chart.bars).map((one) => one.to);
    return [Math.min(0, ...ends), Math.max(1, chart.line ?? 0, ...ends)];
}

function short(value) {
    return Math.abs(value) >= 1000 ? `${value / 1000} k` : value;
}

function columns(svg, id, chart, width, height, top) {
    const [left, bottom] = [54, 30];
    const x = scaleBand(
        chart.bars.map((bar) => bar.label),
        [left, width - RIGHT],
    ).padding(0.25);
    const y = scaleLinear(range(chart), [height - bottom, top + 8]).nice(4);
    mark(svg, id, chart, (rects) =>
        rects
            .attr('x', (one) => x(one.bar.label))
            .attr('width', x.bandwidth())
            .attr('y', (one) => y(Math.max(one.from, one.to)))
            .attr('height', (one) => Math.abs(y(one.from) - y(one.to))),
    );
    // No more labels than there is room for.
    const every = Math.ceil((chart.bars.length * LABEL) / (width - left));
    svg.append('g')
        .attr('transform', `translate(0 ${height - bottom})`)
        .call(
            axisBottom(x)
                .tickValues(chart.bars.filter((_, i) => i % every === 0).map((bar) => bar.label))
                .tickFormat((label) => label.split(',')[0])
                .tickSizeOuter(0),
        );
    svg.append('g')
        .attr('transform', `translate(${left} 0)`)
        .call(
            axisLeft(y)
                .ticks(4)
                .tickFormat((value) => `${short(value)}${chart.unit === '%' ? ' %' : ''}`)
                .tickSizeOuter(0),
        );
    if (chart.line !== null) {
        svg.append('line')
            .attr('x1', left)
            .attr('x2', width - RIGHT)
            .attr('y1', y(chart.line))
            .attr('y2', y(chart.line))
            .attr('class', 'chart-line');
        svg.append('text')
            .attr('x', width - 4)
            .attr('y', y(chart.line) - 5)
            .attr('text-anchor', 'end')
            .attr('font-size', FONT)
            .text(`${chart.lineLabel} ${chart.line} ${chart.unit}`);
    }
}

function rows(svg, id, chart, width, height, top) {
    const each = (height - top) / chart.bars.length;
    const room = Math.max(0, ...chart.bars.map((bar) => (bar.values.length > 1 ? 0 : `${bar.said}`.length * 7.4 + 44)));
    const x = scaleLinear(range(chart), [0, width - room - RIGHT]);
    const at = (one) => top + each * chart.bars.indexOf(one.bar) + 22;
    mark(svg, id, chart, (rects) =>
        rects
            .attr('x', (one) => x(Math.min(one.from, one.to)))
            .attr('width', (one) => Math.abs(x(one.to) - x(one.from)))
            .attr('y', at)
            .attr('height', each - 30),
    );
    const words = svg.append('g').attr('font-size', FONT + 1);
    for (const [i, bar] of chart.bars.entries()) {
        words
            .append('text')
            .attr('x', x(0))
            .attr('y', top + each * i + 15)
            .text(bar.note ? `${bar.label} · ${bar.note}` : bar.label);
        if (bar.values.length === 1) {
            words
                .append('text')
                .attr('x', Math.max(x(0), x(bar.values[0])) + 8)
                .attr('y', top + each * i + 22 + (each - 30) / 2 + 5)
                .text(`${bar.said ?? bar.values} ${chart.unit}`);
        }
    }
    if (x.domain()[0] < 0) {
        svg.append('line')
            .attr('x1', x(0))
            .attr('x2', x(0))
            .attr('y1', top)
            .attr('y2', height)
            .attr('class', 'chart-line');
    }
}

function draw(figure, number) {
    const chart = read(figure);
    const isColumns = figure.dataset.form !== 'bars';
    if (chart.bars.length < (isColumns ? 2 : 1)) return;
    if (figure.dataset.chart === 'by-period') chart.bars.reverse();
    figure.hidden = false;
    const width = Math.round(figure.clientWidth);
    const height = Math.round(figure.clientHeight);
    const id = `hatch-${number}`;
    figure.replaceChildren();
    const svg = select(figure)
        .append('svg')
        .attr('viewBox', `0 0 ${width} ${height}`)
        .attr('class', 'block h-auto w-full')
        .attr('direction', 'ltr');
    if (figure.dataset.chart === 'by-period') svg.attr('aria-hidden', 'true');
    hatches(svg, id, Math.min(HATCHES.length, chart.series.length));
    const top = legend(svg, id, chart, width);
    (isColumns ? columns : rows)(svg, id, chart, width, height, top);
    svg.selectAll('.tick text').attr('font-size', FONT).attr('font-family', 'inherit');
}

function drawAll() {
    for (const [i, figure] of document.querySelectorAll('[data-chart]').entries()) draw(figure, i);
}

drawAll();
let wide = window.innerWidth;
window.addEventListener('resize', () => {
    if (wide !== window.innerWidth) drawAll();
    wide = window.innerWidth;
});
