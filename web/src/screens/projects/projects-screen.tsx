import './projects.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { projectsQuery } from '../../api/queries';
import { formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { useMay } from '../../parts/use-may';
import { ProjectForm } from './project-form';

/** The productions, each with the use it is meant for. */
export function ProjectsScreen() {
  const projects = useQuery(projectsQuery);
  const [opening, setOpening] = useState(false);
  const mayOpen = useMay('artist');
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Projects</h1>
        <span className="quiet">what each may use depends on what it is for</span>
        <span className="grow" />
        {mayOpen && (
          <Button variant="contained" onClick={() => setOpening(true)} disabled={opening}>
            New project
          </Button>
        )}
      </div>
      <div className="screen-body">
        {opening && (
          <div className="project-new sheet">
            <ProjectForm onDone={() => setOpening(false)} onCancel={() => setOpening(false)} />
          </div>
        )}
        {projects.isPending && <Loading />}
        {projects.error && <Failure error={projects.error} onRetry={() => void projects.refetch()} />}
        {projects.data?.length === 0 && !opening && (
          <Notice title="No project yet">
            A project says what it is for; then Haveld can tell what may go into it, and keeps its credits.
          </Notice>
        )}
        {projects.data && projects.data.length > 0 && (
          <table className="register">
            <thead>
              <tr>
                <th scope="col">Project</th>
                <th scope="col">For</th>
                <th scope="col">Use</th>
                <th scope="col">Takes</th>
                <th scope="col">Rights</th>
                <th scope="col">Opened</th>
              </tr>
            </thead>
            <tbody>
              {projects.data.map((project) => (
                <tr key={project.id}>
                  <td>
                    <Link to={`/projects/${project.id}`} className="register-name">
                      {project.name}
                    </Link>
                  </td>
                  <td className="quiet">{project.purpose}</td>
                  <td>
                    {project.use.commercial ? 'commercial' : 'non-commercial'}
                    {!project.live && <span className="quiet small"> ended</span>}
                  </td>
                  <td className="mono">
                    {formatCount(project.uses, 'asset')}
                    {project.live && project.newer > 0 && (
                      <span className="says-look small">
                        {' '}
                        <Mark mark="look" /> {formatCount(project.newer, 'newer version')}
                      </span>
                    )}
                  </td>
                  <td>
                    <Link to={`/projects/${project.id}/rights`}>
                      {project.reopenings > 0 ? (
                        <>
                          <Mark mark="look" /> {formatCount(project.reopenings, 'change')} to look at
                        </>
                      ) : (
                        'rights sheet'
                      )}
                    </Link>
                  </td>
                  <td className="mono quiet">{formatMoment(project.createdAt)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
    </div>
  );
}
