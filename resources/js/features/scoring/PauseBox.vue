<script setup lang="ts">
import { NButton } from 'naive-ui';

/* Why the clock stands still: one tap. */
defineEmits<{ pause: [reason: string]; close: [] }>();
const reasons = ['Air pressure', 'Weather', 'Yard traffic', 'Student needs a break', 'Something is unsafe'];
</script>

<template>
    <section class="pause" aria-label="Pause">
        <strong>Pause the clock for</strong>
        <NButton v-for="reason in reasons" :key="reason" @click="$emit('pause', reason)">{{ reason }}</NButton>
        <NButton @click="$emit('pause', '')">No reason given</NButton>
        <NButton quaternary @click="$emit('close')">Cancel&nbsp;<kbd>Esc</kbd></NButton>
    </section>
</template>

<style scoped>
.pause {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
    padding: var(--space-5) var(--space-6);
    background: var(--sunken);
    border-bottom: 2px solid var(--ink);
}
</style>
