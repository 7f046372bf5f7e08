<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import type { ChecklistDocument, PartsList } from '../api';
import { takeList, type ListedDocument } from './documentEdits';
import ListLine from './ListLine.vue';
import { listTemplate } from './listTemplate';
import { useEditorWords } from '../useEditorWords';
import { useListImport } from './useListImport';

/* A school's or a state's own list, in whatever layout it has, becomes the parts of this checklist. */
const props = defineProps<{ draft: string }>();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();
const words = useEditorWords();
const { list, name, busy, why, doubtful, taken, start, hold, choose, agree } = useListImport(props.draft);
const pasted = ref('');
const done = ref('');
const template = computed(() => URL.createObjectURL(new Blob([listTemplate(words)], { type: 'text/csv' })));

async function open(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (file === undefined) return;
    done.value = '';
    await start(file.name, new Uint8Array(await file.arrayBuffer()));
    input.value = '';
}
async function read(): Promise<void> {
    done.value = '';
    await start('what was pasted', new TextEncoder().encode(pasted.value));
}
function take(): void {
    const read = list.value;
    if (read === undefined) return;
    emit('change', (document) => {
        takeList(document, read.document as unknown as ListedDocument);
    });
    done.value = `${taken.value} parts are in the draft. Undo takes them back out.`;
    list.value = undefined;
}
const sections = computed(() => new Set(list.value?.parts.map(({ section }) => section)).size);
</script>

<template>
    <div class="import">
        <p>
            Take a list as your state or school has it: a spreadsheet in any layout, or lines of text. Parts are
            recognized by their names; you say what is in doubt. Rules and figures stay. Nothing changes until you take
            it over.
        </p>
        <div class="acts">
            <label class="bring">
                <input
                    type="file"
                    accept=".xlsx,.csv,.txt,.tsv"
                    class="visually-hidden"
                    data-test="list-file"
                    @change="open"
                />
                <NButton tag="span" type="primary" :loading="busy">Choose a list</NButton>
            </label>
            <a :href="template" download="checklist-template.csv">Template with all known parts</a>
        </div>
        <details>
            <summary>Or paste lines of text</summary>
            <NInput
                v-model:value="pasted"
                type="textarea"
                :autosize="{ minRows: 4, maxRows: 12 }"
                placeholder="ENGINE&#10;1. Oil level&#10;2. Coolant level"
                :input-props="{ 'aria-label': 'Lines of a list' }"
            />
            <NButton :disabled="pasted.trim() === '' || busy" data-test="read-pasted" @click="read">Read them</NButton>
        </details>
        <p v-if="done" role="status">{{ done }}</p>
        <div v-if="why.length > 0" role="alert" class="alert">
            <p><strong>It could not be read, and nothing was changed.</strong></p>
            <ul>
                <li v-for="line in why" :key="line">{{ line }}</li>
            </ul>
        </div>
        <template v-if="list">
            <section>
                <h2>What do the columns of {{ name }} hold?</h2>
                <div class="columns">
                    <label v-for="(column, at) in list.columns" :key="at">
                        <strong>{{ column.heading }}</strong>
                        <small class="quiet">{{ column.sample.filter((cell) => cell !== '').join('; ') }}</small>
                        <NamedSelect
                            :value="column.holds"
                            :options="words.columns"
                            :disabled="busy"
                            :input-props="{ 'aria-label': `${column.heading} holds` }"
                            @update:value="(value: PartsList['columns'][number]['holds']) => hold(at, value)"
                        />
                    </label>
                </div>
            </section>
            <section v-if="list.faults.length > 0" class="alert" role="alert" data-test="list-faults">
                <h2>
                    {{ list.faults.length }} {{ list.faults.length === 1 ? 'fault' : 'faults' }} to settle in the list
                </h2>
                <ul>
                    <li v-for="fault in list.faults" :key="fault.path + fault.message">
                        <strong v-if="fault.path">{{ fault.path }}:</strong> {{ fault.message }}
                    </li>
                </ul>
            </section>
            <section v-if="doubtful.length > 0">
                <div class="acts">
                    <h2>Which part is it? {{ doubtful.length }} in doubt</h2>
                    <NButton :disabled="busy" data-test="agree" @click="agree">All as shown</NButton>
                </div>
                <ul class="lines" data-test="doubtful">
                    <ListLine
                        v-for="part in doubtful"
                        :key="part.line"
                        :part="part"
                        :busy="busy"
                        @choose="(choice) => choose(part.line, choice)"
                    />
                </ul>
            </section>
            <details>
                <summary>{{ list.parts.length - doubtful.length }} lines are clear</summary>
                <ul class="lines">
                    <ListLine
                        v-for="part in list.parts.filter(({ settled }) => settled)"
                        :key="part.line"
                        :part="part"
                        :busy="busy"
                        @choose="(choice) => choose(part.line, choice)"
                    />
                </ul>
            </details>
            <div class="acts">
                <NButton
                    type="primary"
                    :disabled="busy || list.faults.length > 0 || doubtful.length > 0 || taken === 0"
                    data-test="take-list"
                    @click="take"
                    >Take {{ taken }} parts in {{ sections }} {{ sections === 1 ? 'section' : 'sections' }} into the
                    draft</NButton
                >
                <span v-if="doubtful.length > 0" class="quiet">Say first what is in doubt.</span>
                <span v-else-if="list.faults.length > 0" class="quiet">Settle first what is listed above.</span>
            </div>
        </template>
    </div>
</template>

<style scoped>
.import,
section {
    display: grid;
    gap: var(--space-6);
    justify-items: stretch;
}
h2 {
    font-size: var(--size-strong);
}
.bring:focus-within {
    outline: 3px solid var(--late);
    border-radius: var(--round-middle);
}
summary {
    cursor: pointer;
    font-weight: 700;
    min-height: 44px;
}
details {
    display: grid;
    gap: var(--space-4);
}
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
    gap: var(--space-5);
}
.columns label {
    display: grid;
    gap: var(--space-2);
    align-content: end;
}
.columns small {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.lines {
    list-style: none;
    margin: 0;
    padding: 0;
}
</style>
