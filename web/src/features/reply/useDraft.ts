import { useEffect, useRef, useState } from 'react';
import { Problem, type Language, type Reply } from '../../api/client';
import { fetchReply, useWriteReply } from './queries';

const SAVE_AFTER = 2_000;
const draftKey = (id: string) => `oilcloth.draft.${id}`;

/** What lies in the browser until it is saved, and the version it was written over. */
interface Kept {
  body: string;
  base: string;
  language: Language;
  version: number;
}

function keptDraft(id: string): Kept | null {
  const kept = sessionStorage.getItem(draftKey(id));
  return kept === null ? null : (JSON.parse(kept) as Kept);
}

/**
 * A letter in somebody's hands. It is saved by itself a moment after the last key; until then it lies in the browser, so
 * that a reload loses nothing. When somebody else saved first, theirs is fetched and a choice is asked for.
 */
export function useDraft(id: string, reply: Reply, locked: boolean) {
  const [kept] = useState(() => keptDraft(id));
  const [body, setBody] = useState(kept?.body ?? reply.body);
  const [language, setLanguage] = useState<Language>(kept?.language ?? reply.language);
  const [base, setBase] = useState(kept?.base ?? reply.base);
  const [version, setVersion] = useState(kept?.version ?? reply.version);
  const [touched, setTouched] = useState(kept !== null);
  // somebody saved while this draft lay in the browser
  const [theirs, setTheirs] = useState<Reply | null>(kept && kept.version !== reply.version ? reply : null);
  const write = useWriteReply(id);

  const latest = useRef(body);
  useEffect(() => {
    latest.current = body;
  }, [body]);

  const edit = (words: string, from: { base?: string; language?: Language; version?: number } = {}) => {
    const draft: Kept = {
      body: words,
      base: from.base ?? base,
      language: from.language ?? language,
      version: from.version ?? version,
    };
    setBody(draft.body);
    setBase(draft.base);
    setLanguage(draft.language);
    setVersion(draft.version);
    setTouched(true);
    sessionStorage.setItem(draftKey(id), JSON.stringify(draft));
  };

  const save = (byItself: boolean, over: number = version) => {
    const sent = body;
    write.mutate(
      { body: sent, composed: base, language, byItself, version: over },
      {
        onSuccess: (saved) => {
          setVersion(saved.version);
          setTheirs(null);
          // what was typed while it was on its way is not saved yet
          if (latest.current === sent) {
            setTouched(false);
            sessionStorage.removeItem(draftKey(id));
          } else {
            const draft: Kept = { body: latest.current, base, language, version: saved.version };
            sessionStorage.setItem(draftKey(id), JSON.stringify(draft));
          }
        },
        onError: (error) => {
          if (error instanceof Problem && error.status === 409) {
            void fetchReply(id).then(setTheirs);
          }
        },
      },
    );
  };

  const saveNow = useRef(save);
  useEffect(() => {
    saveNow.current = save;
  });
  const waiting = touched && !locked && theirs === null && !write.isPending && !write.isError;
  useEffect(() => {
    if (!waiting) {
      return;
    }
    const timer = setTimeout(() => saveNow.current(true), SAVE_AFTER);
    return () => clearTimeout(timer);
  }, [waiting, body, language, base]);

  // a signed letter is shown as it was signed, whatever still lies in this browser
  const mine = !locked;
  return {
    body: mine ? body : reply.body,
    language: mine ? language : reply.language,
    version,
    dirty: (mine && touched) || !reply.saved,
    touched: mine && touched,
    theirs: mine ? theirs : null,
    saving: write.isPending,
    error: theirs ? null : write.error,
    edit,
    save,
    keepMine: () => theirs && save(false, theirs.version),
    takeTheirs: () => {
      if (theirs) {
        setBody(theirs.body);
        setBase(theirs.base);
        setLanguage(theirs.language);
        setVersion(theirs.version);
        setTouched(false);
        setTheirs(null);
        sessionStorage.removeItem(draftKey(id));
      }
    },
    putBoth: () => {
      if (theirs) {
        setTheirs(null);
        edit(`${body.trimEnd()}\n\n${theirs.body}`, { version: theirs.version });
      }
    },
  };
}
