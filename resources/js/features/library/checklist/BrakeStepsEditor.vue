<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NCheckbox, NInputNumber } from 'naive-ui';
import { computed } from 'vue';
import type { BrakeStep } from '../api';
import { useEditorWords } from '../useEditorWords';

/* Which brake tests, in which order, within which limits. What is left empty is as usual. */
const props = defineProps<{ steps: BrakeStep[] }>();
const emit = defineEmits<{ change: [steps: BrakeStep[]] }>();
const words = useEditorWords();
const left = computed(() => words.tests.filter(({ value }) => !props.steps.some(({ test }) => test === value)));

/** The steps with one of them changed; what is set to nothing is left out of the file. */
function set(index: number, key: keyof BrakeStep, value: unknown): void {
    emit(
        'change',
        props.steps.map((step, n) => {
            if (n !== index) return step;
            const { [key]: before, ...rest } = step;
            return (value === null ? rest : { ...rest, [key]: value ?? before }) as BrakeStep;
        }),
    );
}
const figuresOf = (test: BrakeStep['test']) => words.tests.find(({ value }) => value === test)?.figures ?? [];
function move(index: number, by: number): void {
    const steps = [...props.steps];
    const [step] = steps.splice(index, 1);
    if (step !== undefined) steps.splice(index + by, 0, step);
    emit('change', steps);
}
</script>

<template>
    <ol class="steps">
        <li v-for="(step, index) in steps" :key="step.test" :data-brake-step="step.test">
            <header>
                <strong>{{ words.test(step.test) }}</strong>
                <span class="moves">
                    <NButton :disabled="index === 0" :aria-label="`${step.test} earlier`" @click="move(index, -1)"
                        >↑</NButton
                    >
                    <NButton
                        :disabled="index === steps.length - 1"
                        :aria-label="`${step.test} later`"
                        @click="move(index, 1)"
                        >↓</NButton
                    >
                    <NButton :aria-label="`Leave out ${step.test}`" @click="emit('change', steps.toSpliced(index, 1))"
                        >Leave out</NButton
                    >
                </span>
            </header>
            <div class="figures">
                <label v-for="{ key, label, unit } in figuresOf(step.test)" :key="key"
                    >{{ label }}
                    <NInputNumber
                        :show-button="false"
                        :min="0"
                        :max="key === 'least_rpm' ? 3000 : 200"
                        clearable
                        placeholder="as usual"
                        :value="step[key] ?? null"
                        :input-props="{ 'aria-label': `${words.test(step.test)}: ${label}` }"
                        @update:value="(value) => set(index, key, value)"
                        ><template #suffix>{{ unit }}</template></NInputNumber
                    ></label
                >
                <label
                    >Needs
                    <NamedSelect
                        multiple
                        clearable
                        placeholder="the usual states"
                        :value="step.needs ?? null"
                        :options="words.states"
                        :input-props="{ 'aria-label': `${words.test(step.test)}: needs` }"
                        @update:value="(value: string[] | null) => set(index, 'needs', value?.length ? value : null)"
                /></label>
                <label
                    >Has to be said
                    <NamedSelect
                        multiple
                        clearable
                        placeholder="as usual"
                        :value="step.say ?? null"
                        :options="words.said"
                        :input-props="{ 'aria-label': `${words.test(step.test)}: has to be said` }"
                        @update:value="(value: string[] | null) => set(index, 'say', value?.length ? value : null)"
                /></label>
            </div>
            <NCheckbox
                v-if="step.test === 'leak-applied'"
                :checked="step.first_drop === 'counted'"
                @update:checked="(value) => set(index, 'first_drop', value ? 'counted' : null)"
                >The drop on pressing the pedal counts as lost</NCheckbox
            >
        </li>
    </ol>
    <NamedSelect
        v-if="left.length > 0"
        class="add"
        placeholder="Add test"
        :value="null"
        :options="left"
        data-test="add-brake-step"
        :input-props="{ 'aria-label': 'Add test' }"
        @update:value="(test: BrakeStep['test']) => emit('change', [...steps, { test }])"
    />
</template>

<style scoped>
.steps {
    margin: 0;
    padding: 0;
    list-style: none;
    display: grid;
    gap: var(--space-4);
}
li {
    display: grid;
    gap: var(--space-3);
    padding: var(--space-4) var(--space-5);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
}
header {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
    justify-content: space-between;
}
.moves {
    display: flex;
    gap: var(--space-2);
}
.figures {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: var(--space-3) var(--space-5);
}
label {
    display: grid;
    gap: var(--space-1);
    align-content: start;
    font-weight: 600;
}
.add {
    max-width: 320px;
}
</style>
