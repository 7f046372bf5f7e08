const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** Milliseconds as m:ss. */
export const minutes = (ms: number): string => clock(Math.floor(ms / 1000));

/** Thousandths as percent with one decimal, rounded down as the server does it. */
export const percent = (permille: number): string => `${Math.floor(permille / 10)}.${permille % 10}%`;

let zone: string | undefined;

/** The time zone of the school, in which all days and times are shown wherever the reader is. */
export function useSchoolZone(name: string | undefined): void {
    zone = name;
}

/** A day such as an exam's has no hour, so no zone moves it. */
const isDay = (iso: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(iso);
const format = (iso: string, options: Intl.DateTimeFormatOptions): string =>
    new Intl.DateTimeFormat('en-US', { ...options, timeZone: isDay(iso) ? 'UTC' : zone }).format(new Date(iso));

/** "Nov 4" for an ISO date or time. */
export const day = (iso: string): string => format(iso, { day: 'numeric', month: 'short' });

/** "Nov 4, 2026" for an ISO date or time: where an auditor reads, the year is there. */
export const dayOfYear = (iso: string): string => format(iso, { dateStyle: 'medium' });

/** "3:30 PM" for an ISO time. */
export const timeOfDay = (iso: string): string => format(iso, { timeStyle: 'short' });

/** "Nov 4, 2026, 3:30 PM" for an ISO time. */
export const dayAndTime = (iso: string): string => format(iso, { dateStyle: 'medium', timeStyle: 'short' });

/** The day that it is at the school, as year-month-day. */
export const schoolDay = (at = new Date()): string =>
    new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short', timeZone: zone }).format(at);

const DAY_MS = 86_400_000;

/** "today", "yesterday", "in 6 days", "22 days ago", by the school's calendar. */
export function daysFrom(iso: string, now = new Date()): string {
    const midnight = (of: string): number => Date.parse(`${of}T00:00:00Z`);
    const days = Math.round(
        (midnight(isDay(iso) ? iso : schoolDay(new Date(iso))) - midnight(schoolDay(now))) / DAY_MS,
    );
    if (days === 0) return 'today';
    if (days === -1) return 'yesterday';
    if (days === 1) return 'tomorrow';
    return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

/** "9:12 AM" of today, "Nov 4, 2026, 9:12 AM" of another day: when what is shown was fresh. */
export const asOfWords = (iso: string, now = new Date()): string =>
    schoolDay(new Date(iso)) === schoolDay(now) ? timeOfDay(iso) : dayAndTime(iso);
