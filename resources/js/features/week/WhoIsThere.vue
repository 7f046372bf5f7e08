<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import type { Week } from './api';

/* A proposal plans with who and what is there. */
defineProps<{ week: Week; away: Set<number>; standing: Set<number> }>();
const emit = defineEmits<{ turn: [of: 'away' | 'standing', id: number] }>();
</script>

<template>
    <details>
        <summary>Who and what is there this week?</summary>
        <p class="quiet">A proposal leaves out what is turned off here. Hours are closed in the week itself.</p>
        <div class="acts">
            <TapButton
                v-for="one in week.instructors"
                :key="one.id"
                :on="!away.has(one.id)"
                :aria-pressed="!away.has(one.id)"
                @click="emit('turn', 'away', one.id)"
                >{{ away.has(one.id) ? '✕' : '✓' }} {{ one.name }}</TapButton
            >
        </div>
        <div class="acts">
            <TapButton
                v-for="one in week.vehicles"
                :key="one.id"
                :on="!standing.has(one.id) && !one.note"
                :disabled="one.note !== null"
                :aria-pressed="!standing.has(one.id)"
                @click="emit('turn', 'standing', one.id)"
                >{{ standing.has(one.id) || one.note ? '✕' : '✓' }} {{ one.name
                }}{{ one.note ? ': out of service' : '' }}</TapButton
            >
        </div>
    </details>
</template>

<style scoped>
.acts {
    margin-top: var(--space-4);
}
</style>
