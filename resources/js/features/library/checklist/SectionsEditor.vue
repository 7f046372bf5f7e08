<script setup lang="ts">
import { NButton, NCheckbox, NInput } from 'naive-ui';
import { ref } from 'vue';
import type { ChecklistDocument } from '../api';
import { freeId, moveBy, setCritical, stopsOf, withoutLoose } from './documentEdits';
import FormsEditor from './FormsEditor.vue';
import StopForm from './StopForm.vue';

type Section = ChecklistDocument['sections'][number];
type Stop = Section['stops'][number];

/* The walk from section to section and from stop to stop, and which sections are drawn. */
defineProps<{ document: ChecklistDocument }>();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();
/** Section that waits for a second press before it goes. */
const going = ref<string>();

function edit(id: string, change: (section: Section) => void): void {
    emit('change', (document) => {
        const section = document.sections.find((one) => one.id === id);
        if (section !== undefined) change(section);
    });
}
function move(at: number, by: number): void {
    emit('change', (document) => {
        moveBy(document.sections, at, by);
    });
}
function drop(id: string): void {
    going.value = undefined;
    emit('change', (document) => {
        document.sections = document.sections.filter((section) => section.id !== id);
        withoutLoose(document);
    });
}
function stop(section: string, at: number, change: (stop: Stop) => void): void {
    edit(section, ({ stops }) => {
        const one = stops[at];
        if (one !== undefined) change(one);
    });
}
function dropStop(section: string, id: string): void {
    emit('change', (document) => {
        const of = document.sections.find((one) => one.id === section);
        if (of !== undefined) of.stops = of.stops.filter((one) => one.id !== id);
        withoutLoose(document);
    });
}
const newStop = (document: ChecklistDocument): Stop => ({
    id: freeId(
        'new stop',
        stopsOf(document).map((one) => one.stop.id),
    ),
    name: 'New stop',
    zone: 'front',
    asks: [],
});
function addStop(id: string): void {
    emit('change', (document) => {
        document.sections.find((one) => one.id === id)?.stops.push(newStop(document));
    });
}
function add(): void {
    emit('change', (document) => {
        const id = freeId(
            'new section',
            document.sections.map((one) => one.id),
        );
        document.sections.push({ id, name: 'New section', stops: [newStop(document)] });
        // Where forms are drawn, a new section is asked of everybody until somebody puts it into one.
        document.forms?.always?.push(id);
    });
}
const parts = (section: Section): number => section.stops.reduce((sum, { asks }) => sum + asks.length, 0);
</script>

<template>
    <div class="sections">
        <section v-for="(section, at) in document.sections" :key="section.id" :data-section="section.id">
            <div class="head">
                <NInput
                    :value="section.name"
                    :input-props="{ 'aria-label': `Name of section ${at + 1}` }"
                    @update:value="(value) => edit(section.id, (one) => (one.name = value))"
                />
                <NButton :disabled="at === 0" :aria-label="`${section.name} earlier`" @click="move(at, -1)">↑</NButton>
                <NButton
                    :disabled="at === document.sections.length - 1"
                    :aria-label="`${section.name} later`"
                    @click="move(at, 1)"
                    >↓</NButton
                >
                <NButton v-if="going !== section.id" quaternary @click="going = section.id">Remove</NButton>
                <NButton v-else type="warning" @click="drop(section.id)"
                    >Remove with its {{ parts(section) }} parts</NButton
                >
            </div>
            <NCheckbox
                :checked="document.rules.pass.critical_sections?.includes(section.id) ?? false"
                @update:checked="
                    (is) => $emit('change', (one) => setCritical(one, 'critical_sections', section.id, is))
                "
                >every item of it has to be earned to pass</NCheckbox
            >
            <StopForm
                v-for="(one, place) in section.stops"
                :key="one.id"
                :stop="one"
                :is-first="place === 0"
                :is-last="place === section.stops.length - 1"
                @change="(change) => stop(section.id, place, change)"
                @move="(by) => edit(section.id, ({ stops }) => moveBy(stops, place, by))"
                @drop="dropStop(section.id, one.id)"
            />
            <div><NButton @click="addStop(section.id)">Add stop</NButton></div>
        </section>
        <div><NButton data-test="add-section" @click="add">Add section</NButton></div>
        <FormsEditor :document="document" @change="(change) => $emit('change', change)" />
    </div>
</template>

<style scoped>
.sections {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-8);
}
section {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-4);
    border-left: 6px solid var(--strong);
    padding-left: var(--space-5);
}
.head {
    display: grid;
    grid-template-columns: minmax(140px, 1fr) 48px 48px auto;
    gap: var(--space-3);
    align-items: center;
    font-weight: 700;
}
@media (max-width: 600px) {
    .head {
        grid-template-columns: minmax(0, 1fr) 48px 48px;
    }
}
</style>
