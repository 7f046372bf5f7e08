import type { EditorWords } from '../api';

const quoted = (cell: string): string => (/[",\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell);

/** A table to fill in: a heading for every column that is understood, and a line for every known part. */
export function listTemplate({ columns, parts }: Pick<EditorWords, 'columns' | 'parts'>): string {
    const needed = columns.filter(({ value }) => value !== 'nothing');
    const rows = parts.map(({ name }) => needed.map(({ value }) => (value === 'part' ? quoted(name) : '')).join(','));
    return [needed.map(({ label }) => quoted(label)).join(','), ...rows].join('\r\n') + '\r\n';
}
