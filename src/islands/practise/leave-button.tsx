import { LogOut } from 'lucide-react';
import { send } from '../../ui/api';

/** Ends the student's session on this device; answers not yet sent stay here. */
export function LeaveButton() {
  const leave = async () => {
    await send('POST', '/api/student/leave', {});
    window.location.href = '/enter';
  };
  return (
    <button
      type="button"
      className="flex min-h-12 items-center gap-1 px-2 text-sm text-soft"
      onClick={leave}
    >
      <LogOut aria-hidden size={16} /> Leave
    </button>
  );
}
