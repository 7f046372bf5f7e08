<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import LoadState from '@/shared/LoadState.vue';
import { daysFrom } from '@/shared/format';
import { useLoad } from '@/shared/useLoad';
import { useSession } from '@/shared/session/useSession';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ApiProblem } from '@/shared/api/client';
import { openDraft, readLibrary, restoreDraft, type Kind } from './api';
import LibraryShelf from './LibraryShelf.vue';
import UsualVehicles from './UsualVehicles.vue';

const router = useRouter();
const { loaded, again } = useLoad(readLibrary);
const { user } = useSession();
const mayEdit = computed(() => user.value?.may_change_documents === true);
const why = ref<string[]>([]);
const route = useRoute();
/** Draft that was discarded a moment ago. */
const discarded = computed(() => (typeof route.query.discarded === 'string' ? route.query.discarded : undefined));

async function bringBack(id: string): Promise<void> {
    try {
        await restoreDraft(id);
        await router.push({ name: 'draft', params: { id } });
    } catch (error) {
        why.value = [wordsOf(error)];
    }
}

async function open(body: Parameters<typeof openDraft>[0]): Promise<void> {
    why.value = [];
    try {
        const draft = await openDraft(body);
        await router.push({ name: 'draft', params: { id: draft.id } });
    } catch (error) {
        why.value =
            error instanceof ApiProblem && error.errors.length > 0
                ? error.errors.map(({ path, message }) => (path === '' ? message : `${path}: ${message}`))
                : [wordsOf(error)];
    }
}

async function bring(kind: Kind, event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (file === undefined) return;
    await open({ kind, text: await file.text() });
    input.value = '';
}
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <h1>What is asked, and of which vehicles?</h1>
                <p v-if="discarded" class="acts" role="status">
                    The draft is discarded.
                    <NButton data-test="undo-discard" @click="bringBack(discarded)">Undo</NButton>
                </p>
                <div v-if="why.length > 0" class="alert" role="alert">
                    <p><strong>Nothing was imported.</strong></p>
                    <ul>
                        <li v-for="line in why" :key="line">{{ line }}</li>
                    </ul>
                </div>
                <section v-if="data.drafts.length > 0">
                    <h2>Being changed</h2>
                    <ul class="drafts">
                        <li v-for="draft in data.drafts" :key="draft.id">
                            <RouterLink :to="{ name: 'draft', params: { id: draft.id } }"
                                >{{ draft.name }} <span class="quiet">{{ draft.kind }}</span></RouterLink
                            >
                            <span class="quiet"
                                >{{ draft.base_version === null ? 'new' : `from version ${draft.base_version}` }},
                                opened by {{ draft.by }}, changed {{ daysFrom(draft.changed_at) }}</span
                            >
                        </li>
                    </ul>
                </section>
                <div class="shelves">
                    <LibraryShelf
                        v-for="[kind, title, entries] in [
                            ['checklist', 'Checklists', data.checklists],
                            ['vehicle', 'Vehicles', data.vehicles],
                        ] as const"
                        :key="kind"
                        :kind="kind"
                        :title="title"
                        :entries="entries"
                        :may-edit="mayEdit"
                        @change="(id) => open({ kind, base_id: id })"
                        @changed="again"
                        @copy="(id) => open({ kind, base_id: id, as_new: true })"
                    >
                        <UsualVehicles v-if="mayEdit && kind === 'vehicle'" @begin="(usual) => open({ kind, usual })" />
                        <label v-if="mayEdit" class="bring">
                            <input
                                type="file"
                                accept=".json,application/json"
                                class="visually-hidden"
                                :data-test="`bring-${kind}`"
                                @change="(event) => bring(kind, event)"
                            />
                            <NButton tag="span">Import</NButton>
                        </label>
                    </LibraryShelf>
                </div>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.shelves {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
    gap: var(--space-9) var(--space-10);
}
.drafts {
    list-style: none;
    margin: var(--space-3) 0 0;
    padding: 0;
}
.drafts li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 48px;
    border-bottom: 1px solid var(--line);
}
.drafts a {
    font-weight: 700;
}
.bring {
    cursor: pointer;
}
.bring:focus-within {
    outline: 3px solid var(--late);
    border-radius: var(--round-middle);
}
</style>
