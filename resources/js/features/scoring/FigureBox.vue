<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { computed, onMounted, ref } from 'vue';
import { figureSaid } from './figureSaid';

/* The figure as the student said it; the checklist judges it. */
const props = defineProps<{ figure: Schemas['FigureResource'] }>();
const emit = defineEmits<{ heard: [value: number]; close: [] }>();
const text = ref('');
const field = ref<HTMLInputElement>();
onMounted(() => field.value?.focus());

const value = computed(() => figureSaid(text.value, props.figure.unit));
const isNone = computed(() => text.value.trim() !== '' && value.value === undefined);

function keep(): void {
    if (value.value !== undefined) emit('heard', value.value);
}
</script>

<template>
    <form class="figure" @submit.prevent="keep" @keydown.esc.stop="$emit('close')">
        <label for="figure-said">Said, in {{ props.figure.unit }}</label>
        <input
            id="figure-said"
            ref="field"
            v-model="text"
            inputmode="decimal"
            autocomplete="off"
            placeholder="as 4, .75, 3/4 or quarter"
            data-test="figure-said"
        />
        <NButton attr-type="submit" type="primary" :disabled="value === undefined">Save</NButton>
        <p v-if="isNone" class="quiet" role="status">That is no figure: type it as 4, .75, 3/4 or “quarter”.</p>
    </form>
</template>

<style scoped>
.figure {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
}
label {
    font-weight: 600;
}
input {
    flex: 1;
    min-width: 120px;
    min-height: 48px;
    font: inherit;
    color: inherit;
    background: var(--paper);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    padding: 0 var(--space-5);
}
</style>
