import './thumbnail.css';
import { bytesUrl } from '../api/client';

/** A picture made by Haveld, or a word where there is none yet. */
export function Thumbnail({
  sha256,
  name,
  waiting = 'no picture yet',
}: {
  sha256: string | null;
  name: string;
  waiting?: string;
}) {
  return (
    <span className="thumbnail">
      {sha256 ? (
        <img src={bytesUrl(sha256, 'png')} alt={name} loading="lazy" />
      ) : (
        <span className="small">{waiting}</span>
      )}
    </span>
  );
}
