<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NCheckbox, NCheckboxGroup, NInput, NInputNumber } from 'naive-ui';
import type { Schemas } from '@/shared/api/client';
import { computed } from 'vue';
import type { ChecklistDocument } from '../api';
import BrakeStepsEditor from './BrakeStepsEditor.vue';
import SectionMarks from './SectionMarks.vue';
import { useEditorWords } from '../useEditorWords';
import FieldFaults from './FieldFaults.vue';
import { ruleExamples } from './ruleExamples';
import { brakeQuestions, numbers, questions, readRule, writeRule, type RuleNumber } from './ruleQuestions';

const props = defineProps<{ document: ChecklistDocument; faults: Schemas['FaultResource'][] }>();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();

const set = (path: string[], value: unknown): void => emit('change', (document) => writeRule(document, path, value));
const words = useEditorWords();
const asked = computed(() => [
    ...questions,
    ...(props.document.rules.brake_tests === undefined ? [] : brakeQuestions(words.tests)),
]);
const figures = computed(() =>
    numbers.filter(({ path }) => path[0] !== 'brake_tests' || props.document.rules.brake_tests !== undefined),
);
const firstOf = (rule: string, index: number): boolean => asked.value.findIndex((one) => one.rule === rule) === index;
const shown = ({ path, per }: RuleNumber): number | null => {
    const value = readRule(props.document, path);
    return typeof value === 'number' ? value / (per ?? 1) : null;
};
const scopes = computed(() => props.document.rules.carry_over?.scopes ?? []);
const steps = computed(() => props.document.rules.brake_tests?.steps ?? []);
</script>

<template>
    <div class="rules">
        <div class="field wide">
            <label for="rule-name">Name</label>
            <NInput
                :value="document.name"
                :input-props="{ id: 'rule-name' }"
                @update:value="(value) => $emit('change', (one) => (one.name = value))"
            />
            <label for="rule-reason">Why it exists</label>
            <NInput
                type="textarea"
                autosize
                :value="document.reason"
                :input-props="{ id: 'rule-reason' }"
                @update:value="(value) => $emit('change', (one) => (one.reason = value))"
            />
        </div>
        <h2>To pass <small class="quiet">set yours</small></h2>
        <div class="numbers">
            <div v-for="number in figures" :key="number.path.join()" class="field">
                <label :for="number.path.join('-')">{{ number.question }}</label>
                <NInputNumber
                    :show-button="false"
                    :value="shown(number)"
                    clearable
                    placeholder="not asked"
                    :input-props="{ id: number.path.join('-') }"
                    @update:value="
                        (value) => set(number.path, value === null ? undefined : Math.round(value * (number.per ?? 1)))
                    "
                >
                    <template #suffix>{{ number.unit }}</template>
                </NInputNumber>
                <FieldFaults :faults="faults" :path="number.path" />
            </div>
        </div>
        <SectionMarks :document="document" @change="(edit) => $emit('change', edit)" />
        <h2>How it is credited and judged</h2>
        <div v-for="(rule, index) in asked" :key="rule.path.join()" class="question">
            <div>
                <label :for="`q-${rule.path.join('-')}`">{{ rule.question }}</label>
                <p class="quiet example">{{ ruleExamples[rule.path.join('/')] }}</p>
                <FieldFaults :faults="faults" :path="rule.path" />
            </div>
            <NamedSelect
                :value="(readRule(document, rule.path) as string | undefined) ?? rule.usual"
                :options="rule.options"
                :data-test="`rule-${rule.path.join('-')}`"
                :input-props="{ id: `q-${rule.path.join('-')}` }"
                @update:value="(value: string) => set(rule.path, value === '' ? undefined : value)"
            />
            <NInput
                v-if="firstOf(rule.rule, index)"
                type="textarea"
                :autosize="{ minRows: 1 }"
                placeholder="Why your school has it so"
                :value="document.rules.reasons?.[rule.rule] ?? ''"
                :input-props="{ 'aria-label': `Reason: ${rule.question}` }"
                @update:value="(value) => set(['reasons', rule.rule], value.trim() === '' ? undefined : value)"
            />
        </div>
        <template v-if="document.rules.brake_tests !== undefined">
            <h2>The brake tests in their order</h2>
            <BrakeStepsEditor :steps="steps" @change="(changed) => set(['brake_tests', 'steps'], changed)" />
        </template>
        <div class="question">
            <span id="half">A partial item</span>
            <NCheckbox
                :checked="document.rules.half_for_part ?? false"
                aria-labelledby="half"
                @update:checked="(value) => set(['half_for_part'], value)"
                >earns half</NCheckbox
            >
        </div>
        <div class="question">
            <span>“The same as the last one, except ...” is credited for</span>
            <NCheckboxGroup :value="scopes" @update:value="(value) => set(['carry_over', 'scopes'], value)">
                <NCheckbox value="tandem" label="the partner in a tandem" />
                <NCheckbox value="axle" label="another axle" />
                <NCheckbox value="side" label="the other side" />
            </NCheckboxGroup>
            <NInput
                type="textarea"
                :autosize="{ minRows: 1 }"
                placeholder="Why your school has it so"
                :value="document.rules.reasons?.['carry_over'] ?? ''"
                :input-props="{ 'aria-label': 'Reason: carry-over' }"
                @update:value="(value) => set(['reasons', 'carry_over'], value.trim() === '' ? undefined : value)"
            />
        </div>
    </div>
</template>

<style scoped>
.rules {
    display: grid;
    gap: var(--space-5);
}
h2 {
    margin-top: var(--space-5);
}
.field {
    display: grid;
    gap: var(--space-2);
    align-content: start;
}
label,
.question > span:first-child {
    font-weight: 600;
}
.numbers {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
    gap: var(--space-5) var(--space-7);
}
.question {
    display: grid;
    grid-template-columns: minmax(180px, 1fr) minmax(220px, 1.2fr) minmax(200px, 1.4fr);
    gap: var(--space-2) var(--space-6);
    align-items: center;
    padding-bottom: var(--space-5);
    border-bottom: 1px solid var(--line);
}
.example {
    margin: 0;
    font-size: var(--size-small);
}
@media (max-width: 1100px) {
    .question {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
