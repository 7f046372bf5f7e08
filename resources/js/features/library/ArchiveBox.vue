<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { NButton, NInput } from 'naive-ui';
import { ref } from 'vue';
import { archiveDocument, type Kind } from './api';

/* Takes a whole checklist or vehicle out of use, and brings it back; walks keep what they were scored under. */
const props = defineProps<{ kind: Kind; version: number; archived: boolean }>();
const emit = defineEmits<{ changed: [] }>();
const asking = ref(false);
const reason = ref('');
const why = ref('');

async function send(given: string | null): Promise<void> {
    try {
        await archiveDocument(props.kind, props.version, given);
        asking.value = false;
        emit('changed');
    } catch (error) {
        why.value = wordsOf(error);
    }
}
</script>

<template>
    <NButton v-if="archived" data-test="unarchive" @click="send(null)">Bring back</NButton>
    <NButton v-else-if="!asking" quaternary data-test="archive" @click="asking = true">Archive</NButton>
    <form v-else class="acts" @submit.prevent="send(reason.trim())">
        <NInput
            v-model:value="reason"
            placeholder="Why is it not used any more?"
            :maxlength="500"
            :input-props="{ 'aria-label': 'Why it is archived' }"
        />
        <NButton attr-type="submit" type="primary" :disabled="reason.trim() === ''" data-test="archive-now"
            >Archive</NButton
        >
        <NButton quaternary @click="asking = false">Cancel</NButton>
    </form>
    <p v-if="why" role="alert">{{ why }}</p>
</template>
