import { TestLibrary, type TestClient } from './test-library';

/** A library of their own for the tests of a file, with a worker and somebody signed in; there from the first test on. */
export function useLibrary(): { library: TestLibrary; client: TestClient } {
  const given = {} as { library: TestLibrary; client: TestClient };
  beforeAll(async () => {
    given.library = await TestLibrary.open();
    given.client = await given.library.signIn();
    given.library.startWorker();
  });
  afterAll(() => given.library.close());
  return given;
}
