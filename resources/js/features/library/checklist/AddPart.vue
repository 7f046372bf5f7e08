<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { EditorWords } from '../api';
import { useEditorWords } from '../useEditorWords';

/* Asks one more part at a stop: one that is known and not asked there yet, or a new one. */
const props = defineProps<{ asked: string[]; stop: string }>();
const emit = defineEmits<{ add: [known: EditorWords['parts'][number] | undefined] }>();
const words = useEditorWords();
const options = computed(() =>
    words.parts.filter(({ id }) => !props.asked.includes(id)).map(({ id, name }) => ({ value: id, label: name })),
);

function pick(id: string): void {
    emit(
        'add',
        words.parts.find((one) => one.id === id),
    );
}
</script>

<template>
    <div class="add">
        <NamedSelect
            filterable
            :value="null"
            :options="options"
            placeholder="Ask one more part"
            :input-props="{ 'aria-label': `Ask one more part at ${stop}` }"
            @update:value="pick"
        />
        <NButton quaternary @click="$emit('add', undefined)">One that is not listed</NButton>
    </div>
</template>

<style scoped>
.add {
    display: grid;
    grid-template-columns: minmax(200px, 340px) auto;
    gap: var(--space-4);
    align-items: center;
}
@media (max-width: 600px) {
    .add {
        grid-template-columns: 1fr;
    }
}
</style>
