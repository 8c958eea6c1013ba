import { afterEach, describe, expect, it } from 'vitest';
import { selectionIn } from './selection';

describe('chosen words', () => {
  afterEach(() => window.getSelection()?.removeAllRanges());

  const page = (): HTMLElement => {
    const element = document.createElement('div');
    element.textContent = 'Process 15 minutes in boiling water.';
    document.body.replaceChildren(element);
    return element;
  };

  it('are offsets into the text', () => {
    const element = page();
    const range = document.createRange();
    range.setStart(element.firstChild as Node, 8);
    range.setEnd(element.firstChild as Node, 18);
    window.getSelection()?.addRange(range);
    expect(selectionIn(element)).toEqual({ start: 8, end: 18 });
  });

  it('are nothing where nothing is chosen', () => {
    expect(selectionIn(page())).toBeNull();
  });
});
