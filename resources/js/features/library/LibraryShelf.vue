<script setup lang="ts">
import { day } from '@/shared/format';
import { NButton } from 'naive-ui';
import OutOfService from '@/shared/OutOfService.vue';
import { useSession } from '@/shared/session/useSession';
import { computed, ref } from 'vue';
import type { Entry, Kind } from './api';

/* One kind of document, each with the version that is in force. */
defineProps<{ kind: Kind; title: string; entries: readonly Entry[]; mayEdit: boolean }>();
defineEmits<{ change: [id: number]; copy: [id: number]; changed: [] }>();
const { user } = useSession();
const mayService = computed(() => user.value?.role === 'manager');

const opened = ref<string>();
const current = (entry: Entry): Entry['versions'][number] | undefined =>
    entry.versions.find(({ in_force }) => in_force) ?? entry.versions[0];

function standing(entry: Entry): string {
    const one = current(entry);
    const next = entry.versions.find(({ state }) => state === 'scheduled');
    const now = one?.in_force === true ? `version ${one.version} in force` : 'not in force';
    return next === undefined ? now : `${now}; version ${next.version} from ${day(next.in_force_from ?? '')}`;
}
</script>

<template>
    <section class="shelf">
        <header>
            <h2>{{ title }}</h2>
            <slot />
        </header>
        <article v-for="entry in entries" :key="entry.slug">
            <button
                type="button"
                class="head"
                :aria-expanded="opened === entry.slug"
                @click="opened = opened === entry.slug ? undefined : entry.slug"
            >
                <span class="name">{{ entry.name }}</span>
                <span class="quiet">{{ standing(entry) }}</span>
                <strong v-if="entry.out_of_service" class="out">out of service</strong>
            </button>
            <div v-if="opened === entry.slug" class="body">
                <p>{{ entry.about }}</p>
                <OutOfService
                    v-if="kind === 'vehicle'"
                    :vehicle="current(entry)?.id ?? 0"
                    :reason="entry.out_of_service"
                    :may-change="mayService"
                    @changed="$emit('changed')"
                />
                <div class="acts">
                    <template v-if="mayEdit">
                        <NButton type="primary" @click="$emit('change', current(entry)?.id ?? 0)">Edit</NButton>
                        <NButton @click="$emit('copy', current(entry)?.id ?? 0)">Copy</NButton>
                    </template>
                    <RouterLink :to="{ name: 'versions', params: { kind, slug: entry.slug } }">Versions</RouterLink>
                    <a :href="`/api/v1/library/${kind}/${current(entry)?.id}/document`" download>Download</a>
                    <RouterLink v-if="kind === 'checklist'" :to="{ name: 'asked', params: { slug: entry.slug } }"
                        >What is asked</RouterLink
                    >
                    <a
                        v-if="kind === 'checklist'"
                        :href="`/api/v1/library/checklist/${current(entry)?.id}/table`"
                        download
                        >Download table</a
                    >
                </div>
            </div>
        </article>
    </section>
</template>

<style scoped>
header {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3) var(--space-5);
    justify-content: space-between;
    align-items: end;
    min-height: 48px;
    padding-bottom: var(--space-2);
    border-bottom: 2px solid var(--ink);
}
article {
    border-bottom: 1px solid var(--line);
}
.head {
    width: 100%;
    min-height: 60px;
    display: grid;
    text-align: left;
    background: none;
    border: 0;
    padding: var(--space-3) 0;
    cursor: pointer;
    line-height: 1.25;
}
.name {
    font-weight: 700;
    font-size: var(--size-strong);
}
.out {
    color: var(--lost);
}
.body {
    display: grid;
    gap: var(--space-5);
    padding: 0 0 var(--space-6);
}
</style>
