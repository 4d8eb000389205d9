<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Stops\Models\RejectReason;
use App\Stops\Models\StopReason;
use Illuminate\Support\Facades\DB;
use Sundial\Stops\ReasonTree;
use Sundial\Support\InvalidInput;

/** Adds a reason to its tree, of stops or of rejects, or changes it. */
final readonly class KeepReason
{
    public function __construct(private Audit $audit)
    {
    }

    /**
     * @template T of StopReason|RejectReason
     *
     * @param  T  $reason
     * @param  array<string, mixed>  $facts
     * @return T
     *
     * Refuses: taken, too_deep.
     */
    public function __invoke(
        Actor $by,
        StopReason|RejectReason $reason,
        array $facts,
        ?int $version = null,
    ): StopReason|RejectReason {
        return DB::transaction(function () use ($by, $reason, $facts, $version): StopReason|RejectReason {
            $isNew = ! $reason->exists;
            $reason = $isNew ? $reason : Versioned::lock($reason, $version);
            $name = $facts['name'];
            if ($reason->newQuery()->where('name', $name)->whereKeyNot($reason->id ?? 0)->exists()) {
                throw InvalidInput::because('taken', 'name', "There is a reason “{$name}” already.");
            }
            $this->checkTree($reason, $facts['parent_id']);
            $before = $isNew ? [] : $reason->only(array_keys($facts));
            $reason->fill($facts);
            if (! Versioned::save($reason)) {
                return $reason;
            }
            $this->audit->record(
                $by,
                $reason->subject(),
                ($isNew ? 'added' : 'changed')." the {$reason->subject()->kind} “{$reason->name}”",
                $isNew ? [] : Audit::difference($before, $facts),
            );

            return $reason;
        });
    }

    private function checkTree(StopReason|RejectReason $reason, ?int $parentId): void
    {
        if ($parentId === null) {
            return;
        }
        $parent = $reason->newQuery()->find($parentId);
        ReasonTree::checkUnder(
            $parent !== null && $parent->parent_id === null,
            $parentId === ($reason->id ?? null),
            $reason->exists && $reason->newQuery()->where('parent_id', $reason->id)->exists(),
        );
    }
}
