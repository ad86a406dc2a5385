#!/usr/bin/env node
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildShell } from '../../scripts/steps/build.mjs';

const root = resolve(import.meta.dirname, '../..');
await buildShell(root);
await import(pathToFileURL(resolve(root, 'dist/shell/haveld.js')).href);
