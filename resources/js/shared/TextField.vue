<script setup lang="ts">
import { useId } from 'vue';

/* A line of text with its label above it, and what is wrong with it below. */
defineProps<{ label: string; fault?: string | undefined; hint?: string; type?: string; autocomplete?: string }>();
const text = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
    <div class="field">
        <label :for="id">{{ label }}</label>
        <input
            :id="id"
            v-model="text"
            :type="type ?? 'text'"
            :autocomplete="autocomplete ?? 'off'"
            :aria-invalid="fault !== undefined"
            :aria-describedby="fault || hint ? `${id}-more` : undefined"
        />
        <small v-if="fault || hint" :id="`${id}-more`" :class="{ fault }">{{ fault ?? hint }}</small>
    </div>
</template>

<style scoped>
.field {
    display: grid;
    gap: var(--space-2);
    min-width: 0;
}
label {
    font-weight: 600;
}
input {
    min-height: 52px;
    padding: 0 var(--space-5);
    font: inherit;
    color: inherit;
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
}
small {
    color: var(--quiet);
}
.fault {
    color: var(--lost);
    font-weight: 600;
}
input[aria-invalid='true'] {
    border-color: var(--lost);
}
</style>
