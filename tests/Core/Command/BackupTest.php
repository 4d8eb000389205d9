<?php

declare(strict_types=1);

use Sundial\Ops\Backup;
use Sundial\Ops\Instance;
use Sundial\Ops\Trouble;

/** @param  array<string, mixed>  $manifest */
function archive(array $manifest, string $sql, bool $cut = false): string
{
    $folder = sys_get_temp_dir().'/sundial-backup-test-'.getmypid();
    is_dir($folder) || mkdir($folder, 0700, true);
    file_put_contents("{$folder}/database.sql", $sql);
    file_put_contents("{$folder}/manifest.json", json_encode($manifest + ['format' => 1, 'instance' => 'live', 'made' => '2026-03-18T08:00:00+00:00', 'migrations' => ['2026_01_01_000001_platform'], 'sha256' => hash('sha256', $sql), 'bytes' => strlen($sql)]));
    exec('tar -czf '.escapeshellarg("{$folder}.tar.gz").' -C '.escapeshellarg($folder).' ./manifest.json ./database.sql');
    if ($cut) {
        file_put_contents("{$folder}.tar.gz", substr((string) file_get_contents("{$folder}.tar.gz"), 0, 150));
    }

    return "{$folder}.tar.gz";
}

const WHOLE = "CREATE TABLE t (id INT);\n-- Dump completed on 2026-03-18\n";

it('reads a whole backup through', fn () => expect((new Backup(dirname(__DIR__, 3)))->check(archive([], WHOLE))['instance'])->toBe('live'));

it('refuses a backup that is damaged, cut off, of another format, or none', function (array $manifest, string $sql, bool $cut, string $says) {
    expect(fn () => (new Backup(dirname(__DIR__, 3)))->check(archive($manifest, $sql, $cut)))->toThrow(Trouble::class, $says);
})->with([
    'another content' => [['sha256' => str_repeat('0', 64)], WHOLE, false, 'damaged'],
    'not written to its end' => [[], 'CREATE TABLE t (id INT);', false, 'damaged'],
    'cut off' => [[], WHOLE, true, 'no backup'],
    'another format' => [['format' => 2], WHOLE, false, 'format 2'],
]);

it('refuses to restore what a newer Sundial wrote, before it asks or touches anything', function () {
    $root = dirname(__DIR__, 3);
    $asked = false;
    expect(fn () => (new Backup($root))->restore(new Instance($root, 'nowhere'), archive(['migrations' => ['2099_01_01_000001_later']], WHOLE), function () use (&$asked): bool {
        return $asked = true;
    }))->toThrow(Trouble::class, 'newer Sundial')->and($asked)->toBeFalse();
});

it('leaves everything as it is when the answer is no', function () {
    $root = dirname(__DIR__, 3);
    expect((new Backup($root))->restore(new Instance($root, 'nowhere'), archive([], WHOLE), fn (): bool => false))->toBeFalse()->and(is_dir("{$root}/var/nowhere"))->toBeFalse();
});
