<?php

declare(strict_types=1);

/** @return array<string, string> the file of each class, by its short name; two of one name are told as none */
function classFiles(): array
{
    $files = [];
    foreach (['app', 'core'] as $part) {
        $below = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$part}", FilesystemIterator::SKIP_DOTS),
        );
        foreach ($below as $file) {
            if ($file->getExtension() === 'php') {
                $name = $file->getBasename('.php');
                $files[$name] = isset($files[$name]) ? '' : $file->getPathname();
            }
        }
    }

    return array_filter($files);
}

it('tells in docs/flows.md what the code does', function () {
    $page = (string) file_get_contents(dirname(__DIR__, 2).'/docs/flows.md');
    $files = classFiles();
    preg_match_all('/^- `(\w+)` → `(\w+)`: \S/m', $page, $steps, PREG_SET_ORDER);
    $wrong = [];
    foreach ($steps as [, $from, $to]) {
        if (! isset($files[$from], $files[$to])) {
            $wrong[] = "{$from} → {$to}: there is no such class, or there are two";
        } elseif (preg_match("/\\b{$to}\\b/", (string) file_get_contents($files[$from])) !== 1) {
            $wrong[] = "{$from} does not use {$to}";
        }
    }
    expect($wrong)
        ->toBe([])
        ->and(count($steps))
        ->toBeGreaterThan(30)
        // A line of another form would not be read.
        ->and(preg_match_all('/^- /m', $page))
        ->toBe(count($steps));
});
