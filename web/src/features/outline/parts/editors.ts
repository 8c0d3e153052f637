import type { Component } from 'svelte';
import type { TokenView, Wish } from '../../../lib/api/types';
import Finder from './Finder.svelte';
import ValueEditor from './ValueEditor.svelte';

/** The kinds of value a token can hold; the server's words. */
export type TokenType = 'duration' | 'count' | 'destination' | 'hours' | 'text' | 'script';

export type Editor = Component<{ token: TokenView; save: (wishes: Wish[]) => Promise<void> }>;

/** An editor for each kind of value; a missing one does not compile. */
export const EDITORS: { [Type in TokenType]: Editor } = {
  duration: ValueEditor,
  count: ValueEditor,
  destination: Finder,
  hours: ValueEditor,
  text: ValueEditor,
  script: ValueEditor,
};

export function editorOf(type: string): Editor {
  return EDITORS[type as TokenType];
}
