<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Inputs\MethodInput;
use App\Planning\Methods\RevisionContent;
use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\RevisionState;

/**
 * Adds a method, or writes its next revision as a draft; a draft that is written again is replaced. What is in force
 * is never edited, and
 * orders already made keep the revision they were made from.
 */
final readonly class SaveMethod
{
    public function __construct(private Audit $audit, private Clock $clock, private PutInForce $putInForce)
    {
    }

    /**
     * @param  bool  $draft  whether it stays a draft
     */
    public function __invoke(
        Actor $by,
        ?Method $method,
        MethodInput $input,
        ?int $version = null,
        bool $draft = false,
    ): Method {
        return DB::transaction(function () use ($by, $method, $input, $version, $draft): Method {
            $isNew = $method === null;
            $next = $input->content;
            $method = $isNew ? new Method() : Versioned::lock($method, $version);
            $revisions = $isNew
                ? collect()
                : $method
                    ->revisions()
                    ->with(MethodRevision::WHOLE)
                    ->whereIn('state', [RevisionState::InForce, RevisionState::Draft])
                    ->get()
                    ->keyBy(static fn (MethodRevision $one): string => $one->state->value);
            [$inForce, $standing] = [
                $revisions->get(RevisionState::InForce->value),
                $revisions->get(RevisionState::Draft->value),
            ];
            $before = $isNew
                ? []
                : $method->only(['code', 'name', 'class_id']) +
                    (($standing ?? $inForce) === null ? [] : RevisionContent::of($standing ?? $inForce)->all());
            $method->fill($input->facts());
            $same = $inForce !== null && RevisionContent::of($inForce)->says($next);
            if ($same && $standing === null && ! Versioned::differs($method)) {
                return $method->refresh();
            }
            $method->save();
            $this->discard($standing);
            if (! $same) {
                $next->write($method, [
                    'number' => (int) MethodRevision::query()->where('method_id', $method->id)->max('number') + 1,
                    'state' => RevisionState::Draft,
                    'made_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
                ]);
            }
            $did = match (true) {
                $isNew => "added method {$method->name}",
                $same => "changed method {$method->name}",
                default => "wrote a draft of {$method->name}",
            };
            $this->audit->record(
                $by,
                Subject::of('method', $method->id),
                $did,
                Audit::difference($before, $method->only(['code', 'name', 'class_id']) + $next->all()),
            );

            return $draft || $same ? $method : ($this->putInForce)($by, $method, $input->why);
        });
    }

    /** A draft was never worked by; it leaves no trace but the log's. */
    private function discard(?MethodRevision $draft): void
    {
        $draft?->steps()->delete();
        $draft?->labour()->delete();
        $draft?->parts()->delete();
        $draft?->services()->delete();
        $draft?->delete();
    }
}
