<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { useSessionStorage } from '@vueuse/core';
import { NButton, NInput } from 'naive-ui';
import { computed, onMounted, ref, useTemplateRef } from 'vue';
import { keepPhrases } from '@/shared/attempt/api';

/* A note by one tap of a phrase that the school keeps, or typed. */
const props = defineProps<{
    about: string | undefined;
    phrases: string[];
    mayKeep: boolean;
    /** Under which what is half typed is kept, should the note be closed or the page go. */
    keptAs: string;
}>();
const emit = defineEmits<{ save: [text: string]; close: []; kept: [phrases: string[]] }>();
const text = useSessionStorage<string | null>(props.keptAs, null, { flush: 'sync' });
/** A thumb's keyboard has no other way to a new line. */
const isTouched = matchMedia('(pointer: coarse)').matches;
const field = useTemplateRef<{ focus: () => void }>('field');
// Who opened it by key goes on typing; a thumb may want a phrase, and no keyboard over half the screen.
onMounted(() => isTouched || field.value?.focus());
const why = ref('');
const typed = computed(() => (text.value ?? '').trim());

function save(words = typed.value): void {
    if (words !== '') emit('save', words);
    if (words === typed.value) text.value = null;
    emit('close');
}

async function keep(phrases: string[]): Promise<void> {
    try {
        emit('kept', await keepPhrases(phrases));
    } catch (error) {
        why.value = wordsOf(error);
    }
}
</script>

<template>
    <form class="note" aria-label="Note" @submit.prevent="save()">
        <div class="phrases">
            <NButton v-for="phrase in props.phrases" :key="phrase" @click="save(phrase)">{{ phrase }}</NButton>
        </div>
        <label for="note-text">{{ about ? `Note on ${about}` : 'Note on the walk' }}</label>
        <NInput
            ref="field"
            v-model:value="text"
            type="textarea"
            :autosize="{ minRows: 1, maxRows: 6 }"
            maxlength="2000"
            show-count
            :placeholder="isTouched ? '' : 'Enter saves, Shift+Enter is a new line'"
            :input-props="{ id: 'note-text' }"
            @keydown.esc="$emit('close')"
            @keydown.enter.exact="(event) => isTouched || (event.preventDefault(), save())"
        />
        <NButton type="primary" attr-type="submit" :disabled="typed === ''">Save note</NButton>
        <NButton v-if="mayKeep && typed !== '' && !phrases.includes(typed)" @click="keep([...phrases, typed])"
            >Save as a phrase</NButton
        >
        <NButton v-if="mayKeep && phrases.includes(typed)" @click="keep(phrases.filter((one) => one !== typed))"
            >Drop this phrase</NButton
        >
        <NButton @click="$emit('close')">Cancel</NButton>
        <p v-if="why" role="alert">{{ why }}</p>
    </form>
</template>

<style scoped>
.note,
.phrases {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: var(--space-3) var(--space-5);
}
.note {
    padding: var(--space-4) var(--space-6);
    background: var(--sunken);
}
.phrases {
    width: 100%;
}
label {
    font-weight: 600;
}
.note > :deep(.n-input) {
    flex: 1 1 240px;
}
</style>
