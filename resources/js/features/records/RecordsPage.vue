<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { NamedSelect } from '@/shared/NamedSelect';
import { answer, api } from '@/shared/api/client';
import { listChoices } from '@/shared/right/api';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { NButton, NProgress } from 'naive-ui';
import { computed, ref, shallowRef } from 'vue';
import { likely, readFile, type Named, type Whose } from './recordsFile';
import { useTakeIn } from './useTakeIn';

/* Records that were taken out of another Pasada: whose are they here? */
const { loaded, again } = useLoad(listChoices);
const { why, doing } = useDoing();
const { done, taken, faults, isGoing, share, stop, takeIn } = useTakeIn();
const file = ref('');
const named = shallowRef<Named[]>([]);
const whose = ref<Record<string, Whose>>({});
const people = computed(() =>
    loaded.value.state === 'ready'
        ? loaded.value.data.students.map(({ id, name }) => ({ value: id, label: name }))
        : [],
);
const options = (name: string): { value: number | string; label: string }[] => [
    { value: 'new', label: `Somebody new: ${name}` },
    { value: 'out', label: 'Leave out' },
    ...people.value,
];
const records = computed(() =>
    named.value.reduce(
        (sum, one) =>
            sum +
            (typeof whose.value[one.name] === 'number' || whose.value[one.name] === 'new' ? one.records.length : 0),
        0,
    ),
);
const open = computed(() => named.value.filter(({ name }) => whose.value[name] === null).length);

async function choose(event: Event): Promise<void> {
    const chosen = (event.target as HTMLInputElement).files?.[0];
    if (chosen === undefined) return;
    await doing(async () => {
        named.value = [];
        file.value = chosen.name;
        const all = readFile(await chosen.text());
        const names = all.map(({ name }) => name);
        const alike = await answer(api.POST('/records/names', { body: { names } }));
        whose.value = Object.fromEntries(alike.map(({ name, students }) => [name, likely(students)]));
        named.value = all;
    });
}
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <main class="page">
            <header>
                <h1>Whose are these records?</h1>
                <p>
                    A JSON file that was taken out of Pasada, here or elsewhere. Each record says afterwards that it was
                    taken in, when and by whom. What is here already stays as it is.
                </p>
            </header>
            <label class="file">
                <input
                    type="file"
                    accept=".json,application/json"
                    class="visually-hidden"
                    data-test="records-file"
                    @change="choose"
                />
                <NButton tag="span" size="large" type="primary">{{
                    file === '' ? 'Choose the file' : 'Choose another'
                }}</NButton>
                <span>{{ file }}</span>
            </label>
            <section v-if="named.length > 0" class="stack">
                <ul class="figure-list" data-test="named">
                    <li v-for="one in named" :key="one.name">
                        <span
                            ><strong>{{ one.name }}</strong
                            ><small>{{
                                one.records.length === 1 ? '1 walk' : `${one.records.length} walks`
                            }}</small></span
                        >
                        <NamedSelect
                            :value="whose[one.name] ?? null"
                            filterable
                            size="large"
                            :options="options(one.name)"
                            placeholder="Two have this name: which?"
                            :input-props="{ 'aria-label': `Who ${one.name} is here` }"
                            @update:value="(value: Whose) => (whose = { ...whose, [one.name]: value })"
                        />
                    </li>
                </ul>
                <div class="acts">
                    <NButton
                        type="primary"
                        size="large"
                        :loading="isGoing"
                        :disabled="open > 0 || records === 0"
                        data-test="take-in"
                        @click="takeIn(named, whose)"
                        >Take {{ records === 1 ? 'one walk' : `${records} walks` }} in</NButton
                    >
                    <NButton v-if="isGoing" size="large" @click="stop">Stop</NButton>
                    <span v-if="open > 0" class="quiet">Say first who {{ open }} of them are.</span>
                </div>
                <NProgress
                    v-if="isGoing"
                    type="line"
                    :percentage="Math.floor(share * 100)"
                    :show-indicator="false"
                    aria-label="Taken in"
                />
                <p v-if="done > 0" role="status" data-test="taken">
                    {{ taken === 1 ? '1 walk is' : `${taken} walks are` }} here.
                    {{ faults.length === 0 ? '' : `${faults.length} could not be taken in:` }}
                </p>
                <ul v-if="faults.length > 0" class="faults">
                    <li v-for="fault in faults" :key="fault">{{ fault }}</li>
                </ul>
            </section>
            <p v-if="why" class="alert" role="alert">{{ why }}</p>
        </main>
    </LoadState>
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
.figure-list :deep(.n-select) {
    width: min(60%, 380px);
}
small {
    display: block;
}
.faults li {
    overflow-wrap: anywhere;
}
</style>
