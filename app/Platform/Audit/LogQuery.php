<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Subject;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;

/** The log of a record: newest first, a page at a time. */
final class LogQuery
{
    /** @return list<LogLine> at most $most, older than entry $before where given */
    public function of(Subject $subject, DateTimeZone $zone, int $most = 12, ?int $before = null): array
    {
        $query = DB::table('audit_subjects as s')->join('audit_entries as e', 'e.id', '=', 's.audit_entry_id')
            ->where('s.kind', $subject->kind)->where('s.subject_id', $subject->id)
            ->orderByDesc('s.audit_entry_id')->limit($most)->select('e.*');
        if ($before !== null) {
            $query->where('s.audit_entry_id', '<', $before);
        }

        return $query->get()->map(fn (object $row): LogLine => new LogLine(
            (int) $row->id,
            (new DateTimeImmutable($row->at, new DateTimeZone('UTC')))->setTimezone($zone),
            (string) $row->who,
            (string) $row->did,
            $row->changes === null ? [] : json_decode((string) $row->changes, true),
            $row->note,
        ))->values()->all();
    }
}
