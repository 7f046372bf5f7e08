<script setup lang="ts">
import { NButton } from 'naive-ui';
import { ref } from 'vue';

/* What is wrong with the part: noticed by the student, or planted for this walk and to be found. */
defineProps<{ known: string | null }>();
const emit = defineEmits<{ noticed: [text: string]; planted: [text: string] }>();
const text = ref('');
</script>

<template>
    <form class="notice" @submit.prevent="emit('noticed', text.trim() || 'noticed')">
        <label for="defect">What did the student notice, or what is planted here?</label>
        <input id="defect" v-model="text" maxlength="200" :placeholder="known ?? 'as said'" />
        <NButton attr-type="submit" type="primary">Noticed</NButton>
        <NButton :disabled="text.trim() === ''" data-test="plant" @click="emit('planted', text.trim())"
            >Planted</NButton
        >
    </form>
</template>

<style scoped>
.notice {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
}
label {
    font-weight: 600;
    width: 100%;
}
input {
    flex: 1;
    min-width: 140px;
    min-height: 48px;
    font: inherit;
    color: inherit;
    background: var(--paper);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    padding: 0 var(--space-5);
}
</style>
