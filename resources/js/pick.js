// Days and hours are typed and picked as whoever reads writes them; what is sent is always the same. Without this script,
// and on telephones, the browser's own fields do it.
import flatpickr from 'flatpickr/dist/esm/index.js';
import { say } from './words.js';

const FIELDS = 'input[type="date"], input[type="datetime-local"], input[type="time"]';
const page = document.documentElement.dataset;

const two = (number) => String(number).padStart(2, '0');

function isoDay(date) {
    return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

function isoTime(date) {
    return `${two(date.getHours())}:${two(date.getMinutes())}`;
}

const KINDS = {
    date: { iso: isoDay, day: true, time: false },
    'datetime-local': { iso: (date) => `${isoDay(date)}T${isoTime(date)}`, day: true, time: true },
    time: { iso: isoTime, day: false, time: true },
};

function formats() {
    const locale = page.locale;
    const hour12 = page.hours === '12';
    return {
        hour12,
        day: new Intl.DateTimeFormat(locale, { day: '2-digit', month: '2-digit', year: 'numeric' }),
        time: new Intl.DateTimeFormat(locale, { hour: hour12 ? 'numeric' : '2-digit', minute: '2-digit', hour12 }),
        full: new Intl.DateTimeFormat(locale, { dateStyle: 'full' }),
    };
}

/** Which of day, month and year comes when. */
function order(format) {
    return format
        .formatToParts(new Date(2026, 2, 4))
        .map((part) => part.type)
        .filter((type) => ['day', 'month', 'year'].includes(type));
}

function readDay(text, format) {
    const numbers = text.match(/\d+/g)?.map(Number) ?? [];
    // Year first can only be meant in one way.
    const isIso = /^\s*\d{4}\D/.test(text);
    const places = isIso ? ['year', 'month', 'day'] : order(format);
    const now = new Date();
    const typed = { year: now.getFullYear() };
    if (numbers.length === 2 && !isIso) places.splice(places.indexOf('year'), 1);
    else if (numbers.length !== 3) return null;
    for (const [i, place] of places.entries()) typed[place] = numbers[i];
    if (typed.year < 100) typed.year += 2000;
    const date = new Date(typed.year, typed.month - 1, typed.day);
    return date.getMonth() === typed.month - 1 && date.getDate() === typed.day ? date : null;
}

function readTime(text) {
    const found = text.trim().match(/^(\d{1,2})(?:\s*[.:h]\s*(\d{2})|(\d{2}))?\s*h?\s*(?:([ap])\.?\s*m?\.?)?$/i);
    if (!found) return null;
    let hour = Number(found[1]);
    const minute = Number(found[2] ?? found[3] ?? 0);
    const half = found[4]?.toLowerCase();
    if (half && (hour < 1 || hour > 12)) return null;
    if (half) hour = (hour % 12) + (half === 'p' ? 12 : 0);
    return hour < 24 && minute < 60 ? { hour, minute } : null;
}

/** What was typed, or what a page has sent; null for what is neither. */
export function read(text, kind, format) {
    const words = text.trim();
    if (!kind.time) return readDay(words, format.day);
    // The hours come last: behind a T, or behind the last space that is not before "pm".
    const cut = kind.day
        ? words.match(/^(.*\d)(?:T|,?\s+)(\d{1,2}(?:\s*[.:h]\s*\d{2})?\s*(?:[ap]\.?\s*m\.?)?)$/i)
        : ['', '', words];
    const date = cut && (kind.day ? readDay(cut[1], format.day) : new Date(2026, 0, 1));
    const time = cut && readTime(cut[2]);
    if (!date || !time) return null;
    date.setHours(time.hour, time.minute, 0, 0);
    return date;
}

function shown(date, kind, format) {
    return [kind.day && format.day.format(date), kind.time && format.time.format(date)]
        .filter(Boolean)
        .join(' ')
        .replaceAll('\u202f', '\u00a0');
}

function names() {
    const of = (options, dates) => dates.map((date) => new Intl.DateTimeFormat(page.locale, options).format(date));
    const week = [...Array(7)].map((_, i) => new Date(2026, 2, 1 + i));
    const year = [...Array(12)].map((_, i) => new Date(2026, i, 1));
    const half = (hour) =>
        new Intl.DateTimeFormat(page.locale, { hour: 'numeric', hour12: true })
            .formatToParts(new Date(2026, 0, 1, hour))
            .find((part) => part.type === 'dayPeriod')?.value ?? '';
    return {
        weekdays: { shorthand: of({ weekday: 'short' }, week), longhand: of({ weekday: 'long' }, week) },
        months: { shorthand: of({ month: 'short' }, year), longhand: of({ month: 'long' }, year) },
        firstDayOfWeek: Number(page.firstDay) % 7,
        amPM: [half(9), half(15)],
        yearAriaLabel: say('year'),
        monthAriaLabel: say('month'),
        hourAriaLabel: say('hour'),
        minuteAriaLabel: say('minute'),
        scrollTitle: '',
        toggleTitle: '',
    };
}

function pick(field, format, locale) {
    const type = field.getAttribute('type');
    const kind = KINDS[type];
    const label = field.id;
    const picker = flatpickr(field, {
        locale,
        allowInput: true,
        disableMobile: true,
        altInput: true,
        altInputClass: field.className,
        dateFormat: 'iso',
        altFormat: 'shown',
        ariaDateFormat: 'full',
        enableTime: kind.time,
        noCalendar: !kind.day,
        time_24hr: !format.hour12,
        minDate: field.min || undefined,
        maxDate: field.max || undefined,
        formatDate: (date, as) =>
            as === 'iso' ? kind.iso(date) : as === 'full' ? format.full.format(date) : shown(date, kind, format),
        parseDate: (text) => read(text, kind, format) ?? undefined,
        errorHandler: () => {},
    });
    const typed = picker.altInput;
    if (label) {
        field.id = `${label}-iso`;
        typed.id = label;
    }
    for (const name of ['aria-describedby', 'aria-invalid', 'aria-label']) {
        if (field.hasAttribute(name)) typed.setAttribute(name, field.getAttribute(name));
    }
    typed.autocomplete = 'off';
    typed.dataset.picked = type;
    // What cannot be read stays where it was typed, with what is wrong with it.
    const setDate = picker.setDate;
    picker.setDate = (date, ...how) => {
        if (typeof date !== 'string' || date.trim() === '' || read(date, kind, format)) setDate(date, ...how);
    };
    const example = shown(new Date(2026, 11, 31, 16, 30), kind, format);
    const check = () => {
        const text = typed.value;
        if (text.trim() === '') {
            typed.setCustomValidity('');
            if (picker.selectedDates.length > 0) picker.clear();
            return;
        }
        const date = read(text, kind, format);
        typed.setCustomValidity(date ? '' : say('not_read', { example }));
        if (date && kind.iso(date) !== field.value) picker.setDate(date, true);
        else if (!date) field.value = '';
    };
    typed.addEventListener('change', check, true);
    typed.addEventListener('blur', check, true);
    typed.addEventListener('input', () => typed.setCustomValidity(''));
}

/** Puts a day or a time into a field, as pages send it. */
export function put(id, iso) {
    const field = document.getElementById(`${id}-iso`) ?? document.getElementById(id);
    if (field._flatpickr) field._flatpickr.setDate(iso, true, 'iso');
    else field.value = iso;
}

/** A telephone or tablet has pickers of its own, made for the thumb. */
const HAS_OWN = /Android|iPhone|iPad|iPod/.test(navigator.userAgent) || window.matchMedia('(pointer: coarse)').matches;

export function pickers() {
    if (HAS_OWN) return;
    const format = formats();
    const locale = names();
    const dress = (root) => {
        for (const field of root.querySelectorAll(FIELDS)) if (!field._flatpickr) pick(field, format, locale);
    };
    dress(document);
    // Also a form that lets the shop say what is wrong with it is not sent with what nobody can read.
    document.addEventListener(
        'submit',
        (event) => {
            const unread = [...event.target.querySelectorAll('[data-picked]')].find((one) => one.validity.customError);
            if (!unread) return;
            event.preventDefault();
            event.stopPropagation();
            unread.reportValidity();
        },
        true,
    );
    document.addEventListener('htmx:load', (event) => dress(event.detail.elt));
    document.addEventListener('htmx:beforeCleanupElement', (event) => event.target._flatpickr?.destroy());
}
