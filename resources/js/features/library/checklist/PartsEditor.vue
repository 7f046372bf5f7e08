<script setup lang="ts">
import { computed, ref } from 'vue';
import AddPart from './AddPart.vue';
import type { ChecklistDocument, EditorWords } from '../api';
import { askedWith, groupParts, leaveOutPart, moveBy, movePart, setCritical } from './documentEdits';
import { useEditorWords } from '../useEditorWords';
import PartForm from './PartForm.vue';

/* What is asked where, in walking order. */
const props = defineProps<{ document: ChecklistDocument }>();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();
const words = useEditorWords();
const opened = ref<string>();
const wanted = ref('');

const parts = computed(() => new Map(props.document.components.map((part) => [part.id, part])));
const names = (id: string): string => parts.value.get(id)?.name ?? id;
/** Its essential points, or the parts that it stands for. */
const inShort = (id: string): string =>
    [...(parts.value.get(id)?.essential ?? []).map(words.point), ...(parts.value.get(id)?.parts ?? []).map(names)].join(
        ', ',
    );
const matches = (id: string): boolean => names(id).toLowerCase().includes(wanted.value.trim().toLowerCase());

function asksOf(document: ChecklistDocument, section: string, stop: string): string[] {
    return document.sections.find(({ id }) => id === section)?.stops.find(({ id }) => id === stop)?.asks ?? [];
}

function move(section: string, stop: string, at: number, by: number): void {
    emit('change', (document) => {
        moveBy(asksOf(document, section, stop), at, by);
    });
}

function leaveOut(stop: string, id: string): void {
    opened.value = undefined;
    emit('change', (document) => {
        leaveOutPart(document, stop, id);
    });
}

function moveTo(from: string, to: string, id: string): void {
    opened.value = `${to}/${id}`;
    emit('change', (document) => {
        movePart(document, from, to, id);
    });
}

/** A known part as it is usually asked, or a new one to be named. */
function add(section: string, stop: string, known: EditorWords['parts'][number] | undefined): void {
    const taken = new Set(props.document.components.map(({ id }) => id));
    let id = known?.id ?? 'own.part';
    for (let n = 0; known === undefined && taken.has(id); n++) id = `own.part_${String.fromCharCode(97 + n)}`;
    emit('change', (document) => {
        if (!taken.has(id)) {
            document.components.push(
                known === undefined
                    ? { id, name: 'New part', essential: ['intact'] }
                    : (structuredClone(known.component) as unknown as ChecklistDocument['components'][number]),
            );
        }
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
                                    <small class="quiet">{{ inShort(id) }}</small>
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
                                :document="document"
                                :stop="stop.id"
                                @critical="
                                    (is) => $emit('change', (one) => setCritical(one, 'critical_components', id, is))
                                "
                                @group="(ids) => $emit('change', (one) => groupParts(one, stop.id, id, ids))"
                                @move-to="(to) => moveTo(stop.id, to, id)"
                                @change="
                                    (edit) =>
                                        $emit('change', (one) => {
                                            const part = one.components.find((each) => each.id === id);
                                            if (part !== undefined) edit(part);
                                        })
                                "
                                @leave-out="leaveOut(stop.id, id)"
                            />
                        </li>
                    </template>
                </ul>
                <AddPart
                    v-if="wanted === ''"
                    :asked="askedWith(document, stop)"
                    :stop="stop.name"
                    @add="(known) => add(section.id, stop.id, known)"
                />
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
