import './pages.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { bytesUrl } from '../../api/client';
import { keptPageQuery } from '../../api/queries';
import { Failure, Loading } from '../../parts/notice';

/** Says to the frame, beside its sandbox: no script, nothing from anywhere. */
const SHUT_IN = `<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; img-src data:">`;

/** A kept page as evidence: its words, which can be printed, and how it looked, in a frame without scripts and without network. */
export function KeptPageScreen() {
  const { sha256 = '' } = useParams();
  const page = useQuery(keptPageQuery(sha256));
  const bytes = useQuery({
    queryKey: ['bytes', sha256],
    queryFn: async ({ signal }) => (await fetch(bytesUrl(sha256, 'file'), { signal })).arrayBuffer(),
    staleTime: Infinity,
  });
  if (page.isPending) return <Loading />;
  if (page.isLoadingError) return <Failure error={page.error} onRetry={() => void page.refetch()} />;
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>{page.data.title || 'A kept page'}</h1>
        <span className="quiet mono small">{page.data.address}</span>
        <span className="grow" />
        <Button onClick={() => window.print()}>Print the text</Button>
        <Button component="a" href={bytesUrl(sha256, 'file', 'page.html')}>
          Save it as a file
        </Button>
      </div>
      <div className="kept-page">
        <section className="sheet kept-page-words" aria-label="Text of the page" tabIndex={0}>
          {page.data.words.trim() || 'There are no words on it.'}
        </section>
        <section className="kept-page-frame" aria-label="How it looked">
          {bytes.data && (
            <iframe
              title="The page without its scripts and pictures"
              sandbox=""
              referrerPolicy="no-referrer"
              srcDoc={SHUT_IN + new TextDecoder().decode(bytes.data)}
            />
          )}
        </section>
      </div>
    </div>
  );
}
