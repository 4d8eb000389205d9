<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Inputs\MethodInput;
use App\Planning\Methods\RevisionContent;
use App\Planning\Models\Method;
use App\Planning\Queries\RevisionToChange;
use App\Platform\Audit\Actor;
use Illuminate\Support\Facades\DB;

/** Takes a part at a level off a method: its next revision, without that line, is put in force at once. */
final readonly class TakePartOff
{
    public function __construct(private SaveMethod $save, private RevisionToChange $revision)
    {
    }

    public function __invoke(Actor $by, Method $method, string $number, int $level): void
    {
        DB::transaction(function () use ($by, $method, $number, $level): void {
            $method = Method::query()->lockForUpdate()->findOrFail($method->id);
            $content = RevisionContent::of(($this->revision)($method))->without($number, $level);
            ($this->save)($by, $method, MethodInput::revised($method, $content, "takes no {$number} any more"));
        });
    }
}
