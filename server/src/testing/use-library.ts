import { TestLibrary, type TestClient } from './test-library';

/** A library of their own for the tests of a file, with somebody signed in and, unless it says otherwise, a worker; there from the first test on. */
export function useLibrary({ worker = true } = {}): { library: TestLibrary; client: TestClient } {
  const given = {} as { library: TestLibrary; client: TestClient };
  beforeAll(async () => {
    given.library = await TestLibrary.open();
    given.client = await given.library.signIn();
    if (worker) given.library.startWorker();
  });
  afterAll(() => given.library.close());
  return given;
}
