<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import type { Schemas } from '@/shared/api/client';
import { day } from '@/shared/format';
import { useLoad } from '@/shared/useLoad';
import { NamedSelect } from '@/shared/NamedSelect';
import { computed, ref, shallowRef, watch } from 'vue';
import { useSession } from '@/shared/session/useSession';
import { wordsOf } from '@/shared/wordsOf';
import { listShelf } from '@/shared/library/api';
import { readChanges, withdrawVersion, type Entry, type Kind } from './api';
import VersionRow from './VersionRow.vue';
import ChangeList from './ChangeList.vue';

/* Which version is in force, who put it there and why, and what was changed from one to another. */
const props = defineProps<{ kind: string; slug: string }>();
const kind = computed<Kind>(() => (props.kind === 'vehicle' ? 'vehicle' : 'checklist'));
const before = ref<number | null>(null);
const after = ref<number | null>(null);
const changes = shallowRef<Schemas['ChangeResource'][]>();
const entry = shallowRef<Entry>();

const why = ref('');
const { user } = useSession();
async function find(): Promise<Entry> {
    const found = (await listShelf(kind.value)).find(({ slug }) => slug === props.slug);
    if (found === undefined) throw new Error('There is no checklist or vehicle of this name here.');
    entry.value = found;
    return found;
}
const { loaded, again } = useLoad(async () => {
    const found = await find();
    after.value = found.versions[0]?.id ?? null;
    before.value = found.versions[1]?.id ?? null;
    return found;
});

const mayWithdraw = computed(() => user.value?.role === 'manager');
async function withdraw(id: number, reason: string | null): Promise<void> {
    why.value = '';
    try {
        await withdrawVersion(kind.value, id, reason);
        await find();
    } catch (error) {
        why.value = wordsOf(error);
    }
}

const options = computed(() =>
    (entry.value?.versions ?? []).map((one) => ({
        value: one.id,
        label: [
            `Version ${one.version}`,
            ...(one.in_force ? ['in force'] : []),
            ...(one.in_force_from ? [`from ${day(one.in_force_from)}`] : []),
        ].join(', '),
    })),
);

watch([before, after], async ([from, to]) => {
    changes.value = undefined;
    if (from !== null && to !== null) changes.value = await readChanges(kind.value, to, from);
});
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <p><RouterLink to="/library">Checklists and vehicles</RouterLink></p>
                <h1>Which version of {{ data.name }} is in force?</h1>
                <ul class="versions">
                    <VersionRow
                        v-for="one in entry?.versions ?? data.versions"
                        :key="one.id"
                        :version="one"
                        :may-withdraw="mayWithdraw"
                        :next="(entry ?? data).version_before"
                        @withdraw="(reason) => withdraw(one.id, reason)"
                    />
                </ul>
                <p v-if="why" role="alert" class="alert">{{ why }}</p>
                <h2>What was changed?</h2>
                <p v-if="data.versions.length < 2">There is one version only, so nothing was changed yet.</p>
                <template v-else>
                    <div class="choose">
                        <label for="from">From</label>
                        <NamedSelect v-model:value="before" :options="options" :input-props="{ id: 'from' }" />
                        <label for="to">to</label>
                        <NamedSelect v-model:value="after" :options="options" :input-props="{ id: 'to' }" />
                    </div>
                    <ChangeList v-if="changes" :changes="changes" />
                </template>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.versions {
    list-style: none;
    margin: 0;
    padding: 0;
}
.choose {
    display: grid;
    grid-template-columns: auto 1fr auto 1fr;
    gap: var(--space-5);
    align-items: center;
    max-width: 720px;
}
</style>
