import { createBrowserRouter } from 'react-router';
import { createQueries, Frame } from './frame';
import { ROUTES } from './routes';

const queries = createQueries();
const router = createBrowserRouter(ROUTES);

export const App = () => <Frame queries={queries} router={router} />;
