<?php

declare(strict_types=1);

/** @return list<string> the files of these folders that hold code, from the project's folder on */
function codeFiles(string ...$folders): array
{
    $root = dirname(__DIR__, 2);
    $found = [];
    foreach ($folders as $folder) {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}"));
        foreach ($files as $file) {
            if (in_array($file->getExtension(), ['php', 'js', 'mjs', 'scss', 'conf', 'ini', 'cnf', 'service'], true)) {
                $found[] = substr($file->getPathname(), strlen($root) + 1);
            }
        }
    }

    return $found;
}

/** A view is formatted by a tool that does not break between two tags that touch; it gets 20 columns more. */
it('keeps every line within 120 columns, and those of views within 140', function () {
    $folders = codeFiles('app', 'config', 'core', 'database', 'ops', 'bench', 'tests', 'e2e', 'resources');
    $files = [...$folders, 'bootstrap/app.php', 'bootstrap/providers.php'];
    $long = [];
    foreach ($files as $file) {
        $most = str_ends_with($file, '.blade.php') ? 140 : 120;
        foreach (file(dirname(__DIR__, 2)."/{$file}", FILE_IGNORE_NEW_LINES) ?: [] as $at => $line) {
            if (mb_strlen($line) > $most) {
                $long[] = "{$file}:".($at + 1);
            }
        }
    }
    expect(count($files))
        ->toBeGreaterThan(700)
        ->and($long)
        ->toBe([]);
});

it('keeps views short, and lets them show and nothing else', function () {
    $wrong = [];
    foreach (codeFiles('resources/views') as $file) {
        $view = (string) file_get_contents(dirname(__DIR__, 2)."/{$file}");
        if (substr_count($view, "\n") > 150) {
            $wrong[] = "{$file} has more than 150 lines";
        }
        $banned = '/\bApp\\\\|\bSundial\\\\\w|\bDB::|\bGate::|\bAuth::|json_decode|::query\(/';
        if (preg_match($banned, $view, $found) === 1) {
            $wrong[] = "{$file} holds {$found[0]}";
        }
    }
    expect($wrong)->toBe([]);
});
