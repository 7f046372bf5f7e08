<script setup lang="ts">
import type { Item, PointCode } from '@/shared/attempt/api';
import { pointsOf } from '@/shared/attempt/halves';
import { minutes } from '@/shared/format';
import { NamedSelect } from '@/shared/NamedSelect';
import { wrongFiguresOf } from '@/shared/speech/marksOf';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Suggestion } from '@/shared/speech/api';
import HeardQuotes from './HeardQuotes.vue';

/* One proposal: what was heard of an item, to be accepted, changed or turned down. */
const props = defineProps<{
    one: Suggestion;
    item: Item | undefined;
    chosen: boolean;
    mayMark: boolean;
    busy: boolean;
    /** Whether the walk was recorded. */
    mayHear: boolean;
    /** Every part that is asked, to hand the words to another one. */
    items: Map<string, Item>;
}>();
const emit = defineEmits<{
    choose: [];
    accept: [];
    hear: [];
    acceptWith: [item: string, points: PointCode[]];
    turn: [down: boolean];
}>();

const part = ref<string | null>(null);
const parts = computed(() =>
    [...props.items.values()].map(({ id, name, where }) => ({
        value: id,
        label: where === '' ? name : `${name}, ${where}`,
    })),
);
const meant = computed(() => (part.value === null ? props.item : props.items.get(part.value)));
const points = computed(() =>
    (meant.value === undefined ? [] : pointsOf(meant.value)).map((point) => ({
        ...point,
        code: point.code as PointCode,
    })),
);
const wrongFigures = computed(() => (props.item === undefined ? [] : wrongFiguresOf(props.one, props.item)));
const proposed = computed(() => new Set(props.one.said.split(', ')));
const inWords = (codes: string[]): string =>
    codes.map((code) => points.value.find((point) => point.code === code)?.label ?? code).join(', ');
const label = computed(() => inWords(props.one.said.split(', ')));
const sure = computed(() => Math.round(props.one.confidence * 100));
const changing = ref(false);
const picked = ref<Set<PointCode>>(new Set());
const words = { open: '', accepted: 'accepted', marked: 'marked by hand', rejected: 'rejected' };

function change(): void {
    changing.value = !changing.value;
    part.value = props.item?.id ?? null;
    picked.value = new Set(points.value.map(({ code }) => code).filter((code) => proposed.value.has(code)));
}
function pick(code: PointCode): void {
    const next = new Set(picked.value);
    if (!next.delete(code)) next.add(code);
    picked.value = next;
}
function keep(): void {
    changing.value = false;
    if (meant.value !== undefined) emit('acceptWith', meant.value.id, [...picked.value]);
}
</script>

<template>
    <li class="row" :class="[one.state, { chosen, doubtful: one.maybe || one.confidence < 0.7 }]" :data-heard="one.key">
        <button type="button" class="what" :aria-pressed="chosen" @click="emit('choose')">
            <span class="numeral quiet">{{ minutes(one.evidence[0]?.at_ms ?? 0) }}</span>
            <span>
                <strong>{{ item?.name ?? 'By reference' }}</strong><span v-if="item?.where" class="quiet"
                    >, {{ item.where }}</span
                >
                <span class="said">{{ one.maybe ? 'maybe named' : label || 'named only' }}</span>
                <span v-for="figure in wrongFigures" :key="figure" class="wrong">{{ figure }}</span>
                <HeardQuotes :evidence="one.evidence" :in-words="inWords" />
            </span>
            <span class="sure numeral" :title="`About ${Math.round(sure / 10)} in ten of these are right`"
                >{{ sure }}%</span
            >
        </button>
        <NButton v-if="mayHear" quaternary class="hear" data-test="hear" @click="emit('hear')">Hear it</NButton>
        <div v-if="mayMark && one.state === 'open'" class="acts">
            <NButton :disabled="busy" data-test="accept" @click="emit('accept')">Accept</NButton>
            <NButton v-if="item" quaternary :disabled="busy" :aria-expanded="changing" @click="change">Change</NButton>
            <NButton quaternary :disabled="busy" data-test="turn-down" @click="emit('turn', true)">Reject</NButton>
        </div>
        <div v-else-if="mayMark && one.state === 'rejected'" class="acts">
            <span class="quiet">{{ words.rejected }}</span>
            <NButton quaternary :disabled="busy" @click="emit('turn', false)">Bring back</NButton>
        </div>
        <p v-else class="acts quiet">{{ words[one.state] }}</p>
        <div v-if="changing" class="change" role="group" :aria-label="`What was said of ${item?.name ?? ''}`">
            <label v-for="point in points" :key="point.code">
                <input type="checkbox" :checked="picked.has(point.code)" @change="pick(point.code)" />{{ point.label }}
            </label>
            <label class="part"
                >It is about
                <NamedSelect
                    v-model:value="part"
                    filterable
                    :options="parts"
                    :input-props="{ 'aria-label': 'The part that it is about' }"
            /></label>
            <NButton type="primary" @click="keep">Accept these</NButton>
        </div>
    </li>
</template>

<style scoped>
.row {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: var(--space-1) var(--space-5);
    align-items: center;
    border-left: 6px solid var(--strong);
    padding: var(--space-1) 0 var(--space-1) var(--space-4);
}
.row.doubtful {
    border-left: 6px double var(--part);
}
.row.accepted,
.row.marked {
    border-left-color: var(--line);
}
.row.rejected .what {
    text-decoration: line-through;
    color: var(--quiet);
}
.row.chosen {
    background: var(--sunken);
}
.what {
    display: grid;
    grid-template-columns: 3.2em 1fr auto;
    gap: var(--space-3);
    align-items: baseline;
    min-height: 48px;
    border: 0;
    background: none;
    text-align: start;
    cursor: pointer;
    padding: var(--space-1);
}
.said,
.wrong {
    display: block;
}
.wrong {
    color: var(--lost);
    font-weight: 600;
}
.part {
    white-space: nowrap;
}
.part :deep(.n-select) {
    min-width: 240px;
}
.acts {
    flex-wrap: nowrap;
    gap: var(--space-1);
}
.change {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-6);
    align-items: center;
    padding: var(--space-2) var(--space-1) var(--space-4) 3.8em;
}
.change label {
    display: inline-flex;
    gap: var(--space-3);
    align-items: center;
    min-height: 44px;
}
.change input {
    width: 22px;
    height: 22px;
    accent-color: var(--strong);
}
@media (max-width: 700px) {
    .row {
        grid-template-columns: 1fr;
    }
}
</style>
