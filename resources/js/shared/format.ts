const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** Milliseconds as m:ss. */
export const minutes = (ms: number): string => clock(Math.floor(ms / 1000));

/** Thousandths as percent with one decimal, rounded down as the server does it. */
export const percent = (permille: number): string => `${Math.floor(permille / 10)}.${permille % 10} %`;

const dayFormat = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** "4 Nov" for an ISO date or time. */
export const day = (iso: string): string => dayFormat.format(new Date(iso));

const DAY_MS = 86_400_000;

/** "today", "yesterday", "in 6 days", "22 days ago". */
export function daysFrom(iso: string, now = new Date()): string {
    const midnight = (date: Date): number => new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime();
    const days = Math.round((midnight(new Date(iso)) - midnight(now)) / DAY_MS);
    if (days === 0) return 'today';
    if (days === -1) return 'yesterday';
    if (days === 1) return 'tomorrow';
    return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
