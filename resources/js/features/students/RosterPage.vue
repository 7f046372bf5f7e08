<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { base64Of } from '@/shared/base64';
import { useDoing } from '@/shared/useDoing';
import type { Schemas } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { bringStudents } from './api';

/* A list of students from a spreadsheet: every line is right, or nobody is taken in. */
type Column = NonNullable<Schemas['RosterRequest']['columns']>[number];
const router = useRouter();
const { busy, why, doing } = useDoing();
const file = ref<{ name: string; content: string }>();
const told = shallowRef<Schemas['RosterResource']>();
const columns = ref<Column[]>();
const choices = ref<Record<number, string>>({});

const ask = (keep: boolean): Promise<boolean> =>
    doing(async () => {
        if (file.value === undefined) return;
        told.value = await bringStudents({
            ...file.value,
            keep,
            choices: choices.value,
            ...(columns.value !== undefined && { columns: columns.value }),
        });
        if (told.value.kept !== null) await router.push('/students');
    });
async function choose(event: Event): Promise<void> {
    const chosen = (event.target as HTMLInputElement).files?.[0];
    if (chosen === undefined) return;
    file.value = { name: chosen.name, content: base64Of(new Uint8Array(await chosen.arrayBuffer())) };
    columns.value = undefined;
    choices.value = {};
    await ask(false);
}
function mean(at: number, column: Column): void {
    columns.value = (told.value?.columns ?? []).map(({ value }, n) => (n === at ? column : value) as Column);
    void ask(false);
}
function decide(line: number, choice: 'new' | 'same' | 'skip'): void {
    choices.value = { ...choices.value, [line]: choice };
    void ask(false);
}
function skipAll(): void {
    for (const { line, known, choice } of told.value?.lines ?? []) {
        if (known.length > 0 && choice === null) choices.value[line] = 'skip';
    }
    void ask(false);
}
const doubtful = (all: Schemas['RosterResource']): Schemas['RosterLineResource'][] =>
    all.lines.filter(({ faults, known }) => faults.length > 0 || known.length > 0);
</script>

<template>
    <main class="page">
        <header>
            <h1>Bring a list of students</h1>
            <p>
                XLSX or CSV; the first line names the columns, of results of earlier exams, too. What is not needed
                here, as a birth date, is left out. Nobody is taken in until every line is right.
            </p>
        </header>
        <label class="file">
            <input
                type="file"
                accept=".csv,.xlsx,text/csv"
                class="visually-hidden"
                data-test="roster-file"
                @change="choose"
            />
            <NButton tag="span" size="large" type="primary">{{ file ? 'Choose it again' : 'Choose the file' }}</NButton>
            <span v-if="file">{{ file.name }}</span>
        </label>
        <template v-if="told">
            <section>
                <h2>What does each column hold?</h2>
                <div class="columns">
                    <div v-for="(column, at) in told.columns" :key="at">
                        <strong>{{ column.label }}</strong>
                        <NamedSelect
                            :value="column.value"
                            :options="told.meanings"
                            :input-props="{ 'aria-label': column.label }"
                            @update:value="(value: Column) => mean(at, value)"
                        />
                    </div>
                </div>
            </section>
            <section v-if="doubtful(told).length > 0">
                <h2>
                    {{ told.faults === 0 ? 'Nothing is wrong' : `${told.faults} lines are wrong` }},
                    {{ told.open === 0 ? 'no doubt is left' : `${told.open} may be there already` }}
                </h2>
                <NButton v-if="told.open > 1" :disabled="busy" @click="skipAll">Leave out all who may be there</NButton>
                <ul class="figure-list" data-test="roster-doubts">
                    <li v-for="line in doubtful(told)" :key="line.line">
                        <span>
                            <strong>Line {{ line.line }}: {{ line.name || 'no name' }}</strong>
                            <small v-for="fault in line.faults" :key="fault" class="alert">{{ fault }}</small>
                            <small v-if="line.known.length > 0">maybe {{ line.known.join('; ') }}</small>
                        </span>
                        <span class="acts">
                            <NButton
                                v-if="line.known.length > 0 && line.faults.length === 0"
                                :type="line.choice === 'new' ? 'primary' : 'default'"
                                :disabled="busy"
                                @click="decide(line.line, 'new')"
                                >Somebody new</NButton
                            >
                            <NButton
                                v-if="line.known.length === 1 && line.result && line.faults.length === 0"
                                :type="line.choice === 'same' ? 'primary' : 'default'"
                                :disabled="busy"
                                @click="decide(line.line, 'same')"
                                >The same: keep the result</NButton
                            >
                            <NButton
                                :type="line.choice === 'skip' ? 'primary' : 'default'"
                                :disabled="busy"
                                @click="decide(line.line, 'skip')"
                                >Leave out</NButton
                            >
                        </span>
                    </li>
                </ul>
            </section>
            <section>
                <h2>{{ told.lines.filter(({ choice }) => choice !== 'skip').length }} students</h2>
                <NButton
                    type="primary"
                    size="large"
                    data-test="roster-keep"
                    :disabled="busy || told.faults > 0 || told.open > 0"
                    @click="ask(true)"
                    >Take them in</NButton
                >
                <p v-if="told.faults > 0" class="quiet">Mend the file and choose it again, or leave the lines out.</p>
            </section>
        </template>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </main>
</template>

<style scoped>
.file {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-4);
    align-items: center;
    min-height: 56px;
    font-weight: 600;
}
.file:focus-within {
    outline: 3px solid var(--late);
    border-radius: var(--round-middle);
}
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: var(--space-4);
}
section {
    display: grid;
    gap: var(--space-4);
    justify-items: start;
}
.columns,
ul {
    width: 100%;
}
small {
    display: block;
}
</style>
