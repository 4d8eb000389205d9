<?php

declare(strict_types=1);

namespace App\Register\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Register\RegisterFile;

/** The dry run of a register file against what stands at the site already. */
final class RegisterCheck
{
    public function __invoke(int $siteId, string $content): RegisterFile
    {
        $standing = [];
        foreach (['locations' => 'location', 'assets' => 'asset'] as $table => $kind) {
            foreach (DB::table($table)->where('site_id', $siteId)->pluck('tag') as $tag) {
                $standing[(string) $tag] = $kind;
            }
        }

        return RegisterFile::read($content, $standing);
    }

    /** @return list<string> classes that the file would make */
    public function newClasses(RegisterFile $file): array
    {
        $known = DB::table('equipment_classes')->pluck('name')->map(static fn (string $name): string => mb_strtolower($name))->all();
        $new = array_filter(array_column($file->ofKind('asset'), 'class'), static fn (string $name): bool => $name !== '' && ! in_array(mb_strtolower($name), $known, true));

        return array_values(array_unique($new));
    }
}
