<script setup lang="ts">
import { daysFrom } from '@/shared/format';
import { readyWords, withDoubt } from '@/shared/progress/chances';
import type { Row } from './classFilter';

defineProps<{ students: Row[] }>();
const chance = (one: Row): string =>
    one.chance === null || one.low === null || one.high === null
        ? ''
        : withDoubt({ chance: one.chance, low: one.low, high: one.high });
/** Best share of each week as a bar; a week without a walk is a gap. */
const HIGH = 26;
const height = (permille: number | null): number => (permille === null ? 0 : Math.max(2, (HIGH * permille) / 1000));
const weeksSaid = (weeks: (number | null)[]): string =>
    weeks.map((one) => (one === null ? 'no walk' : `${Math.round(one / 10)}%`)).join(', ');
</script>

<template>
    <div class="wide">
        <table class="record-table" data-test="class">
            <thead>
                <tr>
                    <th scope="col">Student</th>
                    <th scope="col">Exam</th>
                    <th scope="col">Ready?</th>
                    <th scope="col">What stands in the way</th>
                    <th scope="col">Practice first</th>
                    <th scope="col">Eight weeks</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="one in students" :key="one.id">
                    <th scope="row">
                        <RouterLink :to="{ name: 'student', params: { id: one.id } }">{{ one.name }}</RouterLink>
                        <small class="quiet">{{
                            one.last_attempt_at === null ? 'no walk yet' : `last walk ${daysFrom(one.last_attempt_at)}`
                        }}</small>
                    </th>
                    <td>{{ one.exam_on ? daysFrom(one.exam_on) : 'no date' }}</td>
                    <td>
                        <strong>{{ one.is_fitting ? 'being worked out' : readyWords[one.ready] }}</strong>
                        <span class="numeral doubt">{{ chance(one) }}</span>
                    </td>
                    <td class="why">
                        {{ one.limits || (one.is_fitting ? 'It comes by itself.' : 'Nothing was scored yet.') }}
                    </td>
                    <td>{{ one.first?.name ?? '' }}</td>
                    <td>
                        <svg width="88" :height="HIGH" role="img" :aria-label="weeksSaid(one.weeks)">
                            <rect
                                v-for="(week, n) in one.weeks"
                                :key="n"
                                :x="11 * n"
                                :y="HIGH - height(week)"
                                width="8"
                                :height="height(week)"
                            />
                        </svg>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
</template>

<style scoped>
.wide {
    overflow-x: auto;
}
small,
.doubt {
    display: block;
    font-weight: 400;
}
.doubt {
    white-space: nowrap;
}
.why {
    max-width: 34ch;
    font-size: var(--size-quiet);
}
@media (max-width: 700px) {
    :is(th, td):nth-child(4),
    :is(th, td):nth-child(6) {
        display: none;
    }
}
rect {
    fill: var(--ink);
}
</style>
