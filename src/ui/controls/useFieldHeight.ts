import { useEffect, useState } from 'react';

/** Height of the fields that drawings stand on, px: as it is laid out for a small laptop, and on a window that is both wide and tall. */
const USUAL_PX = 408;
const ROOMY_PX = 580;
const ROOMY = '(min-width: 1600px) and (min-height: 960px)';

/** How high the drawings are on this window; it follows when the window changes. */
export function useFieldHeight(): number {
  const [roomy, setRoomy] = useState(false);
  useEffect(() => {
    const query = window.matchMedia(ROOMY);
    const put = () => setRoomy(query.matches);
    put();
    query.addEventListener('change', put);
    return () => query.removeEventListener('change', put);
  }, []);
  return roomy ? ROOMY_PX : USUAL_PX;
}
