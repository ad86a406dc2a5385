import { useQuery } from '@tanstack/react-query';
import { mayAs, type Role } from '@haveld/contract/role';
import { meQuery } from '../api/queries';

/** May the person who is signed in do what is open from this role on? The server asks again; here it decides what is shown. */
export function useMay(least: Role): boolean {
  const { data } = useQuery(meQuery);
  return data !== undefined && mayAs(data.role, least);
}

/** Is something the person's own to end? Curators and owners end what others began, too. */
export function useMayEnd(personId: string): { isMine: boolean; mayEnd: boolean } {
  const { data } = useQuery(meQuery);
  const mayEndAll = useMay('curator');
  const isMine = data?.id === personId;
  return { isMine, mayEnd: isMine || mayEndAll };
}
