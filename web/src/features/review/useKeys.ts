import { useEffect } from 'react';

/** Single keys, wherever nobody is typing. */
export function useKeys(handlers: Record<string, () => void>) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const typing = target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null;
      const handler = handlers[event.key];
      if (handler && !typing && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        handler();
      }
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [handlers]);
}
