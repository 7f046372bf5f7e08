<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import TextField from '@/shared/TextField.vue';
import { dayAndTime } from '@/shared/format';
import { answer, api, type Schemas } from '@/shared/api/client';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { reactive, ref } from 'vue';

/* Who did what to which record? Lines are only ever added, each with the digest of the one before. */
type Line = Schemas['TrailLineResource'];
const asked = reactive({ words: '', from: '', to: '' });
const read = (before?: number): Promise<Schemas['TrailResource']> =>
    answer(
        api.GET('/trail', {
            params: {
                query: {
                    ...(asked.words && { words: asked.words }),
                    ...(asked.from && { from: asked.from }),
                    ...(asked.to && { to: asked.to }),
                    ...(before !== undefined && { before }),
                },
            },
        }),
    );
const older = ref<Line[]>([]);
const next = ref<number | null>();
const { loaded, again } = useLoad(async () => {
    const found = await read();
    older.value = [];
    next.value = found.before;
    return found;
});
const { busy, why, doing } = useDoing();
const more = (): Promise<boolean> =>
    doing(async () => {
        const found = await read(next.value ?? undefined);
        older.value.push(...found.lines);
        next.value = found.before;
    });

const shown = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value));
/** "name: Mira T. → Mira Tallgrass" */
function changes({ before, after }: Line): string[] {
    const was = (before ?? {}) as Record<string, unknown>;
    const is = (after ?? {}) as Record<string, unknown>;
    const names = [...new Set([...Object.keys(was), ...Object.keys(is)])];
    return names.map((name) =>
        name in was && name in is
            ? `${name}: ${shown(was[name])} → ${shown(is[name])}`
            : `${name}: ${shown(name in was ? was[name] : is[name])}`,
    );
}
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header>
                    <h1>Who did what? {{ data.all }} lines</h1>
                    <p class="quiet">
                        Each line holds the digest of the one before, so nothing is changed or taken out unseen; the
                        server checks it with php artisan pasada:audit --verify.
                    </p>
                </header>
                <form class="field-line" role="search" @submit.prevent="again">
                    <TextField v-model="asked.words" label="A name, a word, a value" />
                    <TextField v-model="asked.from" label="From" type="date" />
                    <TextField v-model="asked.to" label="To" type="date" />
                    <NButton size="large" attr-type="submit">Search</NButton>
                </form>
                <p v-if="data.lines.length === 0">Nothing was found. Ask for fewer words or more days.</p>
                <table v-else class="record-table" data-test="trail">
                    <thead>
                        <tr>
                            <th scope="col">When</th>
                            <th scope="col">Who, from where</th>
                            <th scope="col">What</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="line in [...data.lines, ...older]" :key="line.position">
                            <td>
                                {{ dayAndTime(line.at) }} <small>line {{ line.position }}</small>
                            </td>
                            <td>
                                {{ line.who }} <small>{{ line.address }}</small>
                            </td>
                            <td>
                                <strong>{{ line.did }}</strong> {{ line.kind }} {{ line.record }}
                                <details v-if="changes(line).length > 0">
                                    <summary>what exactly</summary>
                                    <ul>
                                        <li v-for="change in changes(line)" :key="change">{{ change }}</li>
                                    </ul>
                                </details>
                            </td>
                        </tr>
                    </tbody>
                </table>
                <NButton v-if="next" size="large" :loading="busy" @click="more">Older lines</NButton>
                <p v-if="why" class="alert" role="alert">{{ why }}</p>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
small {
    display: block;
    color: var(--quiet);
}
td {
    vertical-align: top;
}
li {
    overflow-wrap: anywhere;
}
</style>
