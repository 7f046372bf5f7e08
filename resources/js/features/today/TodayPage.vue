<script setup lang="ts">
import { useSession } from '@/shared/session/useSession';
import { Device } from '@/shared/outbox/Device';
import AttemptRow from '@/shared/AttemptRow.vue';
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { computed, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { readToday } from './api';
import DueStudents from './DueStudents.vue';
import WaitingSound from './WaitingSound.vue';
import YardRow from './YardRow.vue';

const router = useRouter();
const { user } = useSession();
const device = new Device(user.value?.id ?? 0);
const { loaded, again } = useLoad(() => device.fresh('today', readToday));
const unsent = shallowRef<Awaited<ReturnType<Device['unsent']>>>([]);
void device.unsent().then((found) => (unsent.value = found));
const scores = computed(() => user.value?.may_score === true);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <section v-if="data.under_way.length > 0" class="under-way">
                    <h1>
                        {{ data.under_way.length === 1 ? 'A walk is' : `${data.under_way.length} walks are` }} under way
                    </h1>
                    <AttemptRow v-for="attempt in data.under_way" :key="attempt.id" :attempt="attempt" show-student />
                </section>
                <section v-if="unsent.length > 0" class="unsent" data-test="unsent">
                    <h2>Kept on this device, not sent yet</h2>
                    <p v-for="one in unsent" :key="one.id">
                        <RouterLink :to="{ name: 'walk', params: { id: one.id } }">{{
                            one.student || 'A walk'
                        }}</RouterLink>, {{ one.marks }} marks. Open it with network and they are sent.
                    </p>
                </section>
                <WaitingSound :device="device" />
                <section v-if="data.in_yard.length > 0">
                    <h2>In the yard now</h2>
                    <YardRow
                        v-for="attempt in data.in_yard"
                        :key="attempt.id"
                        :attempt="attempt"
                        :can-score="scores"
                        @changed="again"
                    />
                </section>
                <section>
                    <div class="head">
                        <component :is="data.under_way.length > 0 ? 'h2' : 'h1'">Who should walk next</component>
                        <NButton v-if="scores" type="primary" size="large" @click="router.push({ name: 'start' })"
                            >New attempt</NButton
                        >
                    </div>
                    <p class="quiet">
                        Not seen for {{ data.due_after_days }} days, or with an exam within
                        {{ data.due_after_days }} days; nearest exam first.
                    </p>
                    <DueStudents :students="data.due" :can-start="scores" />
                </section>
                <section>
                    <h2>Just finished</h2>
                    <p v-if="data.recent.length === 0" class="quiet">
                        None yet. The first one appears here when it is finished.
                    </p>
                    <div class="recent">
                        <AttemptRow v-for="attempt in data.recent" :key="attempt.id" :attempt="attempt" show-student />
                    </div>
                </section>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-3);
}
.under-way {
    padding: var(--space-6) var(--space-7) var(--space-3);
    border: 3px solid var(--strong);
    border-radius: var(--round-large);
    background: var(--panel);
}
.unsent {
    border-left: 8px solid var(--part);
    padding-left: var(--space-6);
}
.head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-5);
}
.recent {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 460px), 1fr));
    column-gap: var(--space-9);
}
</style>
