<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NCheckbox, NInput, NInputNumber } from 'naive-ui';
import { computed } from 'vue';
import type { ChecklistDocument } from '../api';
import { hangsOn, stopsOf } from './documentEdits';
import NeedsPicker from './NeedsPicker.vue';
import PartNeeds from './PartNeeds.vue';
import PartWords from './PartWords.vue';
import { useEditorWords } from '../useEditorWords';

type Part = ChecklistDocument['components'][number];
type Code = NonNullable<Part['essential']>[number];

/* One part: its name, its points, what it is worth, and the school's own words for them. */
const props = defineProps<{ part: Part; document: ChecklistDocument; stop: string }>();
const emit = defineEmits<{
    change: [edit: (part: Part) => void];
    critical: [is: boolean];
    group: [parts: string[]];
    moveTo: [stop: string];
    leaveOut: [];
}>();

const words = useEditorWords();
const stops = computed(() =>
    stopsOf(props.document).map(({ section, stop }) => ({ value: stop.id, label: `${section.name}: ${stop.name}` })),
);
/** Asked at one stop only: with that it goes, and what hangs on it. */
const goesWith = computed(() =>
    stopsOf(props.document).filter(({ stop }) => stop.asks.includes(props.part.id)).length === 1
        ? hangsOn(props.document, props.part.id)
        : [],
);
const standing = (code: Code): 'essential' | 'further' | 'none' =>
    props.part.essential?.includes(code) === true
        ? 'essential'
        : props.part.further?.includes(code) === true
          ? 'further'
          : 'none';

/** A tap goes round: not asked, essential, further. */
function turn(code: Code): void {
    const next = { none: 'essential', essential: 'further', further: 'none' } as const;
    const to = next[standing(code)];
    emit('change', (part) => {
        part.essential = (part.essential ?? []).filter((one) => one !== code);
        part.further = (part.further ?? []).filter((one) => one !== code);
        if (to === 'essential') part.essential.push(code);
        if (to === 'further') part.further.push(code);
        if (part.further.length === 0) delete part.further;
        if (part.essential.length === 0 && part.parts !== undefined) delete part.essential;
    });
}

function setNeeds(part: Part, needs: string[]): void {
    if (needs.length === 0) delete part.needs;
    else part.needs = needs as NonNullable<Part['needs']>;
}
/** Parts that can be asked with this one: not itself, and none that stands for others. */
const groupable = computed(() =>
    props.document.components
        .filter(({ id, parts }) => id !== props.part.id && parts === undefined)
        .map(({ id, name }) => ({ value: id, label: name })),
);

const credits = [
    { value: '', label: 'as the checklist' },
    { value: 'named', label: 'named' },
    { value: 'essential', label: 'essential points' },
    { value: 'weighted', label: 'share per point' },
    { value: 'full', label: 'every point' },
];
const sides = [
    { value: 'once', label: 'once' },
    { value: 'side', label: 'each side separately' },
    { value: 'two-sided', label: 'one item with two sides' },
];
</script>

<template>
    <div class="form">
        <div class="line">
            <label :for="`name-${part.id}`">Name</label>
            <NInput
                :value="part.name"
                :input-props="{ id: `name-${part.id}` }"
                @update:value="(value) => $emit('change', (one) => (one.name = value))"
            />
        </div>
        <p class="quiet">Tap a point: essential, further, not asked.</p>
        <div class="points">
            <button
                v-for="{ value: code, label: name } in words.points"
                :key="code"
                type="button"
                class="point"
                :class="standing(code as Code)"
                :aria-label="`${name}: ${standing(code as Code)}`"
                :data-code="code"
                @click="turn(code as Code)"
            >
                {{ name }} <small v-if="standing(code as Code) !== 'none'">{{ standing(code as Code) }}</small>
            </button>
        </div>
        <div class="grid">
            <label :for="`weight-${part.id}`">Worth</label>
            <NInputNumber
                :show-button="false"
                :value="part.weight ?? 1"
                :min="0"
                :max="100"
                :input-props="{ id: `weight-${part.id}` }"
                @update:value="(value) => $emit('change', (one) => (one.weight = value ?? 1))"
            />
            <label :for="`credit-${part.id}`">Earned when</label>
            <NamedSelect
                :value="part.credit ?? ''"
                :options="credits"
                :input-props="{ id: `credit-${part.id}` }"
                @update:value="
                    (value: '' | NonNullable<Part['credit']>) =>
                        $emit('change', (one) => {
                            if (value === '') delete one.credit;
                            else one.credit = value;
                        })
                "
            />
            <label :for="`repeat-${part.id}`">Asked</label>
            <NamedSelect
                :value="part.repeat ?? 'once'"
                :options="sides"
                :input-props="{ id: `repeat-${part.id}` }"
                @update:value="(value: NonNullable<Part['repeat']>) => $emit('change', (one) => (one.repeat = value))"
            />
            <span />
            <NCheckbox
                :checked="part.bonus ?? false"
                @update:checked="(value) => $emit('change', (one) => (one.bonus = value))"
                >extra credit: earns, but is not asked</NCheckbox
            >
            <span />
            <NCheckbox
                data-test="critical"
                :checked="document.rules.pass.critical_components?.includes(part.id) ?? false"
                @update:checked="(value) => $emit('critical', value)"
                >has to be earned to pass</NCheckbox
            >
            <strong>Only with</strong>
            <NeedsPicker
                :needs="part.needs ?? []"
                :label="part.name"
                none="every vehicle"
                @change="(needs) => $emit('change', (one) => setNeeds(one, needs))"
            />
            <label :for="`parts-${part.id}`">Asked as one with</label>
            <NamedSelect
                multiple
                filterable
                :value="part.parts ?? []"
                :options="groupable"
                placeholder="no other part"
                data-test="grouped"
                :input-props="{ id: `parts-${part.id}` }"
                @update:value="(ids: string[]) => $emit('group', ids)"
            />
            <label :for="`stop-${part.id}`">Asked at</label>
            <NamedSelect
                filterable
                :value="stop"
                :options="stops"
                :input-props="{ id: `stop-${part.id}` }"
                @update:value="(value: string) => $emit('moveTo', value)"
            />
        </div>
        <PartNeeds :part="part" @change="(edit) => $emit('change', edit)" />
        <PartWords :part="part" @change="(edit) => $emit('change', edit)" />
        <div class="acts">
            <NButton data-test="leave-out" @click="$emit('leaveOut')">Remove from this stop</NButton>
            <span v-if="goesWith.length > 0" class="quiet">With it goes {{ goesWith.join(', ') }}.</span>
        </div>
    </div>
</template>

<style scoped>
.form {
    display: grid;
    gap: var(--space-5);
    padding: var(--space-2) 0 var(--space-7);
}
.line {
    display: grid;
    grid-template-columns: 140px 1fr;
    gap: var(--space-2) var(--space-5);
    align-items: center;
    padding: 3px 0;
}
.points {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
}
.point {
    min-height: 44px;
    padding: var(--space-1) var(--space-5);
    border: 2px dashed var(--line);
    border-radius: var(--round-middle);
    background: none;
    cursor: pointer;
}
.point.essential {
    border: 2px solid var(--strong);
    background: var(--strong);
    color: var(--strongInk);
}
.point.further {
    border: 2px solid var(--strong);
}
.grid {
    display: grid;
    grid-template-columns: 140px minmax(160px, 320px);
    gap: var(--space-3) var(--space-5);
    align-items: center;
}
label {
    font-weight: 600;
}
</style>
