import { inject, provide, type InjectionKey, type ShallowRef } from 'vue';
import type { EditorWords } from './api';

const key: InjectionKey<Readonly<ShallowRef<EditorWords | undefined>>> = Symbol('editor words');

/** What the values of the open format are called, for all parts of the editor below; they show once it is loaded. */
export const provideEditorWords = (words: Readonly<ShallowRef<EditorWords | undefined>>): void => provide(key, words);

export function useEditorWords(): EditorWords & { point: (code: string) => string; test: (id: string) => string } {
    const words = inject(key)?.value;
    if (words === undefined) throw new Error('DraftPage provides the editor words once they are loaded.');
    const label = (of: { value: string; label: string }[], value: string): string =>
        of.find((one) => one.value === value)?.label ?? value;
    return { ...words, point: (code) => label(words.points, code), test: (id) => label(words.tests, id) };
}
