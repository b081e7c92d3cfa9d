// A photograph that never was: a frame on a machine, cloth in it, paper with four targets on the cloth, seen by a camera
// from a place that is known. Drawn pixel by pixel from the plane it stands for, with what spoils real pictures.
// arguments: settings, done. Answers the points in pixels and what the page's finder made of it.
const [settings, done] = arguments;
let state = settings.seed >>> 0;
const random = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
};
const gauss = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
const between = (a, b) => a + (b - a) * random();
const { width, height, window: hole, targets } = settings;

// Where the paper lies, and where the camera stands.
const [right, up, angle] = [between(-12, 12), between(-12, 12), between(-6, 6)];
const [tilt, turn, spin] = [between(-22, 22), between(-22, 22), between(-25, 25)].map((deg) => (deg * Math.PI) / 180);
const focal = between(0.9, 1.3) * width;
const away = (focal * between(1.25, 1.7) * hole) / width;
const turned = (() => {
    const [ct, st, cu, su, cs, ss] = [
        Math.cos(tilt), Math.sin(tilt), Math.cos(turn), Math.sin(turn), Math.cos(spin), Math.sin(spin),
    ];
    // The plane's right, up and outward as the camera sees them: spun, turned, tilted.
    const z = [[cs, -ss, 0], [ss, cs, 0], [0, 0, 1]];
    const y = [[cu, 0, su], [0, 1, 0], [-su, 0, cu]];
    const x = [[1, 0, 0], [0, ct, -st], [0, st, ct]];
    const times = (a, b) => a.map((row) => b[0].map((_, j) => row.reduce((sum, v, k) => sum + v * b[k][j], 0)));
    return times(x, times(y, z));
})();
const [aimX, aimY] = [between(-8, 8), between(-8, 8)];
// Millimetres on the plane to pixels: three by three.
const m = [
    [turned[0][0], turned[0][1], aimX], [-turned[1][0], -turned[1][1], aimY], [turned[2][0], turned[2][1], away],
];
const h = [
    m[0].map((v, i) => focal * v + (width / 2) * m[2][i]),
    m[1].map((v, i) => focal * v + (height / 2) * m[2][i]),
    m[2],
];
const seen = ([x, y]) => {
    const w = h[2][0] * x + h[2][1] * y + h[2][2];
    return [(h[0][0] * x + h[0][1] * y + h[0][2]) / w, (h[1][0] * x + h[1][1] * y + h[1][2]) / w];
};
const inverse = ((k) => {
    const [[a, b, c], [d, e, f], [g, i, j]] = k;
    return [
        [e * j - f * i, c * i - b * j, b * f - c * e],
        [f * g - d * j, a * j - c * g, c * d - a * f],
        [d * i - e * g, b * g - a * i, a * e - b * d],
    ];
})(h);

const cloth = settings.dark ? [52, 58, 74] : [168, 158, 132];
const [cos, sin] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)];
const [paperX, paperLow, paperHigh] = [targets[1][0] + 9, targets[2][1] - 9, targets[0][1] + 9];
const [metal, rim, paper, ink, line] = [[96, 92, 88], [196, 190, 178], [244, 242, 236], [26, 26, 28], [40, 40, 44]];
// The weave, a tenth of a millimetre apart: sines for each pixel would take longer than all else.
const weave = Float32Array.from({ length: 1024 }, (_, i) => 5 * Math.sin((i / 1024) * 2 * Math.PI));
const thread = (mm) => weave[Math.floor((mm * 5 * 1024) / (2 * Math.PI)) & 1023];
const near = 5 * 5;
// What lies at a place of the plane.
const shade = (x, y) => {
    const [ax, ay] = [x < 0 ? -x : x, y < 0 ? -y : y];
    if (ax > hole / 2 || ay > hole / 2) return ax > hole / 2 + 25 || ay > hole / 2 + 25 ? metal : rim;
    const px = (x - right) * cos + (y - up) * sin;
    const py = (y - up) * cos - (x - right) * sin;
    if (px >= paperX || px <= -paperX || py <= paperLow || py >= paperHigh) return cloth;
    for (let i = 0; i < targets.length; i++) {
        const square = (px - targets[i][0]) ** 2 + (py - targets[i][1]) ** 2;
        if (square < near) return square > 2 * 2 && square < 3.6 * 3.6 ? paper : ink;
    }
    // The cross between them, as the sticker has it.
    return (Math.abs(px) < 0.15 && Math.abs(py) < 7) || (Math.abs(py) < 0.15 && Math.abs(px) < 7) ? line : paper;
};

const canvas = document.createElement('canvas');
[canvas.width, canvas.height] = [width, height];
const context = canvas.getContext('2d', { willReadFrequently: true });
const image = context.createImageData(width, height);
const pixels = image.data;
// Drawn once and gone through from a place by chance in each row: to draw for each pixel takes longer than all else.
const grain = Float32Array.from({ length: 1 << 16 }, gauss);
const [glareX, glareY, glare] = [random() * width, random() * height, random() < 0.5 ? between(0.2, 0.6) : 0];
const [light, slope] = [between(0.7, 1.05), between(-0.25, 0.25)];
for (let y = 0, i = 0; y < height; y++) {
    const from = Math.floor(random() * grain.length);
    for (let x = 0; x < width; x++, i += 4) {
        const w = inverse[2][0] * x + inverse[2][1] * y + inverse[2][2];
        const mmX = (inverse[0][0] * x + inverse[0][1] * y + inverse[0][2]) / w;
        const mmY = (inverse[1][0] * x + inverse[1][1] * y + inverse[1][2]) / w;
        const colour = shade(mmX, mmY);
        const woven = colour === cloth ? thread(mmX) + thread(mmY) : 0;
        const shine = glare === 0 ? 0 : glare * 160 * Math.exp(-(((x - glareX) / (0.2 * width)) ** 2 + ((y - glareY) / (0.2 * height)) ** 2));
        const lit = light * (1 + slope * (x / width - 0.5));
        const more = shine + settings.noise * grain[(from + x) & (grain.length - 1)];
        for (let c = 0; c < 3; c++) pixels[i + c] = (colour[c] + woven) * lit + more;
        pixels[i + 3] = 255;
    }
}
context.putImageData(image, 0, 0);
context.filter = `blur(${between(0.4, settings.blur)}px)`;
context.drawImage(canvas, 0, 0);
context.filter = 'none';
// At once, not when the browser finds the time for it (`toBlob`): a page that nobody looks at may wait a second for that.
const written = atob(canvas.toDataURL('image/jpeg', 0.82).split(',')[1]);
const blob = new Blob([Uint8Array.from(written, (letter) => letter.charCodeAt(0))], { type: 'image/jpeg' });
(async () => {
    const place = document.querySelector('[data-place]').place;
    const picture = await createImageBitmap(blob);
    const before = performance.now();
    const found = place.find(picture);
    const ms = performance.now() - before;
    const touch = ([x, y]) => [x + 0.7 * gauss(), y + 0.7 * gauss()];
    const half = hole / 2;
    if (settings.open) {
        // As a person would: the picture is opened, and the four points of the frame are touched.
        await place.open(blob);
        [[0, half], [half, 0], [0, -half], [-half, 0]].forEach((mm, i) => {
            place.choose(i);
            place.put(touch(seen(mm)), false);
        });
    }
    done({
        truth: [right, up, angle],
        points: [[0, half], [half, 0], [0, -half], [-half, 0]].map((mm) => ({ mm, px: touch(seen(mm)) })),
        found,
        ms,
    });
})();
