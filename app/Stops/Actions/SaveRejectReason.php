<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Stops\Inputs\RejectReasonInput;
use App\Stops\Models\RejectReason;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Adds a reason for which pieces are rejected, or changes it. */
final readonly class SaveRejectReason
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: taken, too_deep. */
    public function __invoke(
        Actor $by,
        RejectReason $reason,
        RejectReasonInput $said,
        ?int $version = null,
    ): RejectReason {
        return DB::transaction(function () use ($by, $reason, $said, $version): RejectReason {
            $isNew = ! $reason->exists;
            $reason = $isNew ? $reason : Versioned::lock($reason, $version);
            if (RejectReason::query()->where('name', $said->name)->whereKeyNot($reason->id ?? 0)->exists()) {
                throw InvalidInput::because('taken', 'name', "There is a reason “{$said->name}” already.");
            }
            $this->checkTree($reason, $said);
            $before = $isNew ? [] : $reason->only(array_keys($said->facts()));
            $reason->fill($said->facts())->save();
            $this->audit->record(
                $by,
                $reason->subject(),
                ($isNew ? 'added' : 'changed')." the reject reason “{$reason->name}”",
                $isNew ? [] : Audit::difference($before, $said->facts()),
            );

            return $reason;
        });
    }

    /** There are two levels, as of stops. */
    private function checkTree(RejectReason $reason, RejectReasonInput $said): void
    {
        if ($said->parentId === null) {
            return;
        }
        $parent = RejectReason::query()->find($said->parentId);
        $isParent = $reason->exists && RejectReason::query()->where('parent_id', $reason->id)->exists();
        if ($parent === null || $parent->parent_id !== null || $parent->id === $reason->id || $isParent) {
            throw InvalidInput::because(
                'too_deep',
                'parent_id',
                'A reason stands at the top, or under one that does and has none above it.',
            );
        }
    }
}
