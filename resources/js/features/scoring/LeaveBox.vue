<script setup lang="ts">
import { NButton } from 'naive-ui';

/* Asked when somebody goes back out of a walk that is under way. */
defineEmits<{ stay: []; leave: [] }>();
</script>

<template>
    <section class="leave" role="alertdialog" aria-label="Leave this walk?">
        <p><strong>Leave this walk?</strong> All marks are kept, and it goes on from Today.</p>
        <div class="acts">
            <NButton type="primary" size="large" data-test="stay" @click="$emit('stay')">Stay</NButton>
            <NButton size="large" data-test="leave-walk" @click="$emit('leave')">Leave</NButton>
        </div>
    </section>
</template>

<style scoped>
.leave {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: var(--space-3) var(--space-6);
    padding: var(--space-5) var(--space-6);
    background: var(--sunken);
    border-bottom: 2px solid var(--ink);
}
</style>
