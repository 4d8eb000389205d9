<?php

declare(strict_types=1);

namespace App\Register\Console;

use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
use App\Register\Actions\ImportRegister;
use App\Register\Queries\RegisterCheck;
use Illuminate\Console\Command;

/** The register import on the command line. */
final class ImportCommand extends Command
{
    protected $signature = 'register:import {file : a CSV file of locations and assets} {--site= : the code of the site} {--dry-run : only check}';

    protected $description = 'Checks a register file and loads all of it, or nothing';

    public function handle(RegisterCheck $check, ImportRegister $import): int
    {
        $site = Site::query()->where('code', (string) $this->option('site'))->first();
        if ($site === null) {
            $this->error('--site takes the code of a site: '.Site::query()->orderBy('code')->pluck('code')->implode(', ').'.');

            return self::FAILURE;
        }
        $path = (string) $this->argument('file');
        if (! is_file($path) || ! is_readable($path)) {
            $this->error("There is no readable file {$path}.");

            return self::FAILURE;
        }
        $content = (string) file_get_contents($path);
        $file = $check($site->id, $content);
        foreach ($file->problems as $problem) {
            $this->line("row {$problem['row']}, {$problem['column']}: {$problem['message']}");
        }
        if ($file->problems !== []) {
            $this->error(count($file->problems).' problems; nothing was loaded.');

            return self::FAILURE;
        }
        if ($this->option('dry-run')) {
            $this->info(count($file->rows).' rows are good; a dry run loads nothing.');

            return self::SUCCESS;
        }
        $this->info($import(Actor::sundial(), $site->id, $content, basename($path)).' rows are in the register.');

        return self::SUCCESS;
    }
}
