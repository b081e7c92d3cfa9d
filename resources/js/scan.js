import readCode from 'jsqr';
import { say } from './words.js';

/** Reads a label with the camera, or from a picture of it, and goes to the piece. Nothing is sent but what stands on it. */
const box = document.getElementById('scan');
const [video, said] = [box.querySelector('video'), box.querySelector('[data-scan=said]')];
const canvas = document.createElement('canvas');
const MOST = 1200;
let latest = '';

function read(source, width, height) {
    const scale = Math.min(1, MOST / Math.max(width, height));
    canvas.width = Math.round(width * scale);
    canvas.height = Math.round(height * scale);
    const pen = canvas.getContext('2d', { willReadFrequently: true });
    pen.drawImage(source, 0, 0, canvas.width, canvas.height);
    const code = readCode(pen.getImageData(0, 0, canvas.width, canvas.height).data, canvas.width, canvas.height);
    if (code?.data) found(code.data);

    return Boolean(code?.data);
}

/** The page of what was found; where labels are counted, each is counted when it comes before the camera. */
function found(label) {
    if (!('counts' in box.dataset)) {
        location.href = `${box.dataset.found}?code=${encodeURIComponent(label)}`;
    } else if (label !== latest) {
        latest = label;
        const field = document.getElementById('code');
        field.value = label;
        field.form.requestSubmit();
        said.textContent = say('next_label');
    }
}

box.querySelector('[data-scan=camera]').addEventListener('click', async () => {
    try {
        video.srcObject = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
    } catch {
        said.textContent = say('no_camera');
        return;
    }
    video.hidden = false;
    await video.play();
    said.textContent = say('hold_label');
    const look = () => {
        const isRead = video.videoWidth > 0 && read(video, video.videoWidth, video.videoHeight);
        if (!isRead || 'counts' in box.dataset) setTimeout(look, 150);
    };
    look();
});
document.getElementById('scan-file').addEventListener('change', async (event) => {
    const [file] = event.target.files;
    if (!file) return;
    try {
        const picture = await createImageBitmap(file);
        if (!read(picture, picture.width, picture.height)) said.textContent = say('no_label');
    } catch {
        said.textContent = say('no_picture');
    }
});
document.querySelector('[data-count]')?.addEventListener('htmx:afterRequest', (event) => {
    event.target.reset();
    event.target.querySelector('input[name=code]').focus();
});
