import type { ClassView } from '@/shared/progress/api';
import { schoolDay } from '@/shared/format';

export type Row = ClassView['students'][number];

export interface Filter {
    class: string | null;
    vehicle: string | null;
    instructor: string | null;
    /** Exam within so many days; null for all. */
    within: number | null;
}

export const NO_FILTER: Filter = { class: null, vehicle: null, instructor: null, within: null };

const DAY_MS = 86_400_000;

const daysTo = (day: string): number => (Date.parse(day) - Date.parse(schoolDay())) / DAY_MS;

/** Who is least ready for the nearest exam comes first: that is where help is needed. */
export const filtered = (students: Row[], { class: of, vehicle, instructor, within }: Filter): Row[] =>
    students
        .filter(
            (one) =>
                (of === null || one.class_name === of) &&
                (vehicle === null || one.vehicle === vehicle) &&
                (instructor === null || one.instructor === instructor) &&
                (within === null ||
                    (one.exam_on !== null && daysTo(one.exam_on) >= 0 && daysTo(one.exam_on) <= within)),
        )
        .sort(
            (a, b) => (a.exam_on ?? '9999').localeCompare(b.exam_on ?? '9999') || (a.chance ?? -1) - (b.chance ?? -1),
        );

/** The values of a field, each once, as choices. */
export const choices = (students: Row[], of: 'class_name' | 'vehicle' | 'instructor') =>
    [...new Set(students.map((one) => one[of] ?? '').filter((name) => name !== ''))]
        .sort()
        .map((name) => ({ value: name, label: name }));
