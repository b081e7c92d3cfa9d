import { say } from './words.js';

/**
 * What is done by the clock, act after act: `data-timer` has the seconds of each, `data-acts` their names. It begins at a
 * touch, goes on to the next by itself and can be begun again.
 */
export function timer() {
    for (const box of document.querySelectorAll('[data-timer]')) {
        const seconds = box.dataset.timer.split(' ').map(Number);
        const acts = box.dataset.acts.split('|');
        const [button, shown] = [box.querySelector('button'), box.querySelector('output')];
        let running;
        const stop = (words) => {
            clearInterval(running);
            shown.textContent = words;
        };
        button.addEventListener('click', () => {
            clearInterval(running);
            const begun = performance.now();
            const show = () => {
                let left = (performance.now() - begun) / 1000;
                const at = seconds.findIndex((s) => {
                    if (left < s) return true;
                    left -= s;
                    return false;
                });
                if (at < 0) return stop(say('done'));
                const words = `${acts[at]}: ${Math.ceil(seconds[at] - left)} s`;
                if (shown.textContent !== words) shown.textContent = words;
            };
            show();
            running = setInterval(show, 200);
        });
    }
}

/** How long it is since the page was drawn, which is when something was touched last. */
export function since() {
    for (const shown of document.querySelectorAll('[data-since]')) {
        const begun = performance.now();
        const show = () => {
            const seconds = Math.floor((performance.now() - begun) / 1000);
            shown.textContent = `${shown.dataset.says}: ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}.`;
        };
        show();
        setInterval(show, 1000);
    }
}
