import { axisBottom, axisLeft } from 'd3-axis';
import { scaleBand, scaleLinear } from 'd3-scale';
import { select } from 'd3-selection';

const [WIDTH, HEIGHT, LEFT, BOTTOM] = [460, 170, 46, 34];

/** Draws a table as bars, oldest first: each row has its label and value. The table stays and is what is read out. */
for (const figure of document.querySelectorAll('[data-chart]')) {
    const table = document.getElementById(figure.dataset.chart);
    const bars = [...table.querySelectorAll('tr[data-value]')]
        .map((row) => ({ label: row.dataset.label, value: Number(row.dataset.value) }))
        .reverse();
    if (bars.length < 2) continue;
    const x = scaleBand(
        bars.map((bar) => bar.label),
        [LEFT, WIDTH],
    ).padding(0.25);
    const y = scaleLinear([0, Math.max(1, ...bars.map((bar) => bar.value))], [HEIGHT - BOTTOM, 8]).nice(4);
    const svg = select(figure)
        .append('svg')
        .attr('viewBox', `0 0 ${WIDTH} ${HEIGHT}`)
        .attr('class', 'w-full')
        .attr('aria-hidden', 'true');
    svg.selectAll('rect')
        .data(bars)
        .join('rect')
        .attr('class', 'chart-bar')
        .attr('x', (bar) => x(bar.label))
        .attr('width', x.bandwidth())
        .attr('y', (bar) => y(bar.value))
        .attr('height', (bar) => y(0) - y(bar.value))
        .append('title')
        .text((bar) => `${bar.label}: ${bar.value}`);
    // No more labels than there is room for.
    const every = Math.ceil(bars.length / 7);
    svg.append('g')
        .attr('transform', `translate(0 ${HEIGHT - BOTTOM})`)
        .call(
            axisBottom(x)
                .tickValues(bars.filter((_, i) => i % every === 0).map((bar) => bar.label))
                .tickFormat((label) => label.split(',')[0])
                .tickSizeOuter(0),
        );
    svg.append('g')
        .attr('transform', `translate(${LEFT} 0)`)
        .call(
            axisLeft(y)
                .ticks(4)
                .tickFormat((value) => (value >= 1000 ? `${value / 1000} k` : value))
                .tickSizeOuter(0),
        );
    svg.selectAll('text').attr('font-size', 11).attr('font-family', 'inherit');
    figure.hidden = false;
}
