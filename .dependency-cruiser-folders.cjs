const { options } = require('./.dependency-cruiser.cjs');

/** The arrows between folders, tests left out: what a test reaches for says nothing of how the product stands. */
module.exports = {
  forbidden: [
    {
      name: 'no-folder-leads-back-to-itself',
      severity: 'error',
      comment:
        'features of server and folders of core stand one above the other: docs/architecture.md lists them from the ground up',
      scope: 'folder',
      from: { path: '^(core|engine|server|web|cli|contract)/src/' },
      to: { circular: true },
    },
  ],
  options: { ...options, exclude: { path: 'testdata|/testing/|\\.test\\.tsx?$' } },
};
