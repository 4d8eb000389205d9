<?php

declare(strict_types=1);

namespace App\Platform\Drafts;

use App\Platform\Clock\Clock;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Keeps what people typed on sheets: one row for each person and record, on whatever device they go on. */
final readonly class Drafts
{
    /** Days after which a draft that nobody came back to is forgotten. */
    private const DAYS = 60;

    public function __construct(private Clock $clock)
    {
    }

    public function of(int $userId, Subject $subject): Draft
    {
        $kept = DB::table('drafts')->where($this->key($userId, $subject))->value('forms');
        try {
            return $kept === null ? Draft::none() : Draft::parse((string) $kept);
        } catch (InvalidInput) {
            return Draft::none();
        }
    }

    public function keep(int $userId, Subject $subject, Draft $draft): void
    {
        if ($draft->isEmpty()) {
            DB::table('drafts')->where($this->key($userId, $subject))->delete();

            return;
        }
        DB::table('drafts')->updateOrInsert($this->key($userId, $subject), [
            'forms' => json_encode($draft->forms, JSON_THROW_ON_ERROR),
            'kept_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
        ]);
    }

    /** Harmless when run twice. */
    public function forgetOld(): void
    {
        $before = $this->clock->now()->modify('-'.self::DAYS.' days');
        DB::table('drafts')->where('kept_at', '<', $before->format('Y-m-d H:i:s'))->delete();
    }

    /** @return array{user_id: int, kind: string, record_id: int} */
    private function key(int $userId, Subject $subject): array
    {
        return ['user_id' => $userId, 'kind' => $subject->kind, 'record_id' => $subject->id];
    }
}
