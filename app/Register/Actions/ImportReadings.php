<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
use App\Register\Models\Meter;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ReadingsFile;
use Sundial\Support\InvalidInput;
use Sundial\Support\SundialException;

/** Takes the readings of a file, all or none. A dry run does the same and takes it back, so that it tells exactly what would be refused. */
final readonly class ImportReadings
{
    public function __construct(private TakeReading $take)
    {
    }

    /** @return list<array{row: int, column: string, message: string}> what is refused; nothing was taken unless this is empty and it was no dry run */
    public function __invoke(Actor $by, int $siteId, ReadingsFile $file, bool $dryRun): array
    {
        if ($file->problems !== []) {
            return $file->problems;
        }
        $zone = Site::query()->findOrFail($siteId)->zone();
        $rows = $file->rows;
        usort($rows, static fn (array $a, array $b): int => [str_replace('T', ' ', $a['at']), $a['row']] <=> [str_replace('T', ' ', $b['at']), $b['row']]);
        DB::beginTransaction();
        $problems = [];
        foreach ($rows as $row) {
            try {
                $meter = $this->meter($siteId, $row['tag'], $row['meter']);
                ($this->take)($by, $meter, $row['reading'], (new DateTimeImmutable($row['at'], $zone))->setTimezone(new DateTimeZone('UTC')), note: $row['note'] === '' ? null : $row['note'], source: 'import');
            } catch (SundialException $e) {
                $problems[] = ['row' => $row['row'], 'column' => ['turn' => 'reading', 'shown' => 'reading', 'value' => 'reading'][(string) $e->field()] ?? (string) $e->field(), 'message' => $e->getMessage()];
            }
        }
        $dryRun || $problems !== [] ? DB::rollBack() : DB::commit();
        usort($problems, static fn (array $a, array $b): int => $a['row'] <=> $b['row']);

        return $problems;
    }

    private function meter(int $siteId, string $tag, string $name): Meter
    {
        $meters = Meter::query()->where('site_id', $siteId)->whereIn('asset_id', DB::table('assets')->where('site_id', $siteId)->where('tag', $tag)->select('id'))->get();
        $named = $name === '' ? $meters : $meters->filter(static fn (Meter $meter): bool => mb_strtolower($meter->name) === mb_strtolower($name));

        return match (true) {
            $named->count() === 1 => $named->sole(),
            $meters->isEmpty() => throw InvalidInput::because('no_meter', 'tag', "There is no asset “{$tag}” with a meter at this site."),
            $name === '' => throw InvalidInput::because('which', 'meter', "{$tag} has several meters: ".$meters->pluck('name')->implode(', ').'. Name the one.'),
            default => throw InvalidInput::because('no_meter', 'meter', "{$tag} has no meter “{$name}”. It has: ".$meters->pluck('name')->implode(', ').'.'),
        };
    }
}
