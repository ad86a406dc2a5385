import './map-tray.css';
import { useDraggable } from '@dnd-kit/core';
import type { UnusedMap } from '@haveld/contract/report';
import { ROLES } from '@haveld/core/textures/roles';
import { bytesUrl } from '../../api/client';

/** Pictures that came and that nobody uses: each can be drawn onto a cell. */
export function MapTray({ unused }: { unused: readonly UnusedMap[] }) {
  return (
    <section className="map-tray" aria-label="Unused textures">
      <h2>
        {unused.length === 0
          ? 'Every texture is used'
          : `${unused.length} unused ${unused.length === 1 ? 'texture' : 'textures'}`}
      </h2>
      {unused.length === 0 ? (
        <p className="quiet small">What comes with a model and belongs to no material stands here.</p>
      ) : (
        <ul>
          {unused.map((picture) => (
            <TrayPicture key={picture.sha256} picture={picture} />
          ))}
        </ul>
      )}
    </section>
  );
}

function TrayPicture({ picture }: { picture: UnusedMap }) {
  const { setNodeRef, listeners, attributes, isDragging } = useDraggable({ id: picture.sha256, data: { picture } });
  const name = picture.path.split('/').pop()!;
  return (
    <li>
      <div
        ref={setNodeRef}
        className={isDragging ? 'map-spare drawn' : 'map-spare'}
        {...listeners}
        {...attributes}
        title={picture.path}
      >
        {picture.picture?.thumbSha256 ? (
          <img src={bytesUrl(picture.picture.thumbSha256, 'png')} alt="" draggable={false} />
        ) : (
          <span className="map-blank" />
        )}
        <span className="map-tray-name">{name}</span>
        {picture.judged && (
          <span className="quiet small">
            {ROLES[picture.judged.role].label}, {Math.round(picture.judged.confidence * 100)} %
          </span>
        )}
      </div>
    </li>
  );
}
