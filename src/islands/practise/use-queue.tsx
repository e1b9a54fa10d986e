import { useCallback, useEffect, useState } from 'react';
import { Notice } from '../../ui/notice';
import { type Flushed, flush, waiting } from './queue';

/** How often waiting answers are sent, in ms. */
const SEND_EVERY = 5000;

/** Sends the student's answers in the background and says when they cannot be sent. */
export function useQueue(student: string) {
  const [state, setState] = useState<Flushed>('sent');
  const send = useCallback(async () => {
    if (waiting(student) > 0) setState(await flush(student));
  }, [student]);
  useEffect(() => {
    void send();
    const timer = setInterval(send, SEND_EVERY);
    window.addEventListener('online', send);
    document.addEventListener('visibilitychange', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
      document.removeEventListener('visibilitychange', send);
    };
  }, [send]);
  return { state, send };
}

/** Says when answers wait on the device, and why. */
export function QueueNotice({ state, student }: { state: Flushed; student: string }) {
  if (state === 'offline') {
    return (
      <Notice kind="note">No connection. Go on: your answers are kept here and sent later.</Notice>
    );
  }
  if (state === 'signed-out') {
    return (
      <Notice kind="note">
        You are signed out, or your group is gone. {waiting(student)} answers are kept on this
        device. <a href="/enter?again=1">Enter again</a> to send them, or ask your teacher.
      </Notice>
    );
  }
  if (state === 'refused') {
    return (
      <Notice kind="wrong">
        Your answers could not be sent. They are kept here. Tell your teacher.
      </Notice>
    );
  }
  return null;
}
