<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Platform\Clock\Clock;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Work\Failure\UsualFailure;

/** What failures on machines of a class usually turned out to be in the last two years, where it showed alike. */
final readonly class UsualFailureOf
{
    private const WORDS = ['mode', 'mechanism', 'cause', 'action'];

    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(int $classId, ?string $symptom): ?UsualFailure
    {
        $words = array_map(static fn (string $word): string => "f.{$word}", self::WORDS);
        $rows = DB::table('failure_records as f')
            ->join('assets as a', 'a.id', '=', 'f.asset_id')
            ->where('a.class_id', $classId)
            ->where('f.symptom', $symptom)
            ->whereNotNull('f.mode')
            ->where('f.created_at', '>=', $this->clock->now()->modify('-730 days')->format('Y-m-d H:i:s'))
            ->groupBy($words)
            ->orderByRaw('COUNT(*) DESC')
            ->limit(5)
            ->get([...$words, DB::raw('COUNT(*) as n')]);

        return UsualFailure::among(
            array_values(
                $rows->map(static fn (stdClass $row): array => [
                    array_map(
                        static fn (mixed $word): ?string => $word === null ? null : (string) $word,
                        array_intersect_key((array) $row, array_flip(self::WORDS)),
                    ),
                    (int) $row->n,
                ])->all(),
            ),
        );
    }
}
