<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { ref } from 'vue';

defineProps<{ about: string | undefined }>();
const emit = defineEmits<{ save: [text: string]; close: [] }>();
const text = ref('');

function save(): void {
    if (text.value.trim() !== '') emit('save', text.value.trim());
    emit('close');
}
</script>

<template>
    <form class="note" aria-label="Note" @submit.prevent="save">
        <label for="note-text">{{ about ? `Note on ${about}` : 'Note on the walk' }}</label>
        <NInput
            v-model:value="text"
            autofocus
            maxlength="2000"
            placeholder=""
            :input-props="{ id: 'note-text' }"
            @keydown.esc="$emit('close')"
        />
        <NButton type="primary" attr-type="submit" :disabled="text.trim() === ''">Keep note</NButton>
        <NButton @click="$emit('close')">Cancel</NButton>
    </form>
</template>

<style scoped>
.note {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
    padding: 10px 16px;
    background: var(--sunken);
}
label {
    font-weight: 600;
}
.note > :deep(.n-input) {
    flex: 1 1 240px;
}
</style>
