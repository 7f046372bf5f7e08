<script setup lang="ts">
import { day } from '@/shared/format';
import { computed } from 'vue';
import type { Walk, Week } from './api';

/* Days side by side, hours below each other, one line for every walk. */
const props = defineProps<{
    week: Week;
    closed: Set<string>;
    chosen: { slot: string; vehicle: number } | undefined;
    mayPlan: boolean;
}>();
defineEmits<{ close: [slot: string]; choose: [slot: string, vehicle: number] }>();

const days = computed(() => [...new Set(props.week.slots.map((slot) => slot.slice(0, 10)))]);
const hours = computed(() => [...new Set(props.week.slots.map((slot) => slot.slice(11)))]);
const names = computed(() => ({
    student: new Map(props.week.students.map((one) => [one.id, one.name])),
    vehicle: new Map(props.week.vehicles.map((one) => [one.id, one.name])),
    instructor: new Map(props.week.instructors.map((one) => [one.id, one.name])),
}));
const at = computed(() => {
    const by = new Map<string, Walk[]>();
    for (const walk of props.week.walks) by.set(walk.slot, [...(by.get(walk.slot) ?? []), walk]);
    return by;
});
const hasBegun = (slot: string): boolean => slot <= props.week.now;
const weekday = (of: string): string =>
    new Intl.DateTimeFormat('en-US', { weekday: 'short', timeZone: 'UTC' }).format(new Date(of));
/** The first vehicle that nobody has then. */
const free = (slot: string): number | undefined =>
    props.week.vehicles.find(
        ({ id, note }) => note === null && !(at.value.get(slot) ?? []).some((walk) => walk.vehicle_id === id),
    )?.id;
</script>

<template>
    <div class="wide">
        <table data-test="week">
            <thead>
                <tr>
                    <th scope="col"><span class="visually-hidden">Hour</span></th>
                    <th v-for="one in days" :key="one" scope="col">{{ weekday(one) }} {{ day(one) }}</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="hour in hours" :key="hour">
                    <th scope="row" class="numeral">{{ hour }}</th>
                    <td
                        v-for="one in days"
                        :key="one"
                        :class="{ begun: hasBegun(`${one}T${hour}`), closed: closed.has(`${one}T${hour}`) }"
                    >
                        <button
                            v-for="walk in at.get(`${one}T${hour}`) ?? []"
                            :key="walk.vehicle_id"
                            type="button"
                            class="walk"
                            :class="{
                                chosen: chosen?.slot === walk.slot && chosen.vehicle === walk.vehicle_id,
                            }"
                            :disabled="!mayPlan"
                            :title="walk.why"
                            @click="$emit('choose', walk.slot, walk.vehicle_id)"
                        >
                            <strong>{{ walk.fixed ? '◆ ' : '' }}{{ names.student.get(walk.student_id) }}</strong>
                            <small>{{ names.vehicle.get(walk.vehicle_id) }}</small>
                            <small>with {{ names.instructor.get(walk.instructor_id) }}</small>
                        </button>
                        <span v-if="mayPlan && !hasBegun(`${one}T${hour}`)" class="acts no-print">
                            <button
                                v-if="free(`${one}T${hour}`) !== undefined && !closed.has(`${one}T${hour}`)"
                                type="button"
                                class="little"
                                :aria-label="`Set a walk on ${weekday(one)} at ${hour}`"
                                @click="$emit('choose', `${one}T${hour}`, free(`${one}T${hour}`) ?? 0)"
                            >
                                Set
                            </button>
                            <button
                                type="button"
                                class="little"
                                :aria-pressed="closed.has(`${one}T${hour}`)"
                                :aria-label="`Close ${weekday(one)} at ${hour}`"
                                @click="$emit('close', `${one}T${hour}`)"
                            >
                                {{ closed.has(`${one}T${hour}`) ? 'Open' : 'Close' }}
                            </button>
                        </span>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
    <p class="quiet">◆ set by hand: a proposal plans around it. Times are the school's.</p>
</template>

<style scoped>
.wide {
    overflow-x: auto;
}
table {
    width: 100%;
    min-width: 900px;
    border-collapse: collapse;
    table-layout: fixed;
}
th:first-child {
    width: 64px;
}
th,
td {
    vertical-align: top;
    text-align: left;
    padding: var(--space-2);
    border-bottom: 1px solid var(--line);
}
.begun {
    background: var(--sunken);
}
.closed {
    background: repeating-linear-gradient(45deg, transparent 0 8px, var(--line) 8px 10px);
}
.walk {
    display: block;
    width: 100%;
    margin-bottom: var(--space-2);
    padding: var(--space-3);
    text-align: left;
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    cursor: pointer;
}
.walk.chosen {
    border-color: var(--ink);
}
.walk small {
    display: block;
    color: var(--quiet);
}
.little {
    min-height: 44px;
    padding: 0 var(--space-4);
    border: 0;
    background: none;
    color: var(--strong);
    text-decoration: underline;
    cursor: pointer;
}
</style>
