<script setup lang="ts">
/* A target for a gloved thumb: large, plain, thick-edged while it is on, dotted where it is said, not done. */
defineProps<{ on?: boolean; dotted?: boolean }>();
</script>

<template>
    <button type="button" class="tap" :class="{ on, dotted }"><slot /></button>
</template>

<style scoped>
.tap {
    min-height: 56px;
    padding: var(--space-2) var(--space-5);
    border: 2px solid var(--line);
    border-radius: var(--round-large);
    background: var(--panel);
    color: var(--ink);
    cursor: pointer;
    touch-action: manipulation;
}
.tap.on {
    border-color: var(--ink);
    box-shadow: inset 0 0 0 2px var(--ink);
    font-weight: 700;
}
.tap.dotted {
    border: 2px dotted var(--ink);
}
.tap:active {
    background: var(--sunken);
}
.tap:disabled {
    color: var(--quiet);
    background: var(--sunken);
    cursor: default;
}
</style>
