<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import TapButton from '@/shared/TapButton.vue';

/* Practice of some sections alone; none chosen means all of it. */
const props = defineProps<{ sections: Schemas['InspectionResource']['sections'] }>();
const chosen = defineModel<string[]>({ required: true });

function choose(id: string): void {
    const now = new Set(chosen.value);
    if (!now.delete(id)) now.add(id);
    // In walking order, whatever the order of the taps.
    chosen.value = props.sections.map((one) => one.id).filter((one) => now.has(one));
}
</script>

<template>
    <details :open="chosen.length > 0">
        <summary>Practice chosen sections only</summary>
        <div class="acts" role="group" aria-label="Sections to practice">
            <TapButton
                v-for="one in sections"
                :key="one.id"
                :on="chosen.includes(one.id)"
                :aria-pressed="chosen.includes(one.id)"
                :data-section="one.id"
                @click="choose(one.id)"
                >{{ one.name }}</TapButton
            >
        </div>
        <p class="quiet">Such a walk is compared with others of the same sections only.</p>
    </details>
</template>

<style scoped>
summary {
    min-height: 48px;
    display: flex;
    align-items: center;
    cursor: pointer;
    font-weight: 600;
    text-decoration: underline;
}
</style>
