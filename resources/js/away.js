// A tablet at a machine while the shop does not answer: it goes on taking touches, says how many wait, and delivers them
// once and in order when the shop is back. What the shop refuses is shown until somebody has seen it.
import { add, all, change, remove } from './kept.js';
import { say } from './words.js';

const field = (touch, name) => touch.fields.find(([one]) => one === name)?.[1] ?? '';
const timeOf = (touch) =>
    new Date(touch.at).toLocaleTimeString(document.documentElement.lang, { hour: '2-digit', minute: '2-digit' });

/** Where the machine stands by what the shop said last and what was touched since. */
function stageAfter(stage, touches, table) {
    return touches.reduce((at, touch) => {
        const kind = field(touch, 'kind');
        return table[at]?.find((one) => one.kind === kind)?.to ?? at;
    }, stage);
}

function button(label, act, look = 'btn w-full') {
    const made = document.createElement('button');
    made.type = 'button';
    made.className = look;
    made.textContent = label;
    made.addEventListener('click', act);
    return made;
}

function line(text, list) {
    const item = document.createElement('li');
    item.className = 'flex items-center gap-3 border-b border-hair py-1';
    const words = document.createElement('span');
    words.className = 'flex-1';
    words.textContent = text;
    item.append(words);
    list.append(item);
    return item;
}

/** Shows what waits, what was refused, and what can be touched meanwhile. */
export async function show() {
    const panel = document.getElementById('kept');
    const station = document.getElementById('station');
    if (!panel || !station) return;
    const touches = await all();
    const path = new URL(station.dataset.events).pathname;
    const table = JSON.parse(station.dataset.touches);
    const labels = Object.fromEntries(
        Object.values(table)
            .flat()
            .map((one) => [one.kind, one.label]),
    );
    const waiting = touches.filter((touch) => !touch.refused);
    const refused = touches.filter((touch) => touch.refused);
    const isAway = !document.getElementById('lost').hidden;
    panel.hidden = touches.length === 0;
    document.getElementById('kept-count').textContent =
        waiting.length === 0
            ? ''
            : waiting.length === 1
              ? say('one_touch_waits')
              : say('touches_wait', { count: waiting.length });
    const list = document.getElementById('kept-list');
    list.replaceChildren();
    for (const touch of waiting)
        line(
            `${timeOf(touch)} ${labels[field(touch, 'kind')] ?? field(touch, 'kind').replaceAll('_', ' ')}, ` +
                field(touch, 'batch'),
            list,
        );
    for (const touch of refused) {
        line(
            say('not_taken', {
                touch: `${timeOf(touch)} ${labels[field(touch, 'kind')] ?? field(touch, 'kind')}`,
                why: touch.refused,
            }),
            list,
        ).append(
            button(
                say('seen'),
                async () => {
                    await remove(touch.seq);
                    await show();
                },
                'btn btn-small',
            ),
        );
    }
    // The page's own buttons are those of before; these follow what was touched since.
    const here = waiting.filter((touch) => touch.path === path);
    const act = document.getElementById('kept-act');
    act.replaceChildren();
    for (const form of station.querySelectorAll('form[action$="/events"]')) form.hidden = here.length > 0;
    if (here.length === 0 || !isAway) return;
    const who = document.getElementById('at-machine')?.value ?? '';
    for (const one of table[stageAfter(station.dataset.stage, here, table)] ?? []) {
        act.append(
            button(one.label, async () => {
                await add(path, [
                    ['id', crypto.randomUUID()],
                    ['batch', station.dataset.batch],
                    ['kind', one.kind],
                    ...(who === '' ? [] : [['who', who]]),
                ]);
                await show();
            }),
        );
    }
}

/** The sign that forms carry, of the session as it is now. */
async function token() {
    const answer = await fetch('/floor', { headers: { Accept: 'text/html' } });
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    if (!answer.ok || (answer.redirected && new URL(answer.url).pathname === '/sign-in'))
        throw new Error('nobody is signed in');
    return page.querySelector('meta[name=csrf-token]').content;
}

/** In order, each once: its id is that of the touch. True when something was delivered. */
export async function deliver() {
    return navigator.locks.request('deliver', { ifAvailable: true }, async (lock) => {
        const waiting = lock ? (await all()).filter((touch) => !touch.refused) : [];
        if (waiting.length === 0) return false;
        const sign = await token();
        for (const touch of waiting) {
            const body = new FormData();
            for (const [name, value] of touch.fields) body.append(name, value);
            body.append('at', touch.at);
            const answer = await fetch(touch.path, {
                method: 'POST',
                body,
                headers: { Accept: 'application/json', 'X-CSRF-TOKEN': sign },
            });
            if (answer.ok) {
                await remove(touch.seq);
            } else if ([409, 422, 403, 404].includes(answer.status)) {
                const said = await answer.json().catch(() => ({}));
                await change({ ...touch, refused: said.message ?? say('refused') });
            } else {
                throw new Error(`the shop answered ${answer.status}`);
            }
        }
        return true;
    });
}

export function away() {
    if (!document.getElementById('station') || !('serviceWorker' in navigator)) return;
    navigator.serviceWorker
        .register(document.getElementById('station').dataset.worker, { scope: '/floor' })
        .catch(() => {});
    show();
}
