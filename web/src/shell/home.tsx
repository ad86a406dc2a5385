import { Navigate } from 'react-router';
import { useMay } from '../parts/use-may';

/** Where one's work begins: with what arrived, or, for a guest, with the catalogue. */
export const useHome = (): string => (useMay('artist') ? '/arrivals' : '/catalogue');

export function Home() {
  return <Navigate to={useHome()} replace />;
}
