import { useState } from 'react';
import { rebaseEdit } from '@haveld/core/edits/merge-edit';

/**
 * What a form changes, as it was when the person began: others may change it meanwhile, and are not overwritten unseen.
 * @param now as it stands, asked again whenever it may have changed
 * @param isEditing false as long as nothing was typed: what is there then is what is seen
 */
export function useEdit<T extends object>(now: T, isEditing = true) {
  const [began, setBegan] = useState(now);
  const [isTold, setTold] = useState(false);
  if (!isEditing && began !== now) {
    setBegan(now);
    setTold(false);
  }
  return {
    /** Somebody else changed it since. */
    isOvertaken: isEditing && began !== now && JSON.stringify(began) !== JSON.stringify(now),
    /** @returns what to send; whoever was told of a conflict and sends it again means it */
    toSend: (wanted: T): T & { seen: T } =>
      isTold ? { ...rebaseEdit(now, began, wanted), seen: now } : { ...wanted, seen: began },
    /** The server told them of somebody else's change. */
    tell: () => setTold(true),
  };
}
