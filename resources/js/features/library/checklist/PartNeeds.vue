<script setup lang="ts">
import { computed } from 'vue';
import type { ChecklistDocument } from '../api';
import { useEditorWords } from '../useEditorWords';
import NeedsPicker from './NeedsPicker.vue';

type Part = ChecklistDocument['components'][number];
type Needs = NonNullable<Part['needs']>;

/* Points that are asked on some vehicles or axles only: whether a recap is allowed, on the steer axle. */
const props = defineProps<{ part: Part }>();
const emit = defineEmits<{ change: [edit: (part: Part) => void] }>();
const words = useEditorWords();
const listed = computed(() => [...(props.part.essential ?? []), ...(props.part.further ?? [])]);
const own = computed(() => Object.keys(props.part.point_needs ?? {}).length);

function set(code: string, needs: string[]): void {
    emit('change', (part) => {
        const all: Record<string, Needs> = { ...part.point_needs };
        if (needs.length === 0) Reflect.deleteProperty(all, code);
        else all[code] = needs as Needs;
        if (Object.keys(all).length === 0) delete part.point_needs;
        else part.point_needs = all;
    });
}
</script>

<template>
    <details data-test="point-needs">
        <summary>
            Points at some axles or vehicles only<template v-if="own > 0"> ({{ own }})</template>
        </summary>
        <div v-for="code in listed" :key="code" class="line">
            <strong>{{ words.point(code) }}</strong>
            <NeedsPicker
                :needs="part.point_needs?.[code] ?? []"
                :label="`${part.name}, ${words.point(code)}`"
                none="wherever the part is"
                @change="(needs) => set(code, needs)"
            />
        </div>
    </details>
</template>

<style scoped>
.line {
    display: grid;
    grid-template-columns: 140px minmax(160px, 320px);
    gap: var(--space-2) var(--space-5);
    align-items: center;
    padding: 3px 0;
}
</style>
