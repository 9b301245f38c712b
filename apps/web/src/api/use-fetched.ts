import { useCallback, useEffect, useState } from 'react';
import { ApiFailure, failureWords } from './client.ts';

/** What the server was asked for, the failure of the last question, and a way to ask again. Until it is answered, what was there
 * before stays; an answer that comes too late is left aside.
 * @param ask asks; a new function is a new question, so it is kept by `useCallback` */
export function useFetched<T>(ask: () => Promise<T>) {
  const [found, setFound] = useState<T>();
  const [failure, setFailure] = useState<ApiFailure>();
  const [asked, setAsked] = useState(0);
  useEffect(() => {
    let late = false;
    ask()
      .then((answer) => {
        if (late) return;
        setFound(answer);
        setFailure(undefined);
      })
      .catch((error: unknown) => {
        if (!late)
          setFailure(error instanceof ApiFailure ? error : new ApiFailure(0, 'server.away', failureWords(error)));
      });
    return () => {
      late = true;
    };
  }, [ask, asked]);
  return { found, failure, reload: useCallback(() => setAsked((count) => count + 1), []) };
}
