<?php

declare(strict_types=1);

use Sundial\Ops\Backup;
use Sundial\Ops\Instance;
use Sundial\Ops\Trouble;

/** @param  array<string, mixed>  $manifest */
function archive(array $manifest, string $sql, bool $cut = false, string $photo = 'a photo'): string
{
    $folder = sys_get_temp_dir().'/sundial-backup-test-'.getmypid();
    is_dir($folder) || mkdir($folder, 0700, true);
    file_put_contents("{$folder}/database.sql", $sql);
    is_dir("{$folder}/storage/app") || mkdir("{$folder}/storage/app", 0700, true);
    file_put_contents("{$folder}/storage/app/photo.jpg", $photo);
    file_put_contents(
        "{$folder}/manifest.json",
        json_encode(
            $manifest + [
                'format' => 2,
                'instance' => 'live',
                'made' => '2026-03-18T08:00:00+00:00',
                'migrations' => ['2026_12_01_000001_platform'],
                'parts' => [
                    'database.sql' => ['sha256' => hash('sha256', $sql), 'bytes' => strlen($sql)],
                    'storage/app/photo.jpg' => ['sha256' => hash('sha256', 'a photo'), 'bytes' => 7],
                ],
            ],
        ),
    );
    exec(
        'tar -czf '.
            escapeshellarg("{$folder}.tar.gz").
            ' -C '.
            escapeshellarg($folder).
            ' ./manifest.json ./database.sql ./storage',
    );
    if ($cut) {
        file_put_contents("{$folder}.tar.gz", substr((string) file_get_contents("{$folder}.tar.gz"), 0, 150));
    }

    return "{$folder}.tar.gz";
}

const WHOLE = "CREATE TABLE t (id INT);\n-- Dump completed on 2026-03-18\n";

/** Whether it was restored, where the answer is no. */
function restored(string $archive): bool
{
    $root = dirname(__DIR__, 3);

    return (new Backup($root))->restore(new Instance($root, 'nowhere'), $archive, static fn (): bool => false);
}

it('refuses a backup that is damaged in any part, cut off, of another format, or none', function (
    array $manifest,
    string $sql,
    bool $cut,
    string $photo,
    string $says,
) {
    expect(fn () => restored(archive($manifest, $sql, $cut, $photo)))->toThrow(Trouble::class, $says);
    expect(is_dir(dirname(__DIR__, 3).'/var/nowhere'))->toBeFalse();
})->with([
    'another database' => [
        [
            'parts' => [
                'database.sql' => ['sha256' => str_repeat('0', 64)],
                'storage/app/photo.jpg' => ['sha256' => hash('sha256', 'a photo')],
            ],
        ],
        WHOLE,
        false,
        'a photo',
        'database.sql is not what was written down',
    ],
    'another file' => [[], WHOLE, false, 'b photo', 'photo.jpg is not what was written down'],
    'a file that is missing' => [
        [
            'parts' => [
                'database.sql' => ['sha256' => hash('sha256', WHOLE)],
                'storage/app/photo.jpg' => ['sha256' => hash('sha256', 'a photo')],
                'gone' => ['sha256' => ''],
            ],
        ],
        WHOLE,
        false,
        'a photo',
        'gone is not what was written down',
    ],
    'cut off' => [[], WHOLE, true, 'a photo', 'damaged'],
    'another format' => [['format' => 1], WHOLE, false, 'a photo', 'format 1'],
]);

it('refuses to restore what another Sundial wrote, before it asks or touches anything', function () {
    $root = dirname(__DIR__, 3);
    $asked = false;
    expect(
        fn () => (new Backup($root))->restore(
            new Instance($root, 'nowhere'),
            archive(['migrations' => ['2099_01_01_000001_later']], WHOLE),
            function () use (&$asked): bool {
                return $asked = true;
            },
        ),
    )
        ->toThrow(Trouble::class, 'another Sundial')
        ->and($asked)
        ->toBeFalse();
});

it('leaves everything as it is when the answer is no', function () {
    $root = dirname(__DIR__, 3);
    expect(restored(archive([], WHOLE)))
        ->toBeFalse()
        ->and(is_dir("{$root}/var/nowhere"))
        ->toBeFalse();
});
