import { Command, Option } from 'commander';
import { DomainError } from '@haveld/contract/error';
import { endAllWorkers } from '@haveld/engine/sandbox/sandbox-workers';
import { ConfirmSchema, PRESETS, type Confirm, type PreparedReport } from '@haveld/contract/prepared';
import { Outputs } from './outputs';
import { prepare } from './prepare';
import { printTable } from './print-table';
import { readPreset } from './read-preset';
import { createProgressBar } from './show-progress';
import { addSendCommands } from './send/command';
import { createWorkshop } from './workshop';

/** How the command ends. */
export const EXIT = { sure: 0, failed: 1, open: 3 } as const;

interface Options {
  confirm: Confirm;
  out?: string;
  json?: boolean;
  preset: string;
  replace?: boolean;
  password?: string[];
}

const program = new Command('haveld')
  .description('Looks through downloaded models, and puts right what is sure. See docs/shell.md.')
  .showHelpAfterError();

program
  .command('prepare')
  .argument('<input>', 'a model, an archive or a folder')
  .requiredOption('--out <folder>', 'where the GLB of each model, its thumbnail and report.json go')
  .option('--json', 'print the report as JSON')
  .option('--preset <preset>', `what may be done unasked: ${Object.keys(PRESETS).join(', ')}, or a JSON file`, 'house')
  .addOption(
    new Option('--confirm <what>', 'what is guessed: left as a question, or applied as it is')
      .choices(ConfirmSchema.options)
      .default('nothing'),
  )
  .option('--replace', 'write over what lies in the folder')
  .option('--password <passwords...>', 'tried on archives that are locked')
  .description('reads, judges and puts right what is sure, and writes one GLB a model')
  .action((input: string, options: Options) => run(input, options));

program
  .command('inspect')
  .argument('<input>', 'a model, an archive or a folder')
  .option('--json', 'print the report as JSON')
  .option('--preset <preset>', 'as for prepare', 'house')
  .addOption(new Option('--confirm <what>', 'as for prepare').choices(ConfirmSchema.options).default('nothing'))
  .option('--password <passwords...>', 'as for prepare')
  .description('says what prepare would find, and writes nothing')
  .action((input: string, options: Options) => run(input, options));

addSendCommands(program);

async function run(input: string, options: Options): Promise<void> {
  const stop = new AbortController();
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => stop.abort(new DomainError('bad-request', 'Stopped.')));
  const bar = createProgressBar(process.stderr);
  try {
    const preset = await readPreset(options.preset);
    const outputs = options.out === undefined ? null : await Outputs.open(options.out, options.replace ?? false);
    const workshop = createWorkshop({ onProgress: bar.show, signal: stop.signal, passwords: options.password ?? [] });
    const report = await prepare({ input, preset, confirm: options.confirm, outputs }, workshop);
    await outputs?.writeReport(report);
    bar.end();
    process.stdout.write(
      options.json ? `${JSON.stringify(report, null, 2)}\n` : printTable(report, process.stdout.isTTY),
    );
    process.exitCode = exitCodeOf(report);
  } catch (error) {
    bar.end();
    if (!(error instanceof DomainError)) throw error;
    process.stderr.write(`${error.message}\n`);
    process.exitCode = EXIT.failed;
  } finally {
    // their folders go with this run's
    await endAllWorkers();
  }
}

function exitCodeOf({ models, locked }: PreparedReport): number {
  if (models.some((model) => model.status === 'failed')) return EXIT.failed;
  return locked.length > 0 || models.some((model) => model.status === 'open' || model.question !== null)
    ? EXIT.open
    : EXIT.sure;
}

await program.parseAsync();
