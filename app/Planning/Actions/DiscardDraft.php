<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Method;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Throws the draft of a method away; a method that was never in force keeps its only draft. */
final readonly class DiscardDraft
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Method $method): void
    {
        DB::transaction(function () use ($by, $method): void {
            $method = Method::query()->lockForUpdate()->findOrFail($method->id);
            $draft = $method->draft()->first();
            if ($draft === null) {
                return;
            }
            if ($method->inForce()->doesntExist()) {
                throw InvalidInput::because(
                    'only_draft',
                    'form',
                    'This draft is all that the method says so far. Change it instead.',
                );
            }
            $draft->steps()->delete();
            $draft->labour()->delete();
            $draft->parts()->delete();
            $draft->services()->delete();
            $draft->delete();
            $this->audit->record(
                $by,
                Subject::of('method', $method->id),
                "threw away the draft of {$method->name}",
                [
                    'draft' => [$draft->number, null],
                ],
            );
        });
    }
}
