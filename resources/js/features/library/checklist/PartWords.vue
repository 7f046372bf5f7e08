<script setup lang="ts">
import { NInput } from 'naive-ui';
import { computed } from 'vue';
import type { ChecklistDocument } from '../api';
import { useEditorWords } from '../useEditorWords';

type Part = ChecklistDocument['components'][number];

/* The school's own words for the points of a part. */
const props = defineProps<{ part: Part }>();
const emit = defineEmits<{ change: [edit: (part: Part) => void] }>();
const words = useEditorWords();
const listed = computed(() => [...(props.part.essential ?? []), ...(props.part.further ?? [])]);

function say(code: string, text: string): void {
    emit('change', (part) => {
        const own = { ...part.say };
        if (text.trim() === '') Reflect.deleteProperty(own, code);
        else own[code] = text;
        if (Object.keys(own).length === 0) delete part.say;
        else part.say = own;
    });
}
</script>

<template>
    <details>
        <summary>Your own words</summary>
        <div v-for="code in listed" :key="code" class="line">
            <label :for="`say-${part.id}-${code}`">{{ words.point(code) }}</label>
            <NInput
                :value="part.say?.[code] ?? ''"
                placeholder="the usual words"
                :input-props="{ id: `say-${part.id}-${code}` }"
                @update:value="(value) => say(code, value)"
            />
        </div>
    </details>
</template>

<style scoped>
.line {
    display: grid;
    grid-template-columns: 140px 1fr;
    gap: var(--space-2) var(--space-5);
    align-items: center;
    padding: 3px 0;
}
label {
    font-weight: 600;
}
</style>
