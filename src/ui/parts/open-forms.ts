import { useEffect, useRef } from 'react';

/** Saves what is typed, without leaving the page; false where it cannot be saved as it is, and the form says why. */
type Save = () => Promise<boolean>;

/** Of the forms on the page that hold something typed and not saved. */
const open = new Set<{ save: Save }>();

/** While something in a form is not saved, whatever leads on from the page can save it. */
export function useOpenForm(isChanged: boolean, save: Save): void {
  const form = useRef({ save });
  useEffect(() => {
    form.current.save = save;
  });
  useEffect(() => {
    if (!isChanged) return;
    const own = form.current;
    open.add(own);
    return () => void open.delete(own);
  }, [isChanged]);
}

/** Saves all that is typed on the page; false as soon as something of it cannot be. */
export async function saveOpenForms(): Promise<boolean> {
  for (const form of [...open]) if (!(await form.save())) return false;
  return true;
}
