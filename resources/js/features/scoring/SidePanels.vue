<script setup lang="ts">
import { useSession } from '@/shared/session/useSession';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import ListenPanel from '@/shared/speech/ListenPanel.vue';
import DiscardBox from './DiscardBox.vue';
import KeySheet from './KeySheet.vue';
import LeaveBox from './LeaveBox.vue';
import NoteBox from './NoteBox.vue';
import PauseBox from './PauseBox.vue';
import SamePanel from './SamePanel.vue';
import TimeLine from './TimeLine.vue';
import ToolsPanel from './ToolsPanel.vue';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import type { Comfort } from './useComfort';
import type { Scoring } from './useScoring';

/* The one panel that is open between the bar and the drawing. */
const props = defineProps<{ walk: OpenAttempt; scoring: Scoring; comfort: Comfort }>();
defineEmits<{ comfort: [change: Partial<Comfort>] }>();
const { user } = useSession();
const router = useRouter();
const panel = computed(() => props.scoring.panel.value);
const mayKeep = computed(() => user.value?.may_change_documents === true);
</script>

<template>
    <NoteBox
        v-if="panel === 'note'"
        :about="scoring.noted.value?.name"
        :phrases="walk.attempt.value?.phrases ?? []"
        :may-keep="mayKeep"
        :kept-as="`pasada-note-${walk.id}-${scoring.noted.value?.id ?? ''}`"
        @save="(text) => walk.mark.note(text, scoring.noted.value)"
        @kept="walk.keepPhrases"
        @close="scoring.close"
    />
    <LeaveBox v-else-if="panel === 'leave'" @stay="scoring.close" @leave="router.push('/')" />
    <DiscardBox v-else-if="panel === 'discard'" :walk="walk" @close="scoring.close" />
    <PauseBox v-else-if="panel === 'pause'" @pause="scoring.pauseFor" @close="scoring.close" />
    <SamePanel
        v-else-if="panel === 'same' && scoring.here.value"
        :place="scoring.here.value"
        :walk="walk"
        @close="scoring.close"
    />
    <ListenPanel v-else-if="panel === 'listen'" :walk="walk" :live="scoring.live" @close="scoring.close" />
    <KeySheet v-else-if="panel === 'keys'" @close="scoring.close" />
    <TimeLine v-else-if="panel === 'line'" :walk="walk" @close="scoring.close" />
    <ToolsPanel
        v-else-if="panel === 'tools'"
        :walk="walk"
        :silent="scoring.silent.value"
        :totals="scoring.totals.value"
        :comfort="comfort"
        @note="scoring.noteOn(undefined)"
        @pause="scoring.pause"
        @keys="scoring.show('keys')"
        @line="scoring.show('line')"
        @listen="scoring.show('listen')"
        @cover="scoring.show('cover')"
        @discard="scoring.show('discard')"
        @totals="scoring.showTotals"
        @comfort="(change) => $emit('comfort', change)"
        @close="scoring.close"
    />
</template>
