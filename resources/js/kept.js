// What was touched while the shop did not answer: kept on this tablet in the order in which it happened, until the shop
// has taken it or refused it.
const STORE = 'touches';

function base() {
    return new Promise((resolve, reject) => {
        const asked = indexedDB.open('hakama', 1);
        asked.onupgradeneeded = () => asked.result.createObjectStore(STORE, { keyPath: 'seq', autoIncrement: true });
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = () => reject(asked.error);
    });
}

async function within(mode, act) {
    const opened = await base();
    return new Promise((resolve, reject) => {
        const deal = opened.transaction(STORE, mode);
        const asked = act(deal.objectStore(STORE));
        deal.oncomplete = () => {
            opened.close();
            resolve(asked?.result);
        };
        deal.onerror = () => reject(deal.error);
    });
}

/** fields: pairs of name and value, as a form sends them. The time is that of the touch. */
export const add = (path, fields) =>
    within('readwrite', (store) => store.add({ path, fields, at: new Date().toISOString() }));
export const all = () => within('readonly', (store) => store.getAll());
export const change = (touch) => within('readwrite', (store) => store.put(touch));
export const remove = (seq) => within('readwrite', (store) => store.delete(seq));
