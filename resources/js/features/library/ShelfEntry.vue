<script setup lang="ts">
import { day } from '@/shared/format';
import OutOfService from '@/shared/OutOfService.vue';
import { useSession } from '@/shared/session/useSession';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Entry, Kind } from './api';
import ArchiveBox from './ArchiveBox.vue';

/* One checklist or vehicle, with the version that is in force and what can be done with it. */
const props = defineProps<{ kind: Kind; entry: Entry; archived: boolean; mayEdit: boolean }>();
defineEmits<{ change: [id: number]; copy: [id: number]; changed: [] }>();
const { user } = useSession();
const isManager = computed(() => user.value?.role === 'manager');
const isOpen = ref(false);
const current = computed(() => props.entry.versions.find(({ in_force }) => in_force) ?? props.entry.versions[0]);
const standing = computed(() => {
    const one = current.value;
    if (props.archived) return `archived: ${one?.withdrawn_reason ?? ''}`;
    const next = props.entry.versions.find(({ state }) => state === 'scheduled');
    const now = one?.in_force === true ? `version ${one.version} in force` : 'not in force';
    return next === undefined ? now : `${now}; version ${next.version} from ${day(next.in_force_from ?? '')}`;
});
</script>

<template>
    <article>
        <button type="button" class="head" :aria-expanded="isOpen" @click="isOpen = !isOpen">
            <span class="name">{{ entry.name }}</span>
            <span class="quiet">{{ standing }}</span>
            <strong v-if="entry.out_of_service" class="out">out of service</strong>
        </button>
        <div v-if="isOpen" class="body">
            <p>{{ entry.about }}</p>
            <OutOfService
                v-if="kind === 'vehicle'"
                :vehicle="current?.id ?? 0"
                :reason="entry.out_of_service"
                :may-change="isManager"
                @changed="$emit('changed')"
            />
            <div class="acts">
                <template v-if="mayEdit">
                    <NButton v-if="!archived" type="primary" @click="$emit('change', current?.id ?? 0)">Edit</NButton>
                    <NButton @click="$emit('copy', current?.id ?? 0)">Copy</NButton>
                </template>
                <RouterLink :to="{ name: 'versions', params: { kind, slug: entry.slug } }">Versions</RouterLink>
                <a :href="`/api/v1/library/${kind}/${current?.id}/document`" download>Download</a>
                <template v-if="kind === 'checklist'">
                    <RouterLink v-if="!archived" :to="{ name: 'asked', params: { slug: entry.slug } }"
                        >What is asked</RouterLink
                    >
                    <a :href="`/api/v1/library/checklist/${current?.id}/table`" download>Download table</a>
                </template>
                <ArchiveBox
                    v-if="isManager"
                    :kind="kind"
                    :version="current?.id ?? 0"
                    :archived="archived"
                    @changed="$emit('changed')"
                />
            </div>
        </div>
    </article>
</template>

<style scoped>
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
