<script setup lang="ts">
import { NButton } from 'naive-ui';

/* Only looked at: the student is elsewhere, and nothing is left or entered by looking. */
defineProps<{ student: string; looked: string }>();
defineEmits<{ back: []; here: [] }>();
</script>

<template>
    <div class="looking" role="status">
        <p>
            <strong>Looking at {{ looked }}.</strong> The student is at {{ student }}.
        </p>
        <div class="acts">
            <NButton size="large" data-test="back-to-student" @click="$emit('back')"
                >Back<span class="where">&nbsp;to {{ student }}</span
                >&nbsp;<kbd>Esc</kbd></NButton
            >
            <NButton size="large" data-test="student-here" @click="$emit('here')">Student is here</NButton>
        </div>
    </div>
</template>

<style scoped>
.looking {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: var(--space-3) var(--space-6);
    padding: var(--space-3) var(--space-6);
    border-block: 3px dashed var(--ink);
    background: var(--sunken);
}
@media (max-width: 700px) {
    .looking {
        padding-block: var(--space-1);
        gap: var(--space-1) var(--space-6);
    }
    .where {
        display: none;
    }
}
</style>
