<script setup lang="ts">
import { NButton, NCheckbox, NInput, NInputNumber } from 'naive-ui';
import type { ChecklistDocument } from '../api';
import { freeId } from './documentEdits';

/* Which sections everybody is asked, and which belong to a form that is drawn on the day. */
defineProps<{ document: ChecklistDocument }>();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();

/** The first form holds what nobody has put elsewhere: every section has to be reached. */
function add(): void {
    emit('change', (document) => {
        const sections = document.sections.map(({ id }) => id);
        document.forms ??= { always: sections.slice(0, -1), draw: [] };
        const { draw, always = [] } = document.forms;
        const id = freeId(
            String.fromCharCode(97 + draw.length),
            draw.map((form) => form.id),
        );
        const rest = sections.filter((one) => !always.includes(one));
        draw.push({ id, name: `Form ${id.toUpperCase()}`, sections: rest.length > 0 ? rest : sections, weight: 1 });
    });
}
function drop(id: string): void {
    emit('change', (document) => {
        if (document.forms === undefined) return;
        document.forms.draw = document.forms.draw.filter((form) => form.id !== id);
        if (document.forms.draw.length === 0) delete document.forms;
    });
}
function put(form: string | undefined, section: string, is: boolean): void {
    emit('change', ({ forms, sections }) => {
        if (forms === undefined) return;
        const of = form === undefined ? (forms.always ??= []) : forms.draw.find(({ id }) => id === form)?.sections;
        if (of === undefined) return;
        const wanted = new Set(is ? [...of, section] : of.filter((one) => one !== section));
        // In walking order, whatever was ticked first.
        of.splice(0, of.length, ...sections.map(({ id }) => id).filter((id) => wanted.has(id)));
    });
}
function edit(id: string, change: (form: NonNullable<ChecklistDocument['forms']>['draw'][number]) => void): void {
    emit('change', ({ forms }) => {
        const form = forms?.draw.find((one) => one.id === id);
        if (form !== undefined) change(form);
    });
}
</script>

<template>
    <div class="forms">
        <h2>Is everybody asked everything?</h2>
        <p v-if="document.forms === undefined" class="quiet">
            Yes. Add a form where only a part is asked, drawn by lot.
        </p>
        <div v-else class="table">
            <table aria-label="Sections by form">
                <thead>
                    <tr>
                        <th scope="col">Section</th>
                        <th scope="col">Always</th>
                        <th v-for="form in document.forms.draw" :key="form.id" scope="col">
                            <NInput
                                type="textarea"
                                :autosize="{ minRows: 2 }"
                                :value="form.name"
                                :input-props="{ 'aria-label': `Name of form ${form.id}` }"
                                @update:value="(value) => edit(form.id, (one) => (one.name = value))"
                            />
                        </th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="section in document.sections" :key="section.id">
                        <th scope="row">{{ section.name }}</th>
                        <td>
                            <NCheckbox
                                :checked="document.forms.always?.includes(section.id) ?? false"
                                :aria-label="`${section.name} is always asked`"
                                @update:checked="(is) => put(undefined, section.id, is)"
                            />
                        </td>
                        <td v-for="form in document.forms.draw" :key="form.id">
                            <NCheckbox
                                :checked="form.sections.includes(section.id)"
                                :aria-label="`${section.name} is in ${form.name}`"
                                @update:checked="(is) => put(form.id, section.id, is)"
                            />
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">How often it is drawn, against the others</th>
                        <td></td>
                        <td v-for="form in document.forms.draw" :key="form.id">
                            <NInputNumber
                                :show-button="false"
                                :min="0"
                                :max="1000"
                                :value="form.weight ?? 1"
                                :input-props="{ 'aria-label': `How often ${form.name} is drawn` }"
                                @update:value="(value) => edit(form.id, (one) => (one.weight = value ?? 1))"
                            />
                            <NButton quaternary :aria-label="`Remove ${form.name}`" @click="drop(form.id)"
                                >Remove</NButton
                            >
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div><NButton data-test="add-form" @click="add">Add form</NButton></div>
    </div>
</template>

<style scoped>
.forms {
    display: grid;
    gap: var(--space-4);
}
h2 {
    font-size: var(--size-strong);
}
.table {
    overflow-x: auto;
}
th {
    text-align: left;
    padding: var(--space-2) var(--space-4) var(--space-2) 0;
    min-width: 90px;
}
tbody th {
    font-weight: 600;
    min-width: 170px;
}
thead th {
    width: 150px;
    vertical-align: bottom;
}
td {
    padding: var(--space-2) var(--space-4) var(--space-2) 0;
}
tr {
    border-bottom: 1px solid var(--line);
}
table {
    border-collapse: collapse;
}
</style>
