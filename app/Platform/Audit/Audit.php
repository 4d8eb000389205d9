<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Clock\Clock;
use App\Platform\Subject;
use Closure;
use Illuminate\Support\Facades\DB;

/** Writes down who changed what, when, from which value to which. Entries are never edited; the database refuses it. */
final readonly class Audit
{
    public function __construct(private Clock $clock, private AuditTogether $together)
    {
    }

    /**
     * @param  string  $did  what happened, as a sentence without its subject: "released W-1042"
     * @param  array<string, array{mixed, mixed}>  $changes  old and new value by field
     * @param  list<Subject>  $also  other records in whose log this stands too
     */
    public function record(
        Actor $by,
        Subject $subject,
        string $did,
        array $changes = [],
        ?string $note = null,
        array $also = [],
    ): void {
        if ($changes === [] && $this->together->holds($by, $subject, $did, $note, $also)) {
            return;
        }
        $id = DB::table('audit_entries')->insertGetId([
            'at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            'user_id' => $by->id,
            'who' => $by->name,
            'kind' => $subject->kind,
            'subject_id' => $subject->id,
            'site_id' => $subject->siteId,
            'did' => mb_substr($did, 0, 250),
            'changes' => $changes === [] ? null : json_encode($changes, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'note' => self::note($note),
        ]);
        $links = [];
        foreach ([$subject, ...$also] as $about) {
            $links["{$about->kind} {$about->id}"] = [
                'audit_entry_id' => $id,
                'kind' => $about->kind,
                'subject_id' => $about->id,
            ];
        }
        DB::table('audit_subjects')->insert(array_values($links));
    }

    /**
     * The same for many records at once, with few statements.
     *
     * @param  list<array{0: Subject, 1: string, 2: list<Subject>, 3?: string|null}>  $entries what, what happened, in
     *     whose log it stands too, and a note
     */
    public function recordMany(Actor $by, array $entries): void
    {
        foreach (array_chunk($entries, 500) as $chunk) {
            $at = $this->clock->now()->format('Y-m-d H:i:s.u');
            DB::table('audit_entries')->insert(
                array_map(
                    static fn (array $entry): array => [
                        'at' => $at,
                        'user_id' => $by->id,
                        'who' => $by->name,
                        'kind' => $entry[0]->kind,
                        'subject_id' => $entry[0]->id,
                        'site_id' => $entry[0]->siteId,
                        'did' => mb_substr($entry[1], 0, 250),
                        'note' => self::note($entry[3] ?? null),
                    ],
                    $chunk,
                ),
            );
            // One statement's rows are numbered in a row (InnoDB, simple insert).
            $first = (int) DB::getPdo()->lastInsertId();
            $links = [];
            foreach ($chunk as $i => [$subject, , $also]) {
                foreach ([$subject, ...$also] as $about) {
                    $links[] = ['audit_entry_id' => $first + $i, 'kind' => $about->kind, 'subject_id' => $about->id];
                }
            }
            DB::table('audit_subjects')->insert($links);
        }
    }

    /**
     * Writes the entries of what is done meanwhile together, at its end; entries that hold changes are written at once.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function together(Closure $work): mixed
    {
        if (! $this->together->begin()) {
            return $work();
        }
        try {
            $done = $work();
        } finally {
            $held = $this->together->end();
        }
        if ($held !== null) {
            $this->recordMany(...$held);
        }

        return $done;
    }

    private static function note(?string $note): ?string
    {
        return $note === null || $note === '' ? null : mb_substr($note, 0, 2000);
    }

    /**
     * The old and new values of the fields that differ.
     *
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return array<string, array{mixed, mixed}>
     */
    public static function difference(array $before, array $after): array
    {
        $changes = [];
        foreach ($after as $field => $value) {
            $old = $before[$field] ?? null;
            if (
                (string) json_encode($old) !== (string) json_encode($value) &&
                (string) (is_scalar($old) ? $old : json_encode($old)) !==
                    (string) (is_scalar($value) ? $value : json_encode($value))
            ) {
                $changes[$field] = [$old, $value];
            }
        }

        return $changes;
    }
}
