import htmx from 'htmx.org';
import { drop } from './drop.js';
import { floor } from './floor.js';
import { keys } from './keys.js';
import { lines } from './lines.js';
import { photo } from './photo.js';
import { pickers, put } from './pick.js';
import { plan } from './plan.js';
import { player } from './player.js';
import { rules } from './rules.js';
import { spot } from './spot.js';
import { since, timer } from './timer.js';
import { say } from './words.js';

htmx.config.includeIndicatorStyles = false;
htmx.config.allowEval = false;
// A part of one page that is loaded into another does not name it.
htmx.config.ignoreTitle = true;
htmx.config.defaultSwapStyle = 'outerHTML';
// What is drawn anew can be used at once: nothing here fades in.
htmx.config.defaultSettleDelay = 0;
// A refusal comes with a page that says why: show it like any other answer.
htmx.config.responseHandling = [
    { code: '204', swap: false },
    { code: '[23]..', swap: true },
    { code: '4..', swap: true },
    { code: '5..', swap: false, error: true },
];
window.htmx = htmx;

pickers();
keys();
drop();
plan();
floor();
lines();
photo();
player();
rules();
timer();
since();
spot();

// One touch is one touch: a form that is on its way is not sent again.
document.addEventListener('submit', (event) => {
    const form = event.target;
    if (form.dataset.sent) return event.preventDefault();
    if (!form.hasAttribute('data-hx-post') && form.method === 'post') {
        form.dataset.sent = '1';
        setTimeout(() => delete form.dataset.sent, 4000);
    }
});
// The clock of the one who sits here is most likely that of the shop.
const zone = document.querySelector('select[data-own-zone]');
const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
if (zone && [...zone.options].some((option) => option.value === here)) zone.value = here;
document.addEventListener('change', (event) => {
    if (event.target.matches('[data-send]')) event.target.form.requestSubmit();
});
// The picker is for the mouse; what is sent is the code beside it, which keys can type.
document.addEventListener('input', (event) => {
    if (event.target.dataset.picks) document.getElementById(event.target.dataset.picks).value = event.target.value;
});
// What is chosen here says what is meant there.
document.addEventListener('change', (event) => {
    const { sets, to } = event.target.dataset;
    if (sets) document.getElementById(sets).value = to;
});
document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-remove]');
    if (button) button.closest(button.dataset.remove).remove();
});
document.addEventListener('click', (event) => {
    const safe = event.target.closest('[data-due-date]');
    if (!safe) return;
    put('due_date', safe.dataset.dueDate);
    put('due_time', safe.dataset.dueTime);
    htmx.trigger('[data-hx-target="#promise"]', 'click');
});
document.addEventListener('click', (event) => {
    const copy = event.target.closest('[data-copy]');
    if (!copy) return;
    const text = document.getElementById(copy.dataset.copy);
    text.select();
    // Where the clipboard is closed, the text is at least marked.
    navigator.clipboard?.writeText(text.value).then(
        () => {
            copy.textContent = say('copied');
        },
        () => {},
    );
});
document.addEventListener('click', (event) => {
    if (event.target.closest('[data-print]')) window.print();
});
// A sheet that goes to paper says so, by whatever way it is printed.
window.addEventListener('beforeprint', () => {
    const sheet = document.querySelector('[data-printed]');
    if (sheet)
        fetch(sheet.dataset.printed, {
            method: 'POST',
            keepalive: true,
            headers: {
                Accept: 'application/json',
                'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content,
            },
        });
});
