<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { ChecklistDocument } from './api';
import PartForm from './PartForm.vue';

/* What is asked where, in walking order. */
const props = defineProps<{ document: ChecklistDocument }>();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();
const opened = ref<string>();
const wanted = ref('');

const parts = computed(() => new Map(props.document.components.map((part) => [part.id, part])));
const names = (id: string): string => parts.value.get(id)?.name ?? id;
const matches = (id: string): boolean => names(id).toLowerCase().includes(wanted.value.trim().toLowerCase());

function asksOf(document: ChecklistDocument, section: string, stop: string): string[] {
    return document.sections.find(({ id }) => id === section)?.stops.find(({ id }) => id === stop)?.asks ?? [];
}

function move(section: string, stop: string, at: number, by: number): void {
    emit('change', (document) => {
        const asks = asksOf(document, section, stop);
        const [taken] = asks.splice(at, 1);
        if (taken !== undefined) asks.splice(Math.max(0, at + by), 0, taken);
    });
}

function leaveOut(section: string, stop: string, id: string): void {
    opened.value = undefined;
    emit('change', (document) => {
        const asks = asksOf(document, section, stop);
        asks.splice(asks.indexOf(id), 1);
        const left = document.sections.some(({ stops }) => stops.some((one) => one.asks.includes(id)));
        if (!left) document.components = document.components.filter((part) => part.id !== id);
    });
}

function add(section: string, stop: string): void {
    const taken = new Set(props.document.components.map(({ id }) => id));
    let id = 'own.part';
    for (let n = 0; taken.has(id); n++) id = `own.part_${String.fromCharCode(97 + n)}`;
    emit('change', (document) => {
        document.components.push({ id, name: 'New part', essential: ['intact'] });
        asksOf(document, section, stop).push(id);
    });
    opened.value = `${stop}/${id}`;
}
</script>

<template>
    <div class="parts">
        <input v-model="wanted" class="find" type="search" placeholder="Part of a name" aria-label="Find a part" />
        <section v-for="section in document.sections" :key="section.id">
            <h2>{{ section.name }}</h2>
            <div v-for="stop in section.stops" :key="stop.id" class="stop">
                <h3 class="quiet">{{ stop.name }}</h3>
                <ul>
                    <template v-for="(id, at) in stop.asks" :key="id">
                        <li v-if="matches(id)">
                            <div class="row">
                                <button
                                    type="button"
                                    class="name"
                                    :aria-expanded="opened === `${stop.id}/${id}`"
                                    :data-part="id"
                                    @click="opened = opened === `${stop.id}/${id}` ? undefined : `${stop.id}/${id}`"
                                >
                                    {{ names(id) }}
                                    <small class="quiet">{{
                                        [...(parts.get(id)?.essential ?? []), ...(parts.get(id)?.parts ?? [])].join(
                                            ', ',
                                        )
                                    }}</small>
                                </button>
                                <button
                                    type="button"
                                    class="step"
                                    :disabled="at === 0"
                                    :aria-label="`${names(id)} earlier`"
                                    @click="move(section.id, stop.id, at, -1)"
                                >
                                    ↑
                                </button>
                                <button
                                    type="button"
                                    class="step"
                                    :disabled="at === stop.asks.length - 1"
                                    :aria-label="`${names(id)} later`"
                                    @click="move(section.id, stop.id, at, 1)"
                                >
                                    ↓
                                </button>
                            </div>
                            <PartForm
                                v-if="opened === `${stop.id}/${id}` && parts.get(id)"
                                :part="parts.get(id)!"
                                @change="
                                    (edit) =>
                                        $emit('change', (one) => {
                                            const part = one.components.find((each) => each.id === id);
                                            if (part !== undefined) edit(part);
                                        })
                                "
                                @leave-out="leaveOut(section.id, stop.id, id)"
                            />
                        </li>
                    </template>
                </ul>
                <NButton v-if="wanted === ''" size="small" @click="add(section.id, stop.id)">Add part</NButton>
            </div>
        </section>
    </div>
</template>

<style scoped>
.parts {
    display: grid;
    gap: var(--space-8);
}
.find {
    font: inherit;
    color: inherit;
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    min-height: 48px;
    padding: 0 var(--space-5);
    max-width: 340px;
}
.stop {
    display: grid;
    gap: var(--space-2);
    padding: var(--space-3) 0;
    justify-items: start;
}
h3 {
    font-size: var(--size-quiet);
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
    width: 100%;
}
li {
    border-bottom: 1px solid var(--line);
}
.row {
    display: grid;
    grid-template-columns: 1fr 44px 44px;
    align-items: center;
}
.row button {
    background: none;
    border: 0;
    min-height: 48px;
    text-align: left;
    cursor: pointer;
    padding: 0;
}
.row .step {
    text-align: center;
    font-weight: 700;
}
.row .step:disabled {
    color: var(--line);
}
.name {
    font-weight: 600;
}
small {
    font-weight: 400;
    margin-left: var(--space-3);
}
</style>
