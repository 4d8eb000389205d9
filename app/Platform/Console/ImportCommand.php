<?php

declare(strict_types=1);

namespace App\Platform\Console;

use App\Platform\Audit\Actor;
use App\Platform\Extension\Extensions;
use App\Platform\Import\ImportFile;
use App\Platform\Import\ImportKind;
use App\Platform\Import\ImportKinds;
use App\Platform\Import\LoadImport;
use App\Platform\Import\TryImport;
use App\Platform\Sites\Site;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;
use Sundial\Import\RowOutcome;

/** The import of files on the command line. */
final class ImportCommand extends Command
{
    protected $signature =
        'import:file {file : a CSV file} {--what=register : what it holds, such as meters or stock; a word that is '.
        'none lists them} {--site= : the code of the site} {--dry-run : only check}';

    protected $description = 'Checks a file and loads all of it, or nothing';

    public function handle(ImportKinds $kinds, ImportFile $keep, TryImport $try, LoadImport $load): int
    {
        $site = Site::query()->where('code', self::word($this->option('site')))->first();
        $kind = $kinds->find(self::word($this->option('what')));
        $path = self::word($this->argument('file'));
        $wrong = match (true) {
            $site === null => '--site takes the code of a site: '.
                Site::query()->orderBy('code')->pluck('code')->implode(', ').
                '.',
            $kind === null => '--what takes '.
                implode(
                    ', ',
                    array_map(
                        static fn (ImportKind $one): string => $one->key(),
                        app(Extensions::class)->of(ImportKind::class),
                    ),
                ).
                '.',
            ! is_file($path) || ! is_readable($path) => "There is no readable file {$path}.",
            default => null,
        };
        if ($wrong !== null || $site === null || $kind === null) {
            $this->error((string) $wrong);

            return self::FAILURE;
        }
        $import = $keep(
            Actor::sundial(),
            $kind->key(),
            $site->id,
            (string) file_get_contents($path),
            basename($path),
        );
        $plan = $try(Actor::sundial(), $import);
        foreach ($plan->problems as $problem) {
            $this->line("row {$problem['row']}, {$problem['column']}: {$problem['message']}");
        }
        if ($plan->problems !== []) {
            $this->error(count($plan->problems).' problems; nothing was loaded.');

            return self::FAILURE;
        }
        $counts =
            count($plan->that(RowOutcome::Make)).
            ' made, '.
            count($plan->that(RowOutcome::Change)).
            ' changed, '.
            count($plan->that(RowOutcome::Nothing)).
            ' left as they are';
        if ($this->option('dry-run')) {
            $this->info("{$counts}; a dry run loads nothing.");

            return self::SUCCESS;
        }
        try {
            $load(Actor::sundial(), $import->id, $plan->work());
        } catch (ValidationException $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->info("{$counts}.");

        return self::SUCCESS;
    }

    private static function word(mixed $given): string
    {
        return is_string($given) ? $given : '';
    }
}
