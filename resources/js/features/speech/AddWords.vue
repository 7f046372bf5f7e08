<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { ref } from 'vue';

/* Brings in a caption file or a text of what was said. */
defineProps<{ busy: string; replaces: boolean }>();
const emit = defineEmits<{ add: [name: string, content: string] }>();
const text = ref('');
const over = ref(false);

async function take(files: FileList | null | undefined): Promise<void> {
    const file = files?.[0];
    if (file !== undefined) emit('add', file.name, await file.text());
}
</script>

<template>
    <section class="add" aria-label="Add the words of the walk">
        <label
            class="drop"
            :class="{ over }"
            @dragover.prevent="over = true"
            @dragleave="over = false"
            @drop.prevent="((over = false), take($event.dataTransfer?.files))"
        >
            <strong>Choose a caption file</strong>
            <span class="quiet">WebVTT, SRT or text, up to 2 MB. Or drop it here.</span>
            <input
                type="file"
                accept=".vtt,.srt,.txt,text/vtt,text/plain,application/x-subrip"
                data-test="captions"
                :disabled="busy !== ''"
                @change="take(($event.target as HTMLInputElement).files)"
            />
        </label>
        <div class="paste">
            <label for="said">Or paste what was said</label>
            <NInput
                v-model:value="text"
                type="textarea"
                :rows="5"
                placeholder="[0:00] Paragraphs may begin with their time in brackets."
                :input-props="{ id: 'said' }"
            />
            <NButton
                type="primary"
                size="large"
                data-test="listen"
                :disabled="text.trim() === '' || busy !== ''"
                @click="emit('add', 'Pasted text', text)"
                >Listen to it</NButton
            >
        </div>
        <p v-if="replaces" class="quiet">
            These words take the place of those that are here. Marks that were made stay as they are.
        </p>
        <p v-if="busy" role="status">{{ busy }}</p>
    </section>
</template>

<style scoped>
.add {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 320px), 1fr));
    gap: var(--space-7);
}
.add > p {
    grid-column: 1 / -1;
}
.drop {
    display: grid;
    align-content: center;
    justify-items: start;
    gap: var(--space-3);
    padding: var(--space-7);
    border: 3px dashed var(--line);
    border-radius: var(--round-large);
    cursor: pointer;
}
.drop.over,
.drop:focus-within {
    border-color: var(--strong);
}
.paste {
    display: grid;
    gap: var(--space-3);
    justify-items: start;
}
.paste > :deep(.n-input) {
    width: 100%;
}
</style>
