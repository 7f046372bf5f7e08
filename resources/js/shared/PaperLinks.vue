<script setup lang="ts">
/* The same as PDF, on either paper. */
defineProps<{ path: string; what: string }>();
const sizes = [
    ['letter', 'letter'],
    ['a4', 'A4'],
] as const;
</script>

<template>
    <span>
        {{ what }} as PDF:
        <template v-for="[size, label] in sizes" :key="size">
            <a :href="`/api/v1/${path}${path.includes('?') ? '&' : '?'}size=${size}`" target="_blank" rel="noopener">{{
                label
            }}</a>
            {{ ' ' }}
        </template>
    </span>
</template>

<style scoped>
a {
    display: inline-block;
    scroll-margin-bottom: 120px;
    padding: var(--space-3) var(--space-2);
}
</style>
