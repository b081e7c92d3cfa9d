// An address as a square that a camera reads, drawn as one path.
import { create } from 'qrcode';

for (const svg of document.querySelectorAll('svg[data-qr]')) {
    const { size, data } = create(svg.dataset.qr, { errorCorrectionLevel: 'M' }).modules;
    const path = [...data].map((dark, i) => (dark ? `M${i % size} ${Math.floor(i / size)}h1v1h-1z` : '')).join('');
    svg.setAttribute('viewBox', `-4 -4 ${size + 8} ${size + 8}`);
    svg.innerHTML =
        `<rect x="-4" y="-4" width="${size + 8}" height="${size + 8}" fill="#fff"/>` +
        `<path d="${path}" fill="#1d2433"/>`;
}
