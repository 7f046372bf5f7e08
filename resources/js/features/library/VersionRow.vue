<script setup lang="ts">
import { day } from '@/shared/format';
import { NButton, NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Entry } from './api';

type Version = Entry['versions'][number];

/* One version: since when, by whom and why; a manager takes it out of force and brings it back. */
const props = defineProps<{ version: Version; mayWithdraw: boolean; next: number | null }>();
const emit = defineEmits<{ withdraw: [reason: string | null] }>();
const asking = ref(false);
const why = ref('');

const state = computed(() => {
    const { state: is, in_force_from, withdrawn_at } = props.version;
    if (is === 'in-force') return in_force_from === null ? 'In force' : `In force since ${day(in_force_from)}`;
    if (is === 'scheduled') return `Scheduled for ${day(in_force_from ?? '')}`;
    if (is === 'withdrawn') return `Withdrawn on ${day(withdrawn_at ?? '')}`;
    return is === 'replaced' ? 'Replaced' : 'Never put in force';
});
/** What holds once it is withdrawn. */
const then = computed(() =>
    props.next === null
        ? 'Nothing is in force then: it is not offered for new walks until a version is brought back.'
        : `Version ${props.next} is in force then.`,
);

function withdraw(): void {
    emit('withdraw', why.value.trim());
    asking.value = false;
}
</script>

<template>
    <li :data-version="version.version">
        <div>
            <strong>Version {{ version.version }}</strong> <span class="state">{{ state }}</span>
            <p v-if="version.by || version.reason" class="quiet">
                <template v-if="version.by">by {{ version.by }}</template
                ><template v-if="version.reason">: {{ version.reason }}</template>
            </p>
            <p v-if="version.withdrawn_reason" class="quiet">
                <template v-if="version.withdrawn_by">{{ version.withdrawn_by }}: </template
                >{{ version.withdrawn_reason }}
            </p>
        </div>
        <div v-if="mayWithdraw" class="acts">
            <NButton v-if="version.withdrawn_at !== null" data-test="bring-back" @click="$emit('withdraw', null)"
                >Bring back</NButton
            >
            <NButton v-else-if="!asking" quaternary data-test="withdraw" @click="asking = true">Withdraw</NButton>
        </div>
        <form v-if="asking" class="ask" @submit.prevent="withdraw">
            <p v-if="version.in_force">{{ then }}</p>
            <NInput
                v-model:value="why"
                placeholder="Why is it withdrawn?"
                :input-props="{ 'aria-label': 'Why it is withdrawn' }"
            />
            <div class="acts">
                <NButton type="primary" attr-type="submit" :disabled="why.trim() === ''" data-test="withdraw-now"
                    >Withdraw version {{ version.version }}</NButton
                >
                <NButton quaternary @click="asking = false">Cancel</NButton>
            </div>
        </form>
    </li>
</template>

<style scoped>
li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: var(--space-3) var(--space-5);
    align-items: center;
    border-bottom: 1px solid var(--line);
    padding: var(--space-4) 0;
}
.ask {
    grid-column: 1 / -1;
    display: grid;
    gap: var(--space-3);
}
p {
    margin: 0;
}
.state {
    margin-left: var(--space-3);
}
</style>
