<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Stops\Inputs\ReasonInput;
use App\Stops\Models\StopReason;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Adds a reason for which machines stand, or changes it; stops that named it keep the kind that it had. */
final readonly class SaveStopReason
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: taken, too_deep. */
    public function __invoke(Actor $by, ?StopReason $reason, ReasonInput $said, ?int $version = null): StopReason
    {
        return DB::transaction(function () use ($by, $reason, $said, $version): StopReason {
            $isNew = $reason === null;
            $reason = $isNew ? new StopReason() : Versioned::lock($reason, $version);
            if (StopReason::query()->where('name', $said->name)->whereKeyNot($reason->id ?? 0)->exists()) {
                throw InvalidInput::because('taken', 'name', "There is a reason “{$said->name}” already.");
            }
            $this->checkTree($reason, $said);
            $before = $isNew ? [] : $reason->only(array_keys($said->facts()));
            $reason->fill($said->facts())->save();
            $this->audit->record(
                $by,
                $reason->subject(),
                ($isNew ? 'added' : 'changed')." the stop reason “{$reason->name}”",
                $isNew ? [] : Audit::difference($before, $said->facts()),
            );

            return $reason;
        });
    }

    /** There are two levels: a reason, and the one under which it is added up. */
    private function checkTree(StopReason $reason, ReasonInput $said): void
    {
        if ($said->parentId === null) {
            return;
        }
        $parent = StopReason::query()->find($said->parentId);
        $isParent = $reason->exists && StopReason::query()->where('parent_id', $reason->id)->exists();
        if ($parent === null || $parent->parent_id !== null || $parent->id === $reason->id || $isParent) {
            throw InvalidInput::because(
                'too_deep',
                'parent_id',
                'A reason stands at the top, or under one that does and has none above it.',
            );
        }
    }
}
