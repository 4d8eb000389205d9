<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Access\Rights;
use App\Platform\Subject;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** The log of a record: newest first, a page at a time. */
final class LogQuery
{
    /** Stands before the name of a fact that is money, in what is written down about a change. */
    public const COST = 'cost: ';

    private const COSTS = ['purchase price', 'replacement value'];

    /** @return list<LogLine> at most $most, older than entry $before where given */
    public function of(Subject $subject, DateTimeZone $zone, int $most = 12, ?int $before = null): array
    {
        $query = DB::table('audit_subjects as s')
            ->join('audit_entries as e', 'e.id', '=', 's.audit_entry_id')
            ->where('s.kind', $subject->kind)
            ->where('s.subject_id', $subject->id)
            ->orderByDesc('s.audit_entry_id')
            ->limit($most)
            ->select('e.*');
        if ($before !== null) {
            $query->where('s.audit_entry_id', '<', $before);
        }

        return $this->lines($query->get(), $zone);
    }

    /**
     * @param  Collection<int, \stdClass>  $rows
     * @return list<LogLine>
     */
    public function lines(Collection $rows, DateTimeZone $zone): array
    {
        return array_values(
            $rows
                ->map(
                    static fn (object $row): LogLine => new LogLine(
                        (int) $row->id,
                        (new DateTimeImmutable($row->at, new DateTimeZone('UTC')))->setTimezone($zone),
                        (string) $row->who,
                        (string) $row->did,
                        self::changes($row->changes),
                        $row->note,
                    ),
                )
                ->values()
                ->all(),
        );
    }

    /** @return array<string, array{mixed, mixed}> without the prices, for those who may not see costs */
    private static function changes(?string $json): array
    {
        $changes = $json === null ? [] : (array) json_decode($json, true);

        $seesCosts = Rights::has(Right::SeeCosts);
        $shown = [];
        foreach ($changes as $field => $change) {
            $isCost = str_starts_with($field, self::COST) || in_array($field, self::COSTS, true);
            if ($seesCosts || ! $isCost) {
                $shown[str_starts_with($field, self::COST) ? substr($field, strlen(self::COST)) : $field] = $change;
            }
        }

        return $shown;
    }
}
